import { scaleLinear } from 'd3-scale';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { CurvePoint, CurveReading, DynamometerStop } from '../api/client';
import { rangeOf } from '../api/ranges';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { areaPath, linePath, type Point } from './path';
import { roundTicks } from './ticks';

interface Props {
  points: CurvePoint[];
  /** True where the points are the family's and not the pad's own: drawn, not dragged. */
  typical: boolean;
  reading: CurveReading | undefined;
  stops?: DynamometerStop[] | null;
  chosen: number | null;
  onChoose: (index: number | null) => void;
  /** Points after a change; changes of one run are one step back. */
  onChange: (points: CurvePoint[], run: string) => void;
}

const height = 330;
const margin = { left: 40, right: 14, top: 14, bottom: 34 };
const range = { fromC: -20, toC: 1000, muTop: 0.8 };
const gapC = 1;
const celsius = rangeOf('curve.temperatureC');
const friction = rangeOf('curve.mu');
const round = (value: number, step: number) => Math.round(value / step) * step;

/** A friction curve whose points are dragged on the drawing, or moved by the arrow keys. */
export function CurveEditor({ points, typical, reading, stops, chosen, onChoose, onChange }: Props) {
  const { ref, width } = useWidth<HTMLDivElement>(640);
  const { to, from, unitOf, show } = useUnits();
  const svg = useRef<SVGSVGElement>(null);
  const [dragging, setDragging] = useState<number | null>(null);
  const muTop = Math.max(range.muTop, ...points.map((point) => point.mu + 0.1));
  const x = scaleLinear()
    .domain([range.fromC, Math.max(range.toC, ...points.map((point) => point.temperatureC + 40))])
    .range([margin.left, width - margin.right]);
  const y = scaleLinear()
    .domain([0, muTop])
    .range([height - margin.bottom, margin.top]);
  const place = (event: PointerEvent) => {
    const box = svg.current!.getBoundingClientRect();
    return { temperatureC: x.invert(event.clientX - box.left), mu: y.invert(event.clientY - box.top) };
  };
  const move = (index: number, point: CurvePoint, run: string) => {
    const least = (points[index - 1]?.temperatureC ?? celsius.min - gapC) + gapC;
    const most = (points[index + 1]?.temperatureC ?? celsius.max + gapC) - gapC;
    const next = {
      temperatureC: round(Math.min(most, Math.max(least, point.temperatureC)), 1),
      mu: Number(round(Math.min(friction.max, Math.max(friction.min, point.mu)), 0.005).toFixed(3)),
    };
    onChange(
      points.map((old, i) => (i === index ? next : old)),
      run,
    );
  };
  const add = (point: CurvePoint) => {
    const at = points.findIndex((other) => other.temperatureC > point.temperatureC);
    const index = at < 0 ? points.length : at;
    const [before, after] = [points[index - 1], points[index]];
    if ((before && point.temperatureC - before.temperatureC < gapC) || (after && after.temperatureC - point.temperatureC < gapC)) return;
    onChange(
      [...points.slice(0, index), { temperatureC: round(point.temperatureC, 1), mu: Number(point.mu.toFixed(3)) }, ...points.slice(index)],
      '',
    );
    onChoose(index);
  };
  const remove = (index: number) => {
    if (points.length <= 2) return;
    onChange(
      points.filter((_, i) => i !== index),
      '',
    );
    onChoose(Math.min(index, points.length - 2));
  };
  const onKey = (event: KeyboardEvent, index: number) => {
    const point = points[index]!;
    const steps: Record<string, [number, number]> = { ArrowLeft: [-5, 0], ArrowRight: [5, 0], ArrowUp: [0, 0.005], ArrowDown: [0, -0.005] };
    const step = steps[event.key];
    if (step) move(index, { temperatureC: point.temperatureC + step[0], mu: point.mu + step[1] }, `keys ${index}`);
    else if (event.key === 'Delete' || event.key === 'Backspace') remove(index);
    else if (event.key === 'Insert' || event.key === '+') {
      const next = points[index + 1] ?? { temperatureC: point.temperatureC + 60, mu: point.mu };
      add({ temperatureC: (point.temperatureC + next.temperatureC) / 2, mu: (point.mu + next.mu) / 2 });
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const drawn = (reading?.drawn ?? points).map((point): Point => [x(point.temperatureC), y(point.mu)]);
  const spread = reading?.muSpread ?? 0;
  const shifted = (by: number) => (reading?.drawn ?? []).map((point): Point => [x(point.temperatureC), y(Math.max(0, point.mu + by))]);
  const last = points[points.length - 1]?.temperatureC ?? 0;
  const ticks = roundTicks(x.domain(), Math.max(4, Math.floor(width / 90)), 'C', { to, from });
  return (
    <div ref={ref} className="chart curve-editor">
      <svg
        ref={svg}
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="group"
        aria-label="Friction against temperature"
        onPointerMove={(event) => dragging !== null && move(dragging, place(event), `drag ${dragging}`)}
        onPointerUp={() => setDragging(null)}
        onDoubleClick={(event) => !typical && add(place(event as unknown as PointerEvent))}
      >
        {reading && (
          <>
            <rect
              className="curve-band"
              x={x(reading.band.fromC)}
              width={Math.max(0, x(reading.band.toC) - x(reading.band.fromC))}
              y={margin.top}
              height={height - margin.top - margin.bottom}
            />
            <text className="layer-mark" x={(x(reading.band.fromC) + x(reading.band.toC)) / 2} y={margin.top + 14} textAnchor="middle">
              {`works ${show(reading.band.fromC, 'C').replace(/ .*/, '')} to ${show(reading.band.toC, 'C')}`}
            </text>
          </>
        )}
        {y.ticks(5).map((mu) => (
          <g key={mu}>
            <line className="grid" x1={margin.left} x2={width - margin.right} y1={y(mu)} y2={y(mu)} />
            <text className="tick" x={margin.left - 6} y={y(mu) + 4} textAnchor="end">
              {mu.toFixed(1)}
            </text>
          </g>
        ))}
        {ticks.map((c) => (
          <text key={c} className="tick" x={x(c)} y={height - margin.bottom + 17} textAnchor="middle">
            {to(c, 'C').toFixed(0)}
          </text>
        ))}
        <text className="tick" x={4} y={height - margin.bottom + 17}>
          {unitOf('C')}
        </text>
        <text className="tick" x={4} y={margin.top + 4}>
          µ
        </text>
        {spread > 0 && <path className="curve-spread" d={areaPath(shifted(-spread), shifted(spread))} />}
        <line className="curve-end" x1={x(last)} x2={x(last)} y1={margin.top} y2={height - margin.bottom} />
        <text
          className="tick"
          x={Math.min(width - margin.right, x(last) + 5)}
          y={height - margin.bottom - 6}
          textAnchor={x(last) > width - 90 ? 'end' : 'start'}
        >
          unknown beyond
        </text>
        {stops?.map((stop, i) => (
          <path key={i} className="curve-stop" d={`M${x(stop.initialC) - 3} ${y(stop.meanMu)}h6m-3-3v6`} />
        ))}
        <path className="capacity-edge" d={linePath(drawn)} />
        {!typical &&
          points.map((point, i) => (
            <circle
              key={i}
              className={i === chosen ? 'curve-point current' : 'curve-point'}
              cx={x(point.temperatureC)}
              cy={y(point.mu)}
              r={6}
              role="slider"
              tabIndex={0}
              aria-label={`Point ${i + 1} of ${points.length}`}
              aria-valuenow={point.mu}
              aria-valuemin={0}
              aria-valuemax={1.2}
              aria-valuetext={`${show(point.temperatureC, 'C')}, friction ${point.mu.toFixed(3)}`}
              onFocus={() => onChoose(i)}
              onKeyDown={(event) => onKey(event, i)}
              onPointerDown={(event) => {
                svg.current?.setPointerCapture?.(event.pointerId);
                setDragging(i);
                onChoose(i);
              }}
            />
          ))}
      </svg>
    </div>
  );
}
