import { area, curveMonotoneX, line } from 'd3-shape';
import type { Demand, PeakBand, StrataLayer } from '../api/client';
import { useUnits } from '../units/UnitContext';
import { partNames } from './parts';

/** Heights of a layer's halves, px. */
export const heights = (layer: StrataLayer) =>
  layer.capacity.curve ? { demand: 52, capacity: 40, gap: 12 } : { demand: 34, capacity: 18, gap: 12 };
const muTop = 0.6;

interface LayerProps {
  layer: StrataLayer;
  y: number;
  x: (celsius: number) => number;
  endC: number;
  id: string;
  narrow: boolean;
  left: number;
  peak?: PeakBand;
  preview?: StrataLayer;
}

/** One layer: what the day asks of a part above its baseline, what the part can take below. */
export function Layer({ layer, y, x, endC, id, narrow, left, peak, preview }: LayerProps) {
  const { show, told } = useUnits();
  const { demand, capacity } = heights(layer);
  const base = y + demand;
  const most = Math.max(...(layer.track?.share ?? [0]), 1e-9);
  const mostRoad = Math.max(...(layer.road?.share ?? [0]), 1e-9);
  const whole = demand + capacity + 4;
  return (
    <g>
      <text className="layer-name" x={narrow ? left : 0} y={narrow ? y - 6 : y + 18}>
        {partNames[layer.part]}
      </text>
      <text className="layer-part" x={narrow ? left + 96 : 0} y={narrow ? y - 6 : y + 34}>
        {told(layer.capacity.name)}
      </text>
      {layer.overlap && (
        <rect
          x={x(layer.overlap.fromC)}
          y={y}
          width={Math.max(0, x(endC) - x(layer.overlap.fromC))}
          height={whole}
          fill={`url(#${id}-hot)`}
        />
      )}
      {layer.road && <Curve demand={layer.road} base={base} height={(demand - 8) * 0.75} most={mostRoad} x={x} className="demand-road" />}
      {layer.track && <Curve demand={layer.track} base={base} height={demand - 8} most={most} x={x} className="demand-track" />}
      <line className="baseline" x1={x(-20)} x2={x(endC)} y1={base} y2={base} />
      {layer.road && <Band demand={layer.road} y={base - 5} x={x} reach={!peak} className="band-road" />}
      {layer.track && <Band demand={layer.track} y={base - 5} x={x} reach={!peak} className="band-track" />}
      {peak && (
        <g className="peak-band">
          <path d={`M${x(peak.p10C)} ${base - 10}v-5H${x(peak.p90C)}v5M${x(peak.p50C)} ${base - 19}v8`} />
          <title>{`hottest moment: ${show(peak.p10C, 'C')} to ${show(peak.p90C, 'C')} in eight of ten likely days`}</title>
        </g>
      )}
      {layer.capacity.curve ? (
        <PadCapacity layer={layer} y={base + 4} height={capacity} x={x} endC={endC} id={id} />
      ) : (
        <Marks layer={layer} y={base} height={capacity} x={x} />
      )}
      {preview && <Preview layer={preview} y={base} demand={demand - 8} capacity={capacity} x={x} endC={endC} />}
      {layer.overlap && (
        <text className="overlap halo" x={x(endC) - 4} y={y + 12} textAnchor="end">
          {`${Math.round(layer.overlap.share * 100)} % beyond ${show(layer.overlap.fromC, 'C')}${layer.overlap.label.length > 0 ? `, ${told(layer.overlap.label)}` : ''}`}
        </text>
      )}
    </g>
  );
}

/** A setup that is looked at: its demand and its capacity as outlines over what is fitted. */
function Preview({
  layer,
  y,
  demand,
  capacity,
  x,
  endC,
}: {
  layer: StrataLayer;
  y: number;
  demand: number;
  capacity: number;
  x: (c: number) => number;
  endC: number;
}) {
  const { curve, bandToC, marks } = layer.capacity;
  const most = Math.max(...(layer.track?.share ?? [0]), 1e-9);
  const today = marks.find((mark) => mark.kind === 'today');
  return (
    <g className="preview">
      {layer.track && <Curve demand={layer.track} base={y} height={demand} most={most} x={x} className="preview-demand" />}
      {curve && (
        <path
          className="preview-edge"
          d={
            line<{ temperatureC: number; mu: number }>()
              .x((point) => x(point.temperatureC))
              .y((point) => y + 4 + capacity - (capacity * point.mu) / muTop)
              .digits(1)(curve.filter((point) => point.temperatureC <= endC)) ?? ''
          }
        />
      )}
      {curve && bandToC != null && bandToC < endC && (
        <line className="preview-edge" x1={x(bandToC)} x2={x(bandToC)} y1={y - 6} y2={y + capacity + 4} />
      )}
      {today && <line className="preview-edge" x1={x(today.atC)} x2={x(today.atC)} y1={y - 12} y2={y + capacity} />}
    </g>
  );
}

