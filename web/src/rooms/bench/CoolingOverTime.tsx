import { scaleLinear } from 'd3-scale';
import { stack, stackOrderNone } from 'd3-shape';
import { memo, useState } from 'react';
import type { SessionSeries } from '../../api/client';
import { ChartLegend } from '../../charts/ChartLegend';
import { areaPath } from '../../charts/path';
import { useWidth } from '../../shared/useWidth';
import { useUnits } from '../../units/UnitContext';

const paths = [
  { key: 'vanes', label: 'vanes', className: 'path-vanes' },
  { key: 'faces', label: 'faces', className: 'path-faces' },
  { key: 'radiation', label: 'radiation', className: 'path-radiation' },
  { key: 'conduction', label: 'hub, caliper, pads', className: 'path-hub' },
] as const;

const height = 84;
const margin = { left: 44, right: 118, top: 4, bottom: 18 };

/** At any moment of the session: through which path a front wheel sheds its heat, as a share of what leaves. */
export const CoolingOverTime = memo(function CoolingOverTime({ series }: { series: SessionSeries }) {
  const { show } = useUnits();
  const { ref, width } = useWidth<HTMLDivElement>(1180);
  const [at, setAt] = useState<number | null>(null);
  const narrow = width < 620;
  const right = narrow ? 14 : margin.right;
  const times = series.cooling.timeS;
  const end = series.timeS[series.timeS.length - 1] ?? series.parkedS + 1;
  const x = scaleLinear()
    .domain([series.startS, series.parkedS, end])
    .range([margin.left, margin.left + (width - right - margin.left) * 0.74, width - right]);
  const y = scaleLinear()
    .domain([0, 100])
    .range([height - margin.bottom, margin.top]);
  const rows = times.map((_, i) => ({
    vanes: series.cooling.vanes[i] ?? 0,
    faces: series.cooling.faces[i] ?? 0,
    radiation: series.cooling.radiation[i] ?? 0,
    conduction: series.cooling.conduction[i] ?? 0,
  }));
  const layers = stack<(typeof rows)[number]>()
    .keys(paths.map((path) => path.key))
    .order(stackOrderNone)(rows);
  const across = times.map((time) => x(time));
  const parkedAt = times.findIndex((time) => time >= series.parkedS);
  const chosen = at ?? Math.max(0, parkedAt - 1);
  const row = rows[chosen];
  const minutes = ((times[chosen] ?? 0) - series.startS) / 60;
  const move = (by: number) => setAt(Math.min(rows.length - 1, Math.max(0, chosen + by)));
  return (
    <div ref={ref} className="chart cooling">
      <p className="note">
        {row && (
          <>
            {at === null ? 'Just before parking' : `After ${minutes.toFixed(1)} min`}: a front wheel sheds{' '}
            <b>{show(series.cooling.kw[chosen] ?? 0, 'kW', 1)}</b>, {paths.map((path) => `${path.label} ${row[path.key]} %`).join(', ')}.
          </>
        )}
      </p>
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="slider"
        tabIndex={0}
        aria-label="Cooling by path over the session; arrow keys move through it"
        aria-valuemin={0}
        aria-valuemax={Math.max(0, rows.length - 1)}
        aria-valuenow={chosen}
        aria-valuetext={row ? paths.map((path) => `${path.label} ${row[path.key]} %`).join(', ') : 'none'}
        onPointerMove={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          const time = x.invert(((event.clientX - box.left) / box.width) * width);
          const found = times.findIndex((t) => t >= time);
          setAt(found < 0 ? rows.length - 1 : found);
        }}
        onPointerLeave={() => setAt(null)}
        onKeyDown={(event) => {
          if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
            event.preventDefault();
            move((event.key === 'ArrowRight' ? 1 : -1) * (event.shiftKey ? 20 : 4));
          } else if (event.key === 'Escape') setAt(null);
        }}
      >
        {layers.map((layer, i) => (
          <path
            key={layer.key}
            className={`cool-${paths[i]?.className}`}
            d={areaPath(
              layer.map((point, at) => [across[at] ?? 0, y(point[0])]),
              layer.map((point, at) => [across[at] ?? 0, y(Math.min(100, point[1]))]),
            )}
          />
        ))}
        <line className="parked-edge" x1={x(series.parkedS)} x2={x(series.parkedS)} y1={margin.top} y2={height - margin.bottom} />
        {at !== null && <line className="stop-line" x1={x(times[at] ?? 0)} x2={x(times[at] ?? 0)} y1={0} y2={height - margin.bottom} />}
        <text className="tick" x={margin.left - 6} y={y(100) + 9} textAnchor="end">
          100 %
        </text>
        <text className="tick" x={margin.left - 6} y={y(0)} textAnchor="end">
          0
        </text>
        {!narrow &&
          layers.map((layer, i) => {
            const last = layer[Math.max(0, parkedAt - 1)];
            return last && last[1] - last[0] > 14 ? (
              <text key={layer.key} className="tick halo" x={x(series.parkedS) - 8} y={y((last[0] + last[1]) / 2) + 4} textAnchor="end">
                {paths[i]?.label}
              </text>
            ) : null;
          })}
        <text className="tick" x={x(series.parkedS) + 4} y={height - 4}>
          parked
        </text>
      </svg>
      {narrow && <ChartLegend areas items={paths.map((path) => ({ label: path.label, className: `cool-${path.className}` }))} />}
    </div>
  );
});
