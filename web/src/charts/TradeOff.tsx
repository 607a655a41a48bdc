import { scaleLinear, scaleSqrt } from 'd3-scale';
import type { Chance } from '../api/client';
import { percentOf } from '../shared/chance';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';

export interface TradeMark {
  danger: Chance;
  extraMetres: number;
  /** What has to be bought; null where a price is unknown. */
  buyNow: number | null;
}

export interface TradePoint extends TradeMark {
  key: string;
  mark: string;
  name: string;
}

interface Props {
  fitted: TradeMark;
  points: TradePoint[];
  current: string | null;
  onCurrent: (key: string) => void;
}

const height = 300;
const margin = { left: 34, right: 18, top: 20, bottom: 40 };

/** Danger, judged, against the cold first stop, what has to be bought as size; arrow keys walk along the short list. */
export function TradeOff({ fitted, points, current, onCurrent }: Props) {
  const { ref, width } = useWidth<HTMLDivElement>(320);
  const { to, unitOf, show } = useUnits();
  const metres = [...points, fitted].map((point) => point.extraMetres);
  const x = scaleLinear()
    .domain([Math.min(-0.5, ...metres), Math.max(2, ...metres)])
    .nice(4)
    .range([margin.left, width - margin.right]);
  const most = Math.max(0.1, ...[...points, fitted].map((point) => point.danger.share));
  const y = scaleLinear()
    .domain([0, most])
    .nice(4)
    .range([height - margin.bottom, margin.top]);
  const size = scaleSqrt().domain([0, 2000]).range([3, 13]).clamp(true);
  const at = points.findIndex((point) => point.key === current);
  const move = (by: number) => {
    const next = points[Math.min(points.length - 1, Math.max(0, at + by))];
    if (next) onCurrent(next.key);
  };
  return (
    <div ref={ref} className="chart">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="slider"
        tabIndex={0}
        aria-label="Trade-off: danger against the cold first stop; arrow keys walk along the short list"
        aria-valuemin={1}
        aria-valuemax={Math.max(1, points.length)}
        aria-valuenow={at + 1}
        aria-valuetext={
          points[at]
            ? `${points[at].name}: danger ${percentOf(points[at].danger)}, ${show(points[at].extraMetres, 'm', 1)} longer`
            : 'none chosen'
        }
        onKeyDown={(event) => {
          const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
          if (!by) return;
          event.preventDefault();
          move(by);
        }}
      >
        {y.ticks(4).map((share) => (
          <g key={share}>
            <line className="grid" x1={margin.left} x2={width - margin.right} y1={y(share)} y2={y(share)} />
            <text className="tick" x={margin.left - 6} y={y(share) + 4} textAnchor="end">
              {Math.round(1000 * share) / 10}
            </text>
          </g>
        ))}
        <text className="tick" x={0} y={10}>
          % danger on a day like this
        </text>
        {x.ticks(4).map((tick) => (
          <text key={tick} className="tick" x={x(tick)} y={height - margin.bottom + 16} textAnchor="middle">
            {tick > 0 ? '+' : ''}
            {to(tick, 'm').toFixed(tick % 1 ? 1 : 0)}
          </text>
        ))}
        <text className="tick" x={width - margin.right} y={height - 6} textAnchor="end">
          {unitOf('m')} longer from {show(50, 'km/h')}, cold, than the original pads
        </text>
        <g className="trade-fitted">
          <circle cx={x(fitted.extraMetres)} cy={y(fitted.danger.share)} r={4} />
          <text className="halo" x={x(fitted.extraMetres) + 9} y={y(fitted.danger.share) + 4}>
            as it stands
          </text>
        </g>
        {[...points].reverse().map((point) => (
          <g
            key={point.key}
            className={point.key === current ? 'trade-point current' : 'trade-point'}
            onPointerEnter={() => onCurrent(point.key)}
          >
            <circle cx={x(point.extraMetres)} cy={y(point.danger.share)} r={Math.max(7, size(point.buyNow ?? 0))} />
            <text x={x(point.extraMetres)} y={y(point.danger.share) + 4} textAnchor="middle">
              {point.mark}
            </text>
          </g>
        ))}
      </svg>
    </div>
  );
}
