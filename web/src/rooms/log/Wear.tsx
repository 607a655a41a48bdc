import { useQuery } from '@tanstack/react-query';
import type { PredictionPlan } from '../../api/client';
import { forecastWear } from '../../api/log';
import { useUnits } from '../../units/UnitContext';

/** How fast pads really wear, and the laps that are left. */
export function Wear({ car, plan }: { car: string; plan: PredictionPlan }) {
  const { show, band } = useUnits();
  const query = useQuery({ queryKey: ['log', car, 'wear', plan], queryFn: ({ signal }) => forecastWear(car, plan, signal), retry: false });
  const page = query.data;
  return (
    <section aria-label="Wear" className="wear">
      <header className="section-head">
        <h2>Wear</h2>
        <span className="section-note">measured against predicted; 8 in 10 in brackets</span>
      </header>
      {page && page.parts.length === 0 && (
        <p className="note">Measure the pads on the stands, with the laps since: two times tell how fast they go.</p>
      )}
      <ul>
        {page?.parts.map((part) => (
          <li key={part.part}>
            <b>{part.part}</b>: {show(part.left, part.unit, part.unit === 'kg' ? 2 : 1)} above the limit.{' '}
            {part.lapsLeft
              ? `About ${part.lapsLeft.p50.toFixed(0)} hot laps left (${part.lapsLeft.p10.toFixed(0)} to ${part.lapsLeft.p90.toFixed(0)}). `
              : ''}
            {part.readings > 0
              ? `They wear ×${part.factor.p50.toFixed(2)} (${part.factor.p10.toFixed(2)} to ${part.factor.p90.toFixed(2)}) of what was predicted, by ${part.readings} measurement${part.readings === 1 ? '' : 's'}.`
              : `Measured once: how fast is still a guess (×${part.factor.p10.toFixed(1)} to ×${part.factor.p90.toFixed(1)} of what is predicted).`}
            {part.part.endsWith('rotors') && ' By thickness alone; cracks end a ring earlier.'}
            {part.part.endsWith('mass') && ' By mass alone; its surface is judged by eye.'}
          </li>
        ))}
      </ul>
      {page?.cost && (
        <p>
          <b>Cost so far:</b> {page.cost.perHour.toFixed(1)} for each track hour by what was measured, against{' '}
          {page.cost.planned.p50.toFixed(1)} ({page.cost.planned.p10.toFixed(1)} to {page.cost.planned.p90.toFixed(1)}) by the plan:{' '}
          {page.cost.lines
            .map(
              (line) =>
                `${line.what} ${line.perHour.toFixed(1)} against ${line.planned.p50.toFixed(1)}, ${line.spent.toFixed(0)} ${line.what === 'fluid' ? 'flushed' : 'worn off'}`,
            )
            .join('; ')}
          . In your currency; work not counted, fluid against one flush a year.
        </p>
      )}
      {page?.levelFallMm != null && (
        <p className="note">
          Worn pads should have let the fluid fall by about{' '}
          {band({ p10: page.levelFallMm * 0.7, p50: page.levelFallMm, p90: page.levelFallMm * 1.3 }, 'mm')}: that much below the mark is no
          leak, and is not topped up.
        </p>
      )}
    </section>
  );
}
