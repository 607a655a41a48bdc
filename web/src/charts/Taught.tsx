import { scaleLinear } from 'd3-scale';
import type { Spread } from '../api/client';
import type { LearningPage } from '../api/log';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { areaPath, type Point } from './path';
import { roundTicks } from './ticks';

const row = 62;
const bar = 24;
const margin = { left: 8, right: 16, top: 14 };

/** A hump through a middle and its edges: normal on each side, so that skewed bands look skewed. */
function hump({ p10, p50, p90 }: Spread, x: (c: number) => number, base: number, tall: number): string {
  const [left, right] = [Math.max(1, (p50 - p10) / 1.2816), Math.max(1, (p90 - p50) / 1.2816)];
  const points = Array.from({ length: 81 }, (_, i): Point => {
    const z = -3 + (6 * i) / 80;
    return [x(p50 + z * (z < 0 ? left : right)), base - tall * Math.exp(-0.5 * z * z)];
  });
  return areaPath(
    points.map(([at]): Point => [at, base]),
    points,
  );
}

/** Believed, seen, believed now: one temperature axis, what was seen as posts between the two beliefs. */
export function Taught({ page }: { page: LearningPage }) {
  const { ref, width } = useWidth<HTMLDivElement>(700);
  const units = useUnits();
  const { show, to, unitOf } = units;
  const seen = page.promises.filter((promise) => promise.aboveC != null || promise.belowC != null).slice(-6);
  const from = Math.min(page.before.p10, page.after.p10) - 110;
  const end = Math.max(page.before.p90, page.after.p90) + 110;
  const x = scaleLinear()
    .domain([from, end])
    .range([margin.left, width - margin.right]);
  const first = margin.top + row;
  const second = first + seen.length * bar + 26 + row;
  const height = second + 30;
  const words = (band: Spread) => `8 in 10: ${show(band.p10, 'C').replace(/ .*/, '')} to ${show(band.p90, 'C')}`;
  const tall = row * 0.86;
  const sharper = Math.min(1.25, (page.before.p90 - page.before.p10) / Math.max(1, page.after.p90 - page.after.p10));
  return (
    <div ref={ref} className="chart taught">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`Front rotor’s rim on the usual day: believed ${words(page.before)}, now ${words(page.after)}`}
      >
        {roundTicks(x.domain(), Math.max(4, Math.floor(width / 90)), 'C', units)
          .filter((c) => x(c) < width - 36)
          .map((c) => (
            <g key={c}>
              <line className="grid" x1={x(c)} x2={x(c)} y1={margin.top} y2={second} />
              <text className="tick" x={x(c)} y={height - 10} textAnchor="middle">
                {to(c, 'C').toFixed(0)}
              </text>
            </g>
          ))}
        <text className="tick" x={width - 4} y={height - 10} textAnchor="end">
          {unitOf('C')}
        </text>
        <path className="belief-before" d={hump(page.before, x, first, tall * 0.75)} />
        <text className="layer-name halo" x={margin.left + 4} y={margin.top + 14}>
          believed before
        </text>
        <text className="tick halo" x={margin.left + 4} y={margin.top + 31}>
          {words(page.before)}
        </text>
        {seen.map((promise, i) => {
          const y = first + 14 + i * bar;
          const [low, high] = [x(Math.max(from, promise.aboveC ?? from)), x(Math.min(end, promise.belowC ?? end))];
          return (
            <g key={promise.date}>
              <rect className="seen-span" x={low} width={Math.max(2, high - low)} y={y + 9} height={5} />
              {promise.aboveC != null && <path className="seen-post" d={`M${low} ${y - 4}v17`} />}
              {promise.belowC != null && <path className="seen-post" d={`M${high} ${y - 4}v17`} />}
              <text className="halo" x={Math.min(Math.max(low + 6, margin.left + 4), width - 210)} y={y + 5}>
                {`${promise.date}: ${promise.aboveC != null ? `over ${show(promise.aboveC, 'C')}` : ''}${promise.aboveC != null && promise.belowC != null ? ', ' : ''}${promise.belowC != null ? `under ${show(promise.belowC, 'C')}` : ''}`}
              </text>
            </g>
          );
        })}
        <path className="belief-now" d={hump(page.after, x, second, Math.min(row, tall * 0.75 * sharper))} />
        <text className="layer-name belief-now-name halo" x={margin.left + 4} y={second - row + 16}>
          believed now
        </text>
        <text className="tick halo" x={margin.left + 4} y={second - row + 33}>
          {words(page.after)}
        </text>
        <line className="baseline" x1={margin.left} x2={width - margin.right} y1={first} y2={first} />
        <line className="baseline" x1={margin.left} x2={width - margin.right} y1={second} y2={second} />
      </svg>
    </div>
  );
}
