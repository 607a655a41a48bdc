import { NumberField } from '../../shared/NumberField';
import { usePlan } from '../PlanContext';
import { ChoiceList } from './ChoiceList';
import { useRange } from './useRange';
import { useUnits } from '../../units/UnitContext';

const paceNotes: Record<string, string> = {
  novice: 'lifts early, three quarters of the grip, 55 % of the limit lap’s braking',
  regular: 'a few days a year, 70 % of the limit lap’s braking',
  advanced: 'brakes late and hard, 85 % of the limit lap’s braking',
};

export function PaceEditor() {
  const { told } = useUnits();
  const { shelf, draft, change } = usePlan();
  const range = useRange();
  if (!draft) return null;
  return (
    <>
      <ChoiceList
        legend="How hard is it driven?"
        choices={shelf.paces.map((pace) => ({ id: pace.code, name: told(pace.name), note: paceNotes[pace.code] ?? '' }))}
        chosen={draft.pace}
        onChoose={(pace) => change((old) => ({ ...old, pace }))}
      />
      <label className="field">
        Who drives
        <input
          className="form-control"
          value={draft.refine?.driver ?? ''}
          maxLength={80}
          placeholder="you"
          onChange={(event) => {
            const driver = event.target.value;
            change((old) => ({ ...old, refine: { ...old.refine, driver: driver.trim() === '' ? undefined : driver } }));
          }}
        />
        <span className="note">what your log teaches of how late and hard one brakes holds for that driver alone</span>
      </label>
      <p className="note">Braking zones and recordings are taken as driven; pace changes only laps that Rimrock drives itself.</p>
      <NumberField
        label="Laps in which stability control acts"
        hint="it brakes a front wheel in the corners, unseen"
        value={draft.refine?.stabilityControlPercent ?? 0}
        range={range('stabilityControlPercent')}
        onChange={(stabilityControlPercent) => change((old) => ({ ...old, refine: { ...old.refine, stabilityControlPercent } }))}
      />
    </>
  );
}

export function StintEditor() {
  const { draft, change } = usePlan();
  const range = useRange();
  if (!draft) return null;
  const { stint } = draft;
  const edit = (changes: Partial<typeof stint>) => change((old) => ({ ...old, stint: { ...old.stint, ...changes } }));
  return (
    <div className="field-grid">
      <NumberField
        label="Sessions"
        value={stint.sessions}
        range={range('stint.sessions')}
        onChange={(value) => edit({ sessions: Math.round(value) })}
      />
      <NumberField
        label="Minutes in a session"
        hint="until the flag; the cool-down lap comes after"
        value={stint.minutesEach}
        range={range('stint.minutesEach')}
        onChange={(minutesEach) => edit({ minutesEach })}
      />
      <NumberField
        label="Rest between sessions"
        value={stint.restMinutes}
        range={range('stint.restMinutes')}
        onChange={(restMinutes) => edit({ restMinutes })}
      />
      <NumberField
        label="Cool-down laps"
        value={stint.coolDownLaps}
        range={range('stint.coolDownLaps')}
        onChange={(value) => edit({ coolDownLaps: Math.round(value) })}
      />
      <NumberField
        label="Cool-down pace"
        hint="speed over a hot lap’s"
        value={stint.coolDownPace}
        range={range('stint.coolDownPace')}
        onChange={(coolDownPace) => edit({ coolDownPace })}
      />
      <NumberField
        label="Out-lap pace"
        hint="speed over a hot lap’s"
        value={stint.outLapPace}
        range={range('stint.outLapPace')}
        onChange={(outLapPace) => edit({ outLapPace })}
      />
    </div>
  );
}

export function WeatherEditor() {
  const { draft, plan, change } = usePlan();
  const range = useRange();
  if (!draft) return null;
  return (
    <div className="field-grid">
      <NumberField
        label="Air temperature"
        value={draft.weather.ambientC}
        range={range('weather.ambientC')}
        onChange={(ambientC) => change((old) => ({ ...old, weather: { ...old.weather, ambientC } }))}
      />
      <label className="check">
        <input
          type="checkbox"
          checked={draft.weather.rain}
          onChange={(event) => change((old) => ({ ...old, weather: { ...old.weather, rain: event.target.checked } }))}
        />{' '}
        Wet track
      </label>
      {(plan?.car.regenerationMS2 ?? 0) > 0 && (
        <label className="check">
          <input
            type="checkbox"
            checked={draft.refine?.batteryFull ?? false}
            onChange={(event) => change((old) => ({ ...old, refine: { ...old.refine, batteryFull: event.target.checked } }))}
          />{' '}
          Battery full: no recuperation
        </label>
      )}
    </div>
  );
}
