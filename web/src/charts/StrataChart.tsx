import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { useId, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Demand, PeakBand, StrataLayer } from '../api/client';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { Hatches } from './Hatches';
import { partNames } from './parts';
import { temperatureRamp } from './ramp';

export interface StopMark {
  frontC: number;
  rearC: number;
  label: string;
}

interface Props {
  layers: StrataLayer[];
  /** The day's hottest moment of each layer over the ensemble, once it is there. */
  peaks?: PeakBand[];
  stop: StopMark | null;
}

const top = 34;
const heights = (layer: StrataLayer) =>
  layer.capacity.curve ? { demand: 52, capacity: 40, gap: 12 } : { demand: 34, capacity: 18, gap: 12 };
const muTop = 0.6;

/** Friction of a charted layer at a temperature, or null off the chart. */
export function muAt(layer: StrataLayer, celsius: number): number | null {
  const points = layer.capacity.curve;
  if (!points || points.length === 0) return null;
  const after = points.findIndex((point) => point.temperatureC >= celsius);
  if (after < 0) return null;
  const b = points[after]!;
  const a = points[after - 1];
  if (!a) return after === 0 && b.temperatureC - celsius < 1e-9 ? b.mu : null;
  return a.mu + ((b.mu - a.mu) * (celsius - a.temperatureC)) / (b.temperatureC - a.temperatureC);
}

