import { useQuery } from '@tanstack/react-query';
import type { PredictionPlan } from '../../api/client';
import { forecastWear, type WearPage } from '../../api/log';
import { DataTable } from '../../shared/DataTable';
import { useUnits } from '../../units/UnitContext';

const planned = (band: { p10: number; p50: number; p90: number }) =>
  band.p10 === band.p90 ? band.p50.toFixed(1) : `${band.p50.toFixed(1)} (${band.p10.toFixed(1)} to ${band.p90.toFixed(1)})`;

/** What driving has cost by what was measured, against the plan. */
function CostSoFar({ cost }: { cost: NonNullable<WearPage['cost']> }) {
  const { told } = useUnits();
  return (
    <DataTable
      className="cost-so-far"
      caption={
        <>
          <b>Cost so far</b>, for each track hour in your currency
        </>
      }
      columns={[null, 'Measured', 'By the plan', 'Used up']}
      rows={[
        ...cost.lines.map((line, i) => ({
          key: line.code ?? i,
          head: told(line.what),
          cells: [line.perHour.toFixed(1), planned(line.planned), line.spent.toFixed(0)],
        })),
        {
          key: 'all',
          head: 'all',
          cells: [
            <b key="all">{cost.perHour.toFixed(1)}</b>,
            planned(cost.planned),
            cost.lines.reduce((sum, line) => sum + line.spent, 0).toFixed(0),
          ],
        },
      ]}
    />
  );
}

/** How fast pads really wear, and the laps that are left. */
export function Wear({ car, plan }: { car: string; plan: PredictionPlan }) {
  const { show, band, told } = useUnits();
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
          <li key={part.code}>
            <b>{told(part.part)}</b>: {show(part.left, part.unit, part.unit === 'kg' ? 2 : 1)} above the limit.{' '}
            {part.lapsLeft
              ? `About ${part.lapsLeft.p50.toFixed(0)} hot laps left (${part.lapsLeft.p10.toFixed(0)} to ${part.lapsLeft.p90.toFixed(0)}). `
              : ''}
            {part.readings > 0
              ? `They wear ×${part.factor.p50.toFixed(2)} (${part.factor.p10.toFixed(2)} to ${part.factor.p90.toFixed(2)}) of what was predicted, by ${part.readings} measurement${part.readings === 1 ? '' : 's'}.`
              : `Measured once: how fast is still a guess (×${part.factor.p10.toFixed(1)} to ×${part.factor.p90.toFixed(1)} of what is predicted).`}
            {part.code?.endsWith('rotors') && ' By thickness alone; cracks end a ring earlier.'}
            {part.code?.endsWith('mass') && ' By mass alone; its surface is judged by eye.'}
          </li>
        ))}
      </ul>
      {page?.cost && <CostSoFar cost={page.cost} />}
      {page?.cost?.lines.some((line) => line.code === 'fluid') && (
        <p className="note">Fluid against one flush a year; work is not counted.</p>
      )}
      {page?.levelFallMm != null && (
        <p className="note">
          Worn pads should have let the fluid fall by about {band(page.levelFallMm, 'mm')}: that much below the mark is no leak, and is not
          topped up.
        </p>
      )}
    </section>
  );
}
