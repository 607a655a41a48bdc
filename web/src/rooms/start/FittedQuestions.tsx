import { useRange } from '../../plan/editors/useRange';
import { usePlan } from '../../plan/PlanContext';
import { NumberField } from '../../shared/NumberField';
import { useUnits } from '../../units/UnitContext';
import type { Asked } from './answers';

/** What is fitted now, and how old it is. */
export function FittedQuestions({ now, set }: Asked) {
  const { told } = useUnits();
  const { shelf } = usePlan();
  const range = useRange();
  return (
    <fieldset>
      <legend>What is fitted now?</legend>
      <div className="field">
        <label htmlFor="new-pad">Pads</label>
        <select id="new-pad" className="form-select" value={now.pad} onChange={(event) => set({ pad: event.target.value })}>
          {shelf.padFamilies.map((family) => (
            <option key={family.code} value={family.code}>
              {told(family.name)}
              {family.code === 'organic' ? ' (usual)' : ''}
            </option>
          ))}
        </select>
      </div>
      <div className="field">
        <label htmlFor="new-fluid">Fluid</label>
        <select id="new-fluid" className="form-select" value={now.fluid} onChange={(event) => set({ fluid: event.target.value })}>
          {shelf.fluidClasses
            .filter((row) => row.code.startsWith('dot'))
            .map((row) => (
              <option key={row.code} value={row.code}>
                {told(row.name)}
              </option>
            ))}
        </select>
      </div>
      <NumberField
        label="Front disc’s diameter"
        hint="stamped on it"
        value={now.rotorMm}
        range={range('rotor.outerDiameterMm')}
        onChange={(mm) => set({ rotorMm: mm })}
      />
      <NumberField
        label="Age of the fluid"
        value={now.ageMonths}
        range={range('fluidState.ageMonths')}
        onChange={(months) => set({ ageMonths: months })}
      />
      <NumberField
        label="Age of the hoses"
        hint="or the car’s"
        value={now.hoseYears}
        range={range('hoseYears')}
        onChange={(hoseYears) => set({ hoseYears })}
        onClear={() => set({ hoseYears: undefined })}
      />
      {!now.motorcycle && (
        <div className="presses" role="group" aria-label="Kind of brakes">
          <button
            type="button"
            className={now.rearDrums ? 'press chosen' : 'press'}
            aria-pressed={now.rearDrums ?? false}
            onClick={() => set({ rearDrums: !now.rearDrums || undefined })}
          >
            drums at the rear
          </button>
          <button
            type="button"
            className={now.carbonDiscs ? 'press chosen' : 'press'}
            aria-pressed={now.carbonDiscs ?? false}
            onClick={() => set({ carbonDiscs: !now.carbonDiscs || undefined })}
          >
            carbon-ceramic discs
          </button>
        </div>
      )}
    </fieldset>
  );
}