/** The strata: one temperature axis; in each layer what the day asks above, what the part can take below. */
export function StrataChart({ layers, peaks, stop }: Props) {
  const { ref, width } = useWidth<HTMLDivElement>();
  const { show, to, unitOf, system } = useUnits();
  const id = useId().replace(/:/g, '');
  const [ruler, setRuler] = useState<number | null>(null);

  const narrow = width < 560;
  const left = narrow ? 10 : 124;
  const hottest = Math.max(
    ...layers.map((layer) => Math.max(layer.track?.peakC ?? 0, layer.track?.highC ?? 0)),
    ...layers.map((layer) => layer.capacity.bandToC ?? 0),
    ...(peaks ?? []).map((peak) => peak.p90C),
  );
  const endC = Math.min(1200, Math.max(600, Math.ceil((hottest + 60) / 100) * 100));
  const x = scaleLinear()
    .domain([-20, endC])
    .range([left, width - 14]);
  const step = system === 'imperial' ? 200 : narrow ? 200 : 100;
  const ticks = Array.from({ length: 40 }, (_, i) => i * step).filter((shown) => shown <= to(endC, 'C') + 1e-6);
  const tickC = (shown: number) => (system === 'imperial' ? (shown - 32) / 1.8 : shown);
  const ramp = temperatureRamp(0, endC);

  const placed = layers.reduce<{ layer: StrataLayer; y: number }[]>((rows, layer) => {
    const last = rows[rows.length - 1];
    const extra = narrow ? 16 : 0;
    const y = last ? last.y + heights(last.layer).demand + heights(last.layer).capacity + heights(last.layer).gap + extra : top + extra;
    return [...rows, { layer, y }];
  }, []);
  const bottom = placed[placed.length - 1];
  const height = bottom ? bottom.y + heights(bottom.layer).demand + heights(bottom.layer).capacity + 34 : 80;

  const move = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    setRuler(Math.min(endC, Math.max(0, x.invert(((event.clientX - box.left) / box.width) * width))));
  };
  const key = (event: KeyboardEvent) => {
    const by = event.shiftKey ? 50 : 10;
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
      event.preventDefault();
      setRuler((old) => Math.min(endC, Math.max(0, (old ?? 300) + (event.key === 'ArrowRight' ? by : -by))));
    } else if (event.key === 'Escape') setRuler(null);
  };
  const mus =
    ruler === null ? [] : layers.filter((layer) => layer.capacity.curve).map((layer) => ({ part: layer.part, mu: muAt(layer, ruler) }));
  const readout =
    ruler === null
      ? ''
      : `${show(ruler, 'C')} · ${mus.map(({ part, mu }) => `${part === 'frontFace' ? 'front' : 'rear'} µ ${mu === null ? 'unknown' : mu.toFixed(2)}`).join(' · ')}`;

  return (
    <div ref={ref} className="chart">
      <svg
        width={width}
        height={height}
        role="slider"
        tabIndex={0}
        aria-label="Strata: temperature ruler across all layers, arrow keys move it"
        aria-valuemin={0}
        aria-valuemax={endC}
        aria-valuenow={Math.round(ruler ?? 0)}
        aria-valuetext={readout || 'ruler off'}
        onPointerMove={move}
        onPointerLeave={() => setRuler(null)}
        onKeyDown={key}
      >
        <Hatches id={id} />
        <defs>
          <linearGradient id={`${id}-ramp`} x1={x(0)} x2={x(endC)} gradientUnits="userSpaceOnUse">
            {[0, 0.25, 0.5, 0.75, 1].map((share) => (
              <stop key={share} offset={share} stopColor={ramp(endC * share)} />
            ))}
          </linearGradient>
        </defs>
        {ticks.map((tick) => (
          <g key={tick}>
            <line className="grid" x1={x(tickC(tick))} x2={x(tickC(tick))} y1={top - 8} y2={height - 26} />
            <text className="tick" x={x(tickC(tick))} y={top - 18} textAnchor="middle">
              {tick}
            </text>
          </g>
        ))}
        <text className="tick" x={x(0) - 10} y={top - 18} textAnchor="end">
          {unitOf('C')}
        </text>
        <rect x={x(0)} y={top - 12} width={x(endC) - x(0)} height={4} fill={`url(#${id}-ramp)`} />
        {placed.map(({ layer, y }) => (
          <Layer
            key={layer.part}
            layer={layer}
            y={y}
            x={x}
            endC={endC}
            id={id}
            narrow={narrow}
            left={left}
            peak={peaks?.find((item) => item.part === layer.part)}
          />
        ))}
        {stop &&
          placed
            .filter(({ layer }) => layer.capacity.curve)
            .map(({ layer, y }) => {
              const at = x(layer.part === 'frontFace' ? stop.frontC : stop.rearC);
              return (
                <g key={layer.part} className="stop-mark">
                  <line x1={at} x2={at} y1={y + 4} y2={y + 92} />
                  <path d={`M${at - 5} ${y + 2}h10l-5 7z`} />
                  {layer.part === 'frontFace' && (
                    <text className="halo" x={at + 8} y={y + 10}>
                      {stop.label}
                    </text>
                  )}
                </g>
              );
            })}
        {ruler !== null && (
          <g className="ruler">
            <line x1={x(ruler)} x2={x(ruler)} y1={top - 12} y2={height - 24} />
            <rect x={Math.min(width - 226, Math.max(4, x(ruler) - 110))} y={height - 24} width={220} height={22} rx={2} />
            <text x={Math.min(width - 116, Math.max(114, x(ruler)))} y={height - 9} textAnchor="middle">
              {readout}
            </text>
          </g>
        )}
      </svg>
      <table className="visually-hidden">
        <caption>Strata in figures</caption>
        <tbody>
          {layers.map((layer) => (
            <tr key={layer.part}>
              <th scope="row">{partNames[layer.part]}</th>
              <td>
                {layer.track
                  ? `on track eight tenths between ${show(layer.track.p10C, 'C')} and ${show(layer.track.p90C, 'C')}`
                  : 'not on track'}
              </td>
              <td>
                {layer.overlap
                  ? `${Math.round(layer.overlap.share * 100)} % beyond ${show(layer.overlap.fromC, 'C')}`
                  : 'within what it can take'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface LayerProps {
  layer: StrataLayer;
  y: number;
  x: (celsius: number) => number;
  endC: number;
  id: string;
  narrow: boolean;
  left: number;
  peak?: PeakBand;
}

function Layer({ layer, y, x, endC, id, narrow, left, peak }: LayerProps) {
  const { show } = useUnits();
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
        {layer.capacity.name}
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
      {layer.overlap && (
        <text className="overlap halo" x={x(endC) - 4} y={y + 12} textAnchor="end">
          {`${Math.round(layer.overlap.share * 100)} % beyond ${show(layer.overlap.fromC, 'C')}${layer.overlap.label ? `, ${layer.overlap.label}` : ''}`}
        </text>
      )}
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
    .curve(curveMonotoneX);
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
    .y1((point) => mu(point.mu));
  const edge = line<{ temperatureC: number; mu: number }>()
    .x((point) => x(point.temperatureC))
    .y((point) => mu(point.mu));
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
  const { show } = useUnits();
  const marks = layer.capacity.marks;
  const wet = marks.find((mark) => mark.kind === 'wet');
  const dry = marks.find((mark) => mark.kind === 'dry');
  const bold = marks.find((mark) => mark.kind === 'today' || mark.kind === 'limit');
  return (
    <g>
      {wet && dry && <rect className="capacity" x={x(wet.atC)} width={x(dry.atC) - x(wet.atC)} y={y + 4} height={height - 8} />}
      {wet && (
        <text className="tick" x={x(wet.atC) - 4} y={y + height - 2} textAnchor="end">
          {`${wet.label} ${show(wet.atC, 'C').replace(/ .*/, '')}`}
        </text>
      )}
      {dry && (
        <text className="tick" x={x(dry.atC) + 4} y={y + height - 2}>
          {`${dry.label} ${show(dry.atC, 'C').replace(/ .*/, '')}`}
        </text>
      )}
      {bold && (
        <g>
          <line className="limit" x1={x(bold.atC)} x2={x(bold.atC)} y1={y - 16} y2={y + height} />
          <text className="mark halo" x={x(bold.atC) + 6} y={y - 7}>
            {`${bold.label} ${bold.kind === 'today' ? 'from ' : ''}${show(bold.atC, 'C')}`}
          </text>
        </g>
      )}
    </g>
  );
}