function Curve({
  demand,
  base,
  height,
  most,
  x,
  className,
}: {
  demand: Demand;
  base: number;
  height: number;
  most: number;
  x: (c: number) => number;
  className: string;
}) {
  const points = demand.share.map((share, i) => ({ c: demand.startC + (i + 0.5) * demand.binK, share })).filter((point) => point.c >= -20);
  const shape = area<{ c: number; share: number }>()
    .x((point) => x(point.c))
    .y0(base)
    .y1((point) => base - (height * point.share) / most)
    .curve(curveMonotoneX)
    .digits(1);
  return <path className={className} d={shape(points) ?? ''} />;
}

/** Eight tenths of the demand lie in this bar; the tick is the middle. */
function Band({
  demand,
  y,
  x,
  reach,
  className,
}: {
  demand: Demand;
  y: number;
  x: (c: number) => number;
  reach: boolean;
  className: string;
}) {
  return (
    <g className={className}>
      {reach && <line className="band-reach" x1={x(Math.max(-20, demand.lowC))} x2={x(demand.highC)} y1={y} y2={y} />}
      <line x1={x(demand.p10C)} x2={x(demand.p90C)} y1={y} y2={y} />
      {[demand.p10C, demand.p50C, demand.p90C].map((c, i) => (
        <line key={i} x1={x(c)} x2={x(c)} y1={y - (i === 1 ? 5 : 3)} y2={y + (i === 1 ? 5 : 3)} />
      ))}
    </g>
  );
}

function PadCapacity({
  layer,
  y,
  height,
  x,
  endC,
  id,
}: {
  layer: StrataLayer;
  y: number;
  height: number;
  x: (c: number) => number;
  endC: number;
  id: string;
}) {
  const { show } = useUnits();
  const { curve, bandFromC, bandToC, lastC } = layer.capacity;
  if (!curve) return null;
  const mu = (value: number) => y + height - (height * value) / muTop;
  const inside = curve.filter((point) => point.temperatureC <= endC);
  const shape = area<{ temperatureC: number; mu: number }>()
    .x((point) => x(point.temperatureC))
    .y0(y + height)
    .y1((point) => mu(point.mu))
    .digits(1);
  const edge = line<{ temperatureC: number; mu: number }>()
    .x((point) => x(point.temperatureC))
    .y((point) => mu(point.mu))
    .digits(1);
  const from = bandFromC ?? 0;
  const to = bandToC ?? 0;
  const room = x(to) - x(from);
  return (
    <g>
      <path className="capacity" d={shape(inside) ?? ''} />
      {from > 5 && <rect x={x(0)} y={y} width={x(from) - x(0)} height={height} fill={`url(#${id}-cold)`} />}
      {(lastC ?? endC) < endC && (
        <g>
          <rect x={x(lastC ?? endC)} y={y} width={x(endC) - x(lastC ?? endC)} height={height} fill={`url(#${id}-unknown)`} />
          <text className="mark halo" x={x(lastC ?? endC) + 6} y={y + height - 5}>
            unknown
          </text>
        </g>
      )}
      <path className="capacity-edge" d={edge(inside) ?? ''} />
      {x(-20) > 60 && (
        <text className="tick" x={x(-20) - 4} y={mu(0.4) + 4} textAnchor="end">
          µ .4
        </text>
      )}
      <line className="grid" x1={x(-20)} x2={x(endC)} y1={mu(0.4)} y2={mu(0.4)} />
      <line className="band" x1={x(from)} x2={x(to)} y1={y + height - 4} y2={y + height - 4} />
      <line className="band" x1={x(from)} x2={x(from)} y1={y + height - 9} y2={y + height} />
      <line className="band" x1={x(to)} x2={x(to)} y1={y + height - 9} y2={y + height} />
      <text className="mark halo" x={x(from) + room / 2} y={y + height - 9} textAnchor="middle">
        {`works ${show(from, 'C').replace(/ .*/, '')} to ${show(to, 'C')}`}
      </text>
    </g>
  );
}

function Marks({ layer, y, height, x }: { layer: StrataLayer; y: number; height: number; x: (c: number) => number }) {
  const { show, told } = useUnits();
  const marks = layer.capacity.marks;
  const wet = marks.find((mark) => mark.kind === 'wet');
  const dry = marks.find((mark) => mark.kind === 'dry');
  const bold = marks.find((mark) => mark.kind === 'today' || mark.kind === 'limit');
  return (
    <g>
      {wet && dry && <rect className="capacity" x={x(wet.atC)} width={x(dry.atC) - x(wet.atC)} y={y + 4} height={height - 8} />}
      {wet && (
        <text className="tick" x={x(wet.atC) - 4} y={y + height - 2} textAnchor="end">
          {`${told(wet.label)} ${show(wet.atC, 'C').replace(/ .*/, '')}`}
        </text>
      )}
      {dry && (
        <text className="tick" x={x(dry.atC) + 4} y={y + height - 2}>
          {`${told(dry.label)} ${show(dry.atC, 'C').replace(/ .*/, '')}`}
        </text>
      )}
      {bold && (
        <g>
          <line className="limit" x1={x(bold.atC)} x2={x(bold.atC)} y1={y - 16} y2={y + height} />
          <text className="mark halo" x={x(bold.atC) + 6} y={y - 7}>
            {`${told(bold.label)} ${bold.kind === 'today' ? 'from ' : ''}${show(bold.atC, 'C')}`}
          </text>
        </g>
      )}
    </g>
  );
}
