import type { CarBody, CarLayout } from '../../api/client';
import { useRange } from '../../plan/editors/useRange';
import { NumberField } from '../../shared/NumberField';
import { useUnits } from '../../units/UnitContext';
import { isElectric, type Asked } from './answers';
import { Presses } from './Presses';

const layouts: { value: CarLayout; label: string }[] = [
  { value: 'frontDrive', label: 'front drive' },
  { value: 'rearDrive', label: 'rear drive' },
  { value: 'allWheel', label: 'all wheels' },
  { value: 'midEngine', label: 'mid engine' },
  { value: 'rearEngine', label: 'rear engine' },
  { value: 'electric', label: 'electric' },
  { value: 'electricFront', label: 'electric, front drive' },
];
const bodies: { value: CarBody; label: string }[] = [
  { value: 'roadster', label: 'roadster' },
  { value: 'saloon', label: 'saloon, hatch, estate' },
  { value: 'tall', label: 'van or off-roader' },
];

/** How heavy, how strong, and of what kind the car is. */
export function CarQuestions({ now, set }: Asked) {
  const { show } = useUnits();
  const range = useRange();
  return (
    <fieldset>
      <legend>How heavy, how strong?</legend>
      <button type="button" className="btn btn-link" aria-pressed={now.motorcycle} onClick={() => set({ motorcycle: !now.motorcycle })}>
        {now.motorcycle ? 'It is a car after all' : 'It is a motorcycle'}
      </button>
      <NumberField
        label="Mass with driver"
        hint={now.motorcycle ? 'with rider and fuel' : undefined}
        value={now.massKg}
        range={range('car.massKg', now.motorcycle ? 'Mass with rider' : undefined)}
        onChange={(mass) => set({ massKg: mass })}
      />
      <NumberField label="Power" value={now.powerKw} range={range('car.powerKw')} onChange={(power) => set({ powerKw: power })} />
      {!now.motorcycle && (
        <>
          <Presses label="Drive" choices={layouts} chosen={now.layout} onChoose={(next) => set({ layout: next })} />
          <Presses label="Shape" choices={bodies} chosen={now.body} onChoose={(next) => set({ body: next })} />
          {isElectric(now) && (
            <NumberField
              label="Regeneration slows by"
              hint={`0.2 g is ${show(1.96, 'm/s2', 1)}; empty: usual`}
              value={now.regenerationMS2}
              range={range('car.regenerationMS2')}
              onChange={(regenerationMS2) => set({ regenerationMS2 })}
              onClear={() => set({ regenerationMS2: undefined })}
            />
          )}
        </>
      )}
    </fieldset>
  );
}
