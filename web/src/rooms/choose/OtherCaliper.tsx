import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { readCaliper } from '../../api/choose';
import { type AxleBrake, type PredictionPlan } from '../../api/client';
import { useRange } from '../../plan/editors/useRange';
import { NumberField } from '../../shared/NumberField';
import { ProblemNote } from '../../shared/ProblemNote';
import { SelectField } from '../../shared/SelectField';
import { CaliperReading } from './CaliperReading';

/** Other front calipers: piston area, balance, pedal travel and the wheel, before anything is bought. */
export function OtherCaliper({ plan }: { plan: PredictionPlan }) {
  const range = useRange();
  const [front, setFront] = useState<AxleBrake>({ ...plan.car.front, caliper: 'fixed', pistonsMm: [40, 36] });
  const [other, setOther] = useState<{ frontRotorMm?: number; rearPistonMm?: number; masterCylinderMm?: number }>({});
  const [open, setOpen] = useState(false);
  const reading = useQuery({
    queryKey: ['caliper', plan, front, other],
    queryFn: ({ signal }) => readCaliper(plan, front, other, signal),
    enabled: open,
    retry: false,
    staleTime: Infinity,
  });
  const swap = reading.data;
  return (
    <details className="other-caliper" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>Other front calipers?</summary>
      <SelectField
        label="Caliper"
        value={front.caliper}
        options={[
          { value: 'sliding', label: 'sliding' },
          { value: 'fixed', label: 'fixed, pistons on both sides' },
          { value: 'onePiece', label: 'fixed, cut from one piece' },
        ]}
        onChange={(caliper) => setFront({ ...front, caliper })}
      />
      {front.pistonsMm.map((mm, i) => (
        <NumberField
          key={i}
          label={`Piston ${i + 1}${front.caliper === 'sliding' ? '' : ', one side'}`}
          value={mm}
          range={range('axle.pistonsMm')}
          onChange={(next) => setFront({ ...front, pistonsMm: front.pistonsMm.map((old, j) => (i === j ? next : old)) })}
        />
      ))}
      <p>
        <button
          type="button"
          className="btn btn-link"
          disabled={front.pistonsMm.length >= 4}
          onClick={() => setFront({ ...front, pistonsMm: [...front.pistonsMm, 32] })}
        >
          One piston more
        </button>
        <button
          type="button"
          className="btn btn-link"
          disabled={front.pistonsMm.length <= 1}
          onClick={() => setFront({ ...front, pistonsMm: front.pistonsMm.slice(0, -1) })}
        >
          One less
        </button>
      </p>
      {(
        [
          ['frontRotorMm', 'Front rotors, diameter', 'rotor.outerDiameterMm', plan.frontRotor.outerDiameterMm],
          ['rearPistonMm', 'Rear piston', 'axle.pistonsMm', plan.car.rear.pistonsMm[0]],
          ['masterCylinderMm', 'Master cylinder', 'car.hydraulics.masterCylinderMm', plan.car.hydraulics.masterCylinderMm],
        ] as const
      ).map(([key, label, field, now]) => (
        <NumberField
          key={key}
          label={label}
          value={other[key] ?? now}
          range={range(field)}
          onChange={(mm) => setOther({ ...other, [key]: mm })}
        />
      ))}
      {reading.error && <ProblemNote error={reading.error} />}
      {swap && <CaliperReading swap={swap} nowMm={plan.car.hydraulics.masterCylinderMm} />}
    </details>
  );
}
