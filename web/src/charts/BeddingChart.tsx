import { scaleLinear } from 'd3-scale';
import type { BeddingPlan } from '../api/ready';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { areaPath, linePath, type Point } from './path';
import { roundTicks } from './ticks';

const height = 250;
const margin = { left: 44, right: 14, top: 18, bottom: 28 };

/** The face through a bedding: stop by stop into the band where the film forms, then rolling until it is cool. */
export function BeddingChart({ plan }: { plan: BeddingPlan }) {
  const { ref, width } = useWidth<HTMLDivElement>(620);
  const { show, to, from, unitOf } = useUnits();
  const last = plan.timeS[plan.timeS.length - 1] ?? 1;
  const top = Math.max(plan.targetC.p90 * 1.15, ...plan.highC);
  const x = scaleLinear()
    .domain([0, last])
    .range([margin.left, width - margin.right]);
  const y = scaleLinear()
    .domain([0, top])
    .range([height - margin.bottom, margin.top]);
  const every = [2, 5, 10, 20].find((step) => x(60 * step) - x(0) > 52) ?? 30;
  const minutes = Array.from({ length: Math.floor(last / 60 / every) + 1 }, (_, i) => 60 * every * i);
  const line = (values: number[]) => values.map((c, i): Point => [x(plan.timeS[i] ?? 0), y(c)]);
  const each = width < 480 ? 6 : 3;
  const labels = plan.stops.filter(
    (_, i) => i === 0 || i === plan.stops.length - 1 || (i % each === each - 1 && i < plan.stops.length - 2),
  );
  return (
    <div ref={ref} className="chart bedding-chart">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`Front face over the bedding: after the last stop ${show(plan.stops[plan.stops.length - 1]?.faceC.p50 ?? 0, 'C')}, then cooling for ${plan.coolMinutes.p50} minutes`}
      >
        <rect
          className="curve-band"
          x={margin.left}
          width={width - margin.left - margin.right}
          y={y(plan.targetC.p90)}
          height={Math.max(0, y(plan.targetC.p10) - y(plan.targetC.p90))}
        />
        {roundTicks(y.domain(), 5, 'C', { to, from }).map((c) => (
          <g key={c}>
            <line className="grid" x1={margin.left} x2={width - margin.right} y1={y(c)} y2={y(c)} />
            <text className="tick" x={margin.left - 6} y={y(c) + 4} textAnchor="end">
              {to(c, 'C').toFixed(0)}
            </text>
          </g>
        ))}
        <text className="tick" x={4} y={12}>
          {unitOf('C')}
        </text>
        {minutes.map((s) => (
          <text key={s} className="tick" x={x(s)} y={height - 8} textAnchor="middle">
            {`${s / 60} min`}
          </text>
        ))}
        <path className="curve-spread" d={areaPath(line(plan.lowC), line(plan.highC))} />
        <path className="bedding-line" d={linePath(line(plan.faceC))} />
        {labels.map((stop) => (
          <text key={stop.number} className="layer-mark halo" x={x(stop.atS)} y={y(stop.faceC.p90) - 7} textAnchor="middle">
            {stop.number}
          </text>
        ))}
        <text className="halo" x={margin.left + 6} y={y(plan.targetC.p10) - 5}>
          {`the film forms, ${show(plan.targetC.p10, 'C').replace(/ .*/, '')} to ${show(plan.targetC.p90, 'C')}`}
        </text>
      </svg>
    </div>
  );
}
