import type { PlannedDay } from '../../api/client';
import { NumberField } from '../../shared/NumberField';
import { SelectField } from '../../shared/SelectField';
import { useUnits } from '../../units/UnitContext';
import { asks, day, kindOf, type DayChoice } from '../days';
import { usePlan } from '../PlanContext';
import { useRange } from './useRange';

const notes: Record<string, string> = {
  weekday: 'town and country, about half an hour each way',
  commute: 'town only',
  country: 'brisk corners for a quarter of an hour',
  towing: 'main roads with something behind',
  descent: 'held on the brakes in a gear, then parked at the foot',
  autocross: 'a minute between cones, minutes of waiting',
  strip: 'one stop from speed, then the queue',
  hill: 'up against the clock, rolled down',
  'flying-lap': 'out, one lap, in',
  'track-day': 'sessions as the sentence says',
  endurance: 'one long stint',
};

const most = 8;

/** The kinds of day that the car sees, each with how often a year. */
export function DaysEditor() {
  const { told } = useUnits();
  const { shelf, draft, change } = usePlan();
  const range = useRange();
  if (!draft) return null;
  const { days } = draft;
  // Upon the days as they stand then, which this page may not have drawn yet.
  const set = (next: (now: PlannedDay[]) => PlannedDay[]) => change((old) => ({ ...old, days: next(old.days) }));
  const edit = (at: number, changes: Partial<PlannedDay>) =>
    set((now) => now.map((planned, i) => (i === at ? { ...planned, ...changes } : planned)));
  const left = shelf.dayKinds.filter((kind) => days.every((planned) => planned.kind !== kind.code));
  return (
    <>
      <ul className="day-list">
        {days.map((planned, at) => {
          const kind = kindOf(planned, shelf);
          const name = kind ? told(kind.name) : planned.kind;
          return (
            <li key={`${planned.kind} ${at}`} aria-label={name}>
              <header>
                <h3>{name}</h3>
                <span className="field-hint">{notes[planned.kind]}</span>
                {days.length > 1 && (
                  <button type="button" className="btn btn-link" onClick={() => set((now) => now.filter((_, i) => i !== at))}>
                    Remove {name}
                  </button>
                )}
              </header>
              <div className="field-grid">
                <NumberField
                  label="Days a year"
                  value={planned.daysAYear}
                  range={range('days.daysAYear')}
                  onChange={(daysAYear) => edit(at, { daysAYear })}
                />
                {kind && <DayFields planned={planned} kind={kind} edit={(changes) => edit(at, changes)} />}
              </div>
            </li>
          );
        })}
      </ul>
      <div className="field-grid">
        {days.length < most && (
          <SelectField
            label="It also sees"
            value=""
            options={[
              { value: '', label: 'nothing else' },
              ...left.map((kind) => ({ value: kind.code, label: `${told(kind.name)}: ${notes[kind.code] ?? ''}` })),
            ]}
            onChange={(code) => {
              const kind = shelf.dayKinds.find((one) => one.code === code);
              if (kind) set((now) => [...now, day(kind.code, kind.usualDays)]);
            }}
          />
        )}
        {asks(days, shelf).share && (
          <NumberField
            label="Share of its miles on the road"
            hint="weighs road manners against the track"
            value={draft.roadPercent}
            range={range('roadPercent')}
            onChange={(roadPercent) => change((old) => ({ ...old, roadPercent }))}
          />
        )}
      </div>
      <p className="note">Each kind of day is judged with the soak after it; the verdict is that of the worst.</p>
    </>
  );
}

function DayFields({ planned, kind, edit }: { planned: PlannedDay; kind: DayChoice; edit: (changes: Partial<PlannedDay>) => void }) {
  const range = useRange();
  const stint = planned.stint ?? kind.usualStint;
  const runs = kind.shape === 'runs';
  return (
    <>
      {kind.ownStint && stint && (
        <>
          <NumberField
            label={runs ? 'Runs' : 'Sessions'}
            value={stint.sessions}
            range={range('stint.sessions')}
            onChange={(value) => edit({ stint: { ...stint, sessions: Math.round(value) } })}
          />
          {!runs && stint.hotLapsEach == null && (
            <NumberField
              label="Minutes in a session"
              value={stint.minutesEach}
              range={range('stint.minutesEach')}
              onChange={(minutesEach) => edit({ stint: { ...stint, minutesEach } })}
            />
          )}
          <NumberField
            label={runs ? 'Wait after a run' : 'Rest between sessions'}
            value={stint.restMinutes}
            range={range('stint.restMinutes')}
            onChange={(restMinutes) => edit({ stint: { ...stint, restMinutes } })}
          />
        </>
      )}
      {kind.place && (
        <label className="check">
          <input type="checkbox" checked={planned.atCircuit} onChange={(event) => edit({ atCircuit: event.target.checked })} /> At the
          circuit of the plan, not a typical course
        </label>
      )}
      {kind.haul && (
        <NumberField
          label="Speed at the end of a haul"
          hint="left empty: what the car reaches in a quarter mile"
          value={planned.fromKmh ?? undefined}
          range={range('days.fromKmh')}
          onChange={(fromKmh) => edit({ fromKmh })}
          onClear={() => edit({ fromKmh: undefined })}
        />
      )}
      {kind.slope && (
        <>
          <NumberField
            label="Height"
            hint="top to foot"
            value={planned.dropM}
            range={range('days.dropM')}
            onChange={(dropM) => edit({ dropM })}
          />
          <NumberField
            label="Slope"
            value={planned.slopePercent}
            range={range('days.slopePercent')}
            onChange={(slopePercent) => edit({ slopePercent })}
          />
          <SelectField
            label="Gear on the way down"
            value={planned.gear ?? 'top'}
            options={[
              { value: 'top', label: 'the gear it is cruised in' },
              { value: 'third', label: 'third' },
              { value: 'second', label: 'second' },
            ]}
            onChange={(gear) => edit({ gear })}
          />
        </>
      )}
      {kind.trailer && (
        <>
          <NumberField
            label="Trailer"
            hint="0 for none"
            value={planned.trailerKg}
            range={range('days.trailerKg')}
            onChange={(trailerKg) => edit({ trailerKg })}
          />
          {planned.trailerKg > 0 && (
            <label className="check">
              <input type="checkbox" checked={planned.trailerBraked} onChange={(event) => edit({ trailerBraked: event.target.checked })} />{' '}
              The trailer has brakes
            </label>
          )}
        </>
      )}
    </>
  );
}
