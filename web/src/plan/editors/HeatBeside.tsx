import type { OutsideHeat } from '../../api/client';
import { NumberField } from '../../shared/NumberField';
import { SelectField } from '../../shared/SelectField';
import { usePlan } from '../PlanContext';
import { useRange } from './useRange';

const exhaust: Required<OutsideHeat> = { place: 'line', sourceC: 450, distanceMm: 60, sourceDiameterMm: 60, axle: 'front', kmAYear: 12000 };

/** Lines, and an exhaust or catalyst beside a line or caliper. */
export function HeatBeside() {
  const { draft, plan, change } = usePlan();
  const range = useRange();
  if (!draft || !plan) return null;
  const heat = plan.outsideHeat ? { ...exhaust, ...plan.outsideHeat } : null;
  const refine = (changes: NonNullable<typeof draft.refine>) => change((old) => ({ ...old, refine: { ...old.refine, ...changes } }));
  // Upon what stands then, which this page may not have drawn yet.
  const edit = (changes: Partial<OutsideHeat>) =>
    heat && change((old) => ({ ...old, refine: { ...old.refine, outsideHeat: { ...heat, ...old.refine?.outsideHeat, ...changes } } }));
  return (
    <div>
      <SelectField
        label="Flexible lines"
        value={plan.lines ?? 'rubber'}
        options={[
          { value: 'rubber', label: 'rubber' },
          { value: 'agedRubber', label: 'rubber, ten years and more' },
          { value: 'stiffFromWorks', label: 'stiff ones from the works' },
          { value: 'braided', label: 'braided' },
        ]}
        onChange={(lines) => refine({ lines })}
      />
      <NumberField
        label="Age of the hoses"
        hint="the car’s age where nobody changed them; nothing if nobody knows"
        value={plan.hoseYears ?? undefined}
        range={range('hoseYears')}
        onChange={(hoseYears) => refine({ hoseYears })}
        onClear={() => refine({ hoseYears: undefined })}
      />
      <label className="check">
        <input
          type="checkbox"
          checked={heat !== null}
          onChange={(event) => refine({ outsideHeat: event.target.checked ? exhaust : undefined })}
        />{' '}
        An exhaust or catalyst runs beside a line or caliper
      </label>
      {heat && (
        <>
          <SelectField
            label="Beside"
            value={heat.place}
            options={[
              { value: 'line', label: 'the line' },
              { value: 'caliper', label: 'the caliper' },
            ]}
            onChange={(place) => edit({ place })}
          />
          <SelectField
            label="Of the"
            value={heat.axle}
            options={[
              { value: 'front', label: 'front' },
              { value: 'rear', label: 'rear' },
            ]}
            onChange={(axle) => edit({ axle })}
          />
          {heat.place === 'line' && (
            <NumberField
              label="Driven a year"
              value={heat.kmAYear}
              range={range('outsideHeat.kmAYear')}
              onChange={(kmAYear) => edit({ kmAYear })}
            />
          )}
          <NumberField
            label="Its surface"
            value={heat.sourceC}
            range={range('outsideHeat.sourceC')}
            onChange={(sourceC) => edit({ sourceC })}
          />
          <NumberField
            label="Clear distance"
            value={heat.distanceMm}
            range={range('outsideHeat.distanceMm')}
            onChange={(distanceMm) => edit({ distanceMm })}
          />
        </>
      )}
    </div>
  );
}
