import { scaleLinear } from 'd3-scale';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { LapRibbon } from '../api/client';
import { rangeOf } from '../api/ranges';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { areaPath, linePath, type Point } from './path';
import { roundTicks } from './ticks';

type Corner = LapRibbon['corners'][number];

const height = 240;
const margin = { left: 48, right: 14, top: 22, bottom: 32 };
const thickest = 26;
const speeds = rangeOf('ribbon.toKmh');
/** One press of an arrow key. */
const step = { kmh: 3, m: 20 };

/**
 * A lap as a ribbon: speed over distance, as thick below as its braking is hard. Corners are dragged up and down for their
 * speed, along for the straight before them; the arrow keys do the same.
 */
export function Ribbon({
  ribbon,
  onBend,
}: {
  ribbon: LapRibbon;
  onBend?: (corner: Corner, toKmh: number | undefined, longerM: number) => void;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(640);
  const { to, from, unitOf, show } = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ corner: Corner; kmh: number; m: number } | null>(null);
  const fastest = Math.max(...ribbon.points.map((point) => point.speedKmh));
  const hardest = Math.max(1, ...ribbon.points.map((point) => point.brakingKw));
  const x = scaleLinear()
    .domain([0, ribbon.lengthM])
    .range([margin.left, width - margin.right]);
  const y = scaleLinear()
    .domain([0, fastest * 1.08])
    .range([height - margin.bottom, margin.top]);
  const line = ribbon.points.map((point): Point => [x(point.atM), y(point.speedKmh)]);
  const under = ribbon.points.map((point): Point => [x(point.atM), y(point.speedKmh) + (thickest * point.brakingKw) / hardest]);
  const place = (event: PointerEvent) => {
    const box = svg.current!.getBoundingClientRect();
    return { kmh: Math.max(1, y.invert(event.clientY - box.top)), m: x.invert(event.clientX - box.left) };
  };
  const bend = (corner: Corner, kmh: number, m: number) => {
    const toKmh = Math.abs(kmh - corner.slowestKmh) >= 1 ? Math.round(Math.min(speeds.max, Math.max(speeds.min, kmh))) : undefined;
    const longerM = Math.abs(m - corner.atM) >= 5 ? Math.round(m - corner.atM) : 0;
    if (toKmh !== undefined || longerM !== 0) onBend?.(corner, toKmh, longerM);
  };
  const onKey = (event: KeyboardEvent, corner: Corner) => {
    const moved: Record<string, [number, number]> = {
      ArrowUp: [step.kmh, 0],
      ArrowDown: [-step.kmh, 0],
      ArrowRight: [0, step.m],
      ArrowLeft: [0, -step.m],
    };
    const by = moved[event.key];
    if (!by) return;
    bend(corner, corner.slowestKmh + by[0], corner.atM + by[1]);
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div ref={ref} className="chart ribbon">
      <svg
        ref={svg}
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="group"
        aria-label={`A lap of ${show(ribbon.lengthM / 1000, 'km', 1)}: speed over distance, thicker where it brakes harder`}
        onPointerMove={(event) => held && setHeld({ ...held, ...place(event) })}
        onPointerUp={() => {
          if (held) bend(held.corner, held.kmh, held.m);
          setHeld(null);
        }}
        onPointerCancel={() => setHeld(null)}
      >
        {roundTicks(y.domain(), 4, 'km/h', { to, from }).map((kmh) => (
          <g key={kmh}>
            <line className="grid" x1={margin.left} x2={width - margin.right} y1={y(kmh)} y2={y(kmh)} />
            <text className="tick" x={margin.left - 6} y={y(kmh) + 4} textAnchor="end">
              {to(kmh, 'km/h').toFixed(0)}
            </text>
          </g>
        ))}
        <text className="tick" x={4} y={12}>
          {unitOf('km/h')}
        </text>
        <text className="tick" x={width - margin.right} y={height - 6} textAnchor="end">
          {show(ribbon.lengthM / 1000, 'km', 1)}
        </text>
        <text className="tick" x={margin.left} y={height - 6}>
          start
        </text>
        <path className="ribbon-braking" d={areaPath(line, under)} />
        <path className="capacity-edge" d={linePath(line)} />
        {held && <path className="ribbon-held" d={`M${x(held.corner.atM)} ${y(held.corner.slowestKmh)}L${x(held.m)} ${y(held.kmh)}`} />}
        {onBend &&
          ribbon.corners.map((corner) => {
            const moved = held?.corner.segment === corner.segment ? held : null;
            return (
              <circle
                key={corner.segment}
                className={moved ? 'curve-point current' : 'curve-point'}
                cx={x(moved ? moved.m : corner.atM)}
                cy={y(moved ? moved.kmh : corner.slowestKmh)}
                r={6}
                role="slider"
                tabIndex={0}
                aria-label={`Corner at ${show(corner.atM / 1000, 'km', 2)}`}
                aria-valuenow={Math.round(corner.slowestKmh)}
                aria-valuemin={speeds.min}
                aria-valuemax={speeds.max}
                aria-valuetext={`${show(corner.slowestKmh, 'km/h')} at the slowest`}
                onKeyDown={(event) => onKey(event, corner)}
                onPointerDown={(event) => {
                  svg.current?.setPointerCapture?.(event.pointerId);
                  setHeld({ corner, kmh: corner.slowestKmh, m: corner.atM });
                }}
              />
            );
          })}
      </svg>
    </div>
  );
}
