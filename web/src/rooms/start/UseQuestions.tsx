import { useRange } from '../../plan/editors/useRange';
import { usePlan } from '../../plan/PlanContext';
import { classParts } from '../../plan/wishes';
import { NumberField } from '../../shared/NumberField';
import type { Told } from '../../units/units';
import { useUnits } from '../../units/UnitContext';
import { circuitOf, daysAYearOf, ofKind, roadOnly, usualUses, type Asked } from './answers';

/** On what tyres, where, how it is driven, and what for. */
export function UseQuestions({ now, set }: Asked) {
  const { told } = useUnits();
  const { shelf } = usePlan();
  const range = useRange();
  const circuit = circuitOf(now, shelf);
  const uses = now.uses ?? usualUses;
  const use = (code: string) => set({ uses: uses.includes(code) ? uses.filter((one) => one !== code) : [...uses, code] });
  const tows = uses.some((code) => shelf.dayKinds.find((kind) => kind.code === code)?.trailer);
  return (
    <>
      <fieldset>
        <legend>On what tyres?</legend>
        <ToldSelect label="Tyres" rows={shelf.tyres} value={now.tyre} onChange={(tyre) => set({ tyre })} />
      </fieldset>
      <fieldset>
        <legend>Where, and how hard?</legend>
        <select aria-label="Circuit" className="form-select" value={circuit} onChange={(event) => set({ circuit: event.target.value })}>
          {shelf.content.circuits.map((item) => (
            <option key={item.id} value={item.id}>
              {item.body.name}
            </option>
          ))}
          {shelf.typicalCircuits.map((one, i) => (
            <option key={one.name} value={`${ofKind}${i}`}>
              a {one.name}
            </option>
          ))}
          <option value="typical">braking zones that I enter myself</option>
          <option value={roadOnly}>on the road only: no track</option>
        </select>
        <ToldSelect label="Pace" rows={shelf.paces} value={now.pace} onChange={(pace) => set({ pace })} />
      </fieldset>
      <fieldset>
        <legend>And what for, how often a year?</legend>
        <div className="presses" role="group" aria-label="Days of its year">
          {shelf.dayKinds.map((kind) => (
            <span key={kind.code} className="press-with">
              <button
                type="button"
                className={uses.includes(kind.code) ? 'press chosen' : 'press'}
                aria-pressed={uses.includes(kind.code)}
                onClick={() => use(kind.code)}
              >
                {told(kind.name)}
              </button>
              {uses.includes(kind.code) && (circuit !== roadOnly || kind.shape === 'road') && (
                <NumberField
                  bare
                  label={`${told(kind.name)}: days a year`}
                  value={daysAYearOf(now, kind)}
                  range={range('days.daysAYear')}
                  onChange={(days) => set({ daysAYear: { ...now.daysAYear, [kind.code]: days } })}
                />
              )}
            </span>
          ))}
        </div>
        {tows && (
          <>
            <NumberField
              label="Trailer"
              hint="with its load"
              value={now.trailerKg}
              range={range('days.trailerKg')}
              onChange={(trailerKg) => set({ trailerKg })}
              onClear={() => set({ trailerKg: undefined })}
            />
            <label className="check">
              <input
                type="checkbox"
                checked={now.trailerBraked ?? false}
                onChange={(event) => set({ trailerBraked: event.target.checked })}
              />{' '}
              braked
            </label>
          </>
        )}
        {uses.includes('autocross') && (
          <div className="presses" role="group" aria-label="Your class keeps as sold">
            <span className="presses-label">Class keeps as sold</span>
            {classParts.map(({ value, label }) => (
              <button
                key={value}
                type="button"
                className={now.classKeeps?.includes(value) ? 'press chosen' : 'press'}
                aria-pressed={now.classKeeps?.includes(value) ?? false}
                onClick={() => {
                  const held = now.classKeeps ?? [];
                  set({ classKeeps: held.includes(value) ? held.filter((one) => one !== value) : [...held, value] });
                }}
              >
                {label}
              </button>
            ))}
          </div>
        )}
      </fieldset>
    </>
  );
}

/** One of a table's rows, by name; the legend above asks. */
function ToldSelect({
  label,
  rows,
  value,
  onChange,
}: {
  label: string;
  rows: { code: string; name: Told }[];
  value: string;
  onChange: (code: string) => void;
}) {
  const { told } = useUnits();
  return (
    <select aria-label={label} className="form-select" value={value} onChange={(event) => onChange(event.target.value)}>
      {rows.map((row) => (
        <option key={row.code} value={row.code}>
          {told(row.name)}
        </option>
      ))}
    </select>
  );
}
