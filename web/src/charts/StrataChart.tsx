import { scaleLinear } from 'd3-scale';
import { memo, useId, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { PeakBand, StrataLayer } from '../api/client';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { Hatches } from './Hatches';
import { partNames } from './parts';
import { temperatureRamp } from './ramp';
import { heights, Layer } from './StrataLayer';

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
  /** Layers of a setup that is looked at before it is fitted. */
  preview?: StrataLayer[];
}

const top = 34;

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
export const StrataChart = memo(function StrataChart({ layers, peaks, stop, preview }: Props) {
  const { ref, width } = useWidth<HTMLDivElement>();
  const { show, to, from, unitOf, system } = useUnits();
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
  const tickC = (shown: number) => from(shown, 'C');
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
        viewBox={`0 0 ${width} ${height}`}
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
        {narrow ? (
          <text className="tick" x={width} y={top - 18} textAnchor="end">
            {unitOf('C')}
          </text>
        ) : (
          <text className="tick" x={Math.min(x(0), x(tickC(0))) - 10} y={top - 18} textAnchor="end">
            {unitOf('C')}
          </text>
        )}
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
            preview={preview?.find((item) => item.part === layer.part)}
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
});
