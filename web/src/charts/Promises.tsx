import { scaleLinear, scalePoint } from 'd3-scale';
import type { LearningPage } from '../api/log';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { roundTicks } from './ticks';

const height = 210;
const margin = { left: 44, right: 12, top: 14, bottom: 30 };

/** What was said on the evening before each day, and what paints allowed: a band that keeps its word overlaps its post eight times in ten. */
export function Promises({ page }: { page: LearningPage }) {
  const { ref, width } = useWidth<HTMLDivElement>(520);
  const { to, from, unitOf } = useUnits();
  const told = page.promises;
  const low = Math.min(...told.flatMap((one) => [one.said.p10, one.aboveC ?? one.said.p10])) - 30;
  const high = Math.max(...told.flatMap((one) => [one.said.p90, one.belowC ?? one.said.p90])) + 30;
  const y = scaleLinear()
    .domain([low, high])
    .range([height - margin.bottom, margin.top]);
  const x = scalePoint()
    .domain(told.map((_, i) => String(i)))
    .range([margin.left + 30, width - margin.right - 30]);
  return (
    <div ref={ref} className="chart promises">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`${page.keptCount} of ${told.filter((one) => one.kept != null).length} promises kept`}
      >
        {roundTicks(y.domain(), 4, 'C', { to, from }).map((c) => (
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
        {told.map((one, i) => {
          const at = x(String(i))!;
          const [top, bottom] = [y(Math.min(high, one.belowC ?? high)), y(Math.max(low, one.aboveC ?? low))];
          return (
            <g key={i}>
              <rect className="season-demand" x={at - 11} width={22} y={y(one.said.p90)} height={y(one.said.p10) - y(one.said.p90)} />
              {one.kept != null && (
                <path
                  className={one.kept ? 'seen-post' : 'seen-post broken'}
                  d={`M${at} ${top}V${bottom}${one.belowC != null ? `M${at - 7} ${top}h14` : ''}${one.aboveC != null ? `M${at - 7} ${bottom}h14` : ''}`}
                />
              )}
              <text className="tick" x={at} y={height - 9} textAnchor="middle">
                {told.length > 6 || width < 380 ? one.date.slice(5) : one.date}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
