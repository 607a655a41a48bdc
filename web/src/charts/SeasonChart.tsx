import { scaleLinear, scaleUtc } from 'd3-scale';
import type { FluidPolicy, SeasonPlan } from '../api/ready';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { ChartLegend } from './ChartLegend';
import { linePath, type Point } from './path';
import { roundTicks } from './ticks';

const height = 280;
const margin = { left: 44, right: 150, top: 20, bottom: 46 };
const names: Record<FluidPolicy, string> = {
  leftIn: 'left in as it is',
  yearly: 'once a year',
  twiceASeason: 'twice a season',
  eachEvent: 'before each event',
};
const labelOf = ({ policy, cost }: SeasonPlan['policies'][number]) => `${names[policy]}${cost != null ? `, ${cost.toFixed(0)}` : ''}`;
const date = (day: string) => new Date(`${day}T00:00:00Z`);

/** Where the fluid shows vapour through the season by each policy, and how hot it gets on each event. */
export function SeasonChart({ plan, policy }: { plan: SeasonPlan; policy: FluidPolicy }) {
  const { ref, width } = useWidth<HTMLDivElement>(980);
  const { show, to, from, unitOf } = useUnits();
  const narrow = width < 640;
  const right = narrow ? 10 : margin.right;
  const days = plan.policies[0]!.days;
  const all = plan.policies.flatMap((one) => one.line.map((point) => point.vapourC));
  const demands = days.flatMap((day) => [day.demandC.p10, day.demandC.p90]);
  const dates = plan.policies.flatMap((one) => one.line.map((point) => date(point.date)));
  const x = scaleUtc()
    .domain([new Date(Math.min(...dates.map(Number))), new Date(Math.max(...dates.map(Number)))])
    .range([margin.left, width - right]);
  const y = scaleLinear()
    .domain([Math.min(...demands) - 25, Math.max(...all) + 15])
    .range([height - margin.bottom, margin.top]);
  const ends = plan.policies
    .map((one) => ({ one, at: y(one.line[one.line.length - 1]!.vapourC) }))
    .sort((a, b) => a.at - b.at)
    .reduce<{ one: SeasonPlan['policies'][number]; at: number }[]>((rows, end) => {
      const last = rows[rows.length - 1];
      return [...rows, { one: end.one, at: last ? Math.max(end.at, last.at + 15) : end.at }];
    }, []);
  return (
    <div ref={ref} className="chart season-chart">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label="The fluid's vapour point through the season by each policy, over the hottest fluid of each event"
      >
        {roundTicks(y.domain(), 5, 'C', { to, from }).map((c) => (
          <g key={c}>
            <line className="grid" x1={margin.left} x2={width - right} y1={y(c)} y2={y(c)} />
            <text className="tick" x={margin.left - 6} y={y(c) + 4} textAnchor="end">
              {to(c, 'C').toFixed(0)}
            </text>
          </g>
        ))}
        <text className="tick" x={4} y={12}>
          {unitOf('C')}
        </text>
        {x.ticks(narrow ? 4 : 8).map((tick) => (
          <text key={Number(tick)} className="tick" x={x(tick)} y={height - 8} textAnchor="middle">
            {tick.toLocaleDateString('en-GB', { month: 'short', timeZone: 'UTC' })}
          </text>
        ))}
        {days.map((day) => (
          <g key={day.date + day.name}>
            <rect
              className="season-demand"
              x={x(date(day.date)) - 7}
              width={14}
              y={y(day.demandC.p90)}
              height={Math.max(1, y(day.demandC.p10) - y(day.demandC.p90))}
            />
            <line
              className="season-middle"
              x1={x(date(day.date)) - 9}
              x2={x(date(day.date)) + 9}
              y1={y(day.demandC.p50)}
              y2={y(day.demandC.p50)}
            />
            <text className="tick halo" x={x(date(day.date))} y={y(day.demandC.p10) + 16} textAnchor="middle">
              {day.name.length > 14 ? `${day.name.slice(0, 13)}…` : day.name}
            </text>
          </g>
        ))}
        {plan.policies.map((one) => (
          <path
            key={one.policy}
            className={`season-line season-${one.policy}${one.policy === policy ? ' current' : ''}`}
            d={linePath(one.line.map((point): Point => [x(date(point.date)), y(point.vapourC)]))}
          />
        ))}
        {!narrow &&
          ends.map(({ one, at }) => (
            <text key={one.policy} className={one.policy === policy ? 'season-end current' : 'season-end'} x={width - right + 8} y={at + 4}>
              {labelOf(one)}
            </text>
          ))}
      </svg>
      {narrow && (
        <ChartLegend
          items={ends.map(({ one }) => ({
            label: labelOf(one),
            className: `season-line season-${one.policy}${one.policy === policy ? ' current' : ''}`,
          }))}
        />
      )}
      <p className="visually-hidden">{days.map((day) => `${day.name}: ${show(day.marginK, 'K')} in hand`).join('; ')}</p>
    </div>
  );
}
