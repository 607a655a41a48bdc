import { today } from '../plan/carKey';

/** A day in the past; an empty one says what is missing. */
export function DayField({ day, onChange }: { day: string; onChange: (day: string) => void }) {
  return (
    <label className="field">
      Day
      <input
        type="date"
        className={`form-control${day === '' ? ' is-invalid' : ''}`}
        value={day}
        max={today()}
        onChange={(event) => onChange(event.target.value)}
      />
      <span className="field-problem">{day === '' ? `Which day? Any from 1950-01-01 to ${today()}.` : ''}</span>
    </label>
  );
}
