import { scaleLinear } from 'd3-scale';
import { useId } from 'react';
import type { Demand, StrataLayer } from '../api/client';
import { Hatches } from './Hatches';
import { areaPath, linePath, type Point } from './path';
import { useUnits } from '../units/UnitContext';

const width = 264;
const demandHeight = 40;
const capacityHeight = 28;
const height = demandHeight + capacityHeight + 20;
const muTop = 0.62;

/** One pad's demand over its capacity, small: the same drawing as a layer of the strata. */
export function MiniStrata({ layer, road, label }: { layer: StrataLayer; road?: Demand | null; label: string }) {
  const { show } = useUnits();
  const id = useId().replace(/:/g, '');
  const x = scaleLinear().domain([-20, 900]).range([0, width]);
  const { bandFromC = 0, bandToC = 0, curve = [] } = layer.capacity;
  const base = demandHeight;
  const hump = (demand: Demand | null | undefined, tall: number) => {
    if (!demand) return '';
    const most = Math.max(...demand.share, 1e-9);
    const points = demand.share
      .map((share, i): Point => [x(demand.startC + (i + 0.5) * demand.binK), base - (tall * share) / most])
      .filter((point) => point[0] >= 0 && point[0] <= width);
    return areaPath(
      points.map(([at]): Point => [at, base]),
      points,
    );
  };
  const floor = base + 3 + capacityHeight;
  const points = (curve ?? [])
    .filter((point) => point.temperatureC <= 900)
    .map((point): Point => [x(point.temperatureC), floor - (capacityHeight * point.mu) / muTop]);
  const to = bandToC ?? 0;
  return (
    <div className="chart mini-strata">
      <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={label}>
        <Hatches id={id} />
        {to < 900 && <rect x={x(to)} width={width - x(to)} y={2} height={floor - 2} fill={`url(#${id}-hot)`} />}
        <path className="demand-road" d={hump(road, demandHeight * 0.7)} />
        <path className="demand-track" d={hump(layer.track, demandHeight - 4)} />
        <line className="baseline" x1={0} x2={width} y1={base} y2={base} />
        <path
          className="capacity"
          d={areaPath(
            points.map(([at]): Point => [at, floor]),
            points,
          )}
        />
        <path className="capacity-edge" d={linePath(points)} />
        <line className="band" x1={x(bandFromC ?? 0)} x2={x(to)} y1={floor - 3} y2={floor - 3} />
        <text className="tick" x={Math.max(8, x(bandFromC ?? 0))} y={height - 3} textAnchor="middle">
          {show(bandFromC ?? 0, 'C').replace(/ .*/, '')}
        </text>
        <text className="tick" x={Math.min(width - 22, x(to))} y={height - 3} textAnchor="middle">
          {show(to, 'C')}
        </text>
      </svg>
    </div>
  );
}
