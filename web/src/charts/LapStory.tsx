import { scaleLinear } from 'd3-scale';
import { memo, useState, type PointerEvent } from 'react';
import type { BrakePart, LoggerFrame, PhaseSummary, SessionSeries, StopSummary } from '../api/client';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
import { ChartLegend } from './ChartLegend';
import { Effort } from './Effort';
import { lapMarks } from './lapMarks';
import { partNames } from './parts';
import { areaPath, linePath, type Point } from './path';

interface Props {
  series: SessionSeries;
  phases: PhaseSummary[];
  stops: StopSummary[];
  padBandC: number;
  vapourC: number;
  /** What a leg gives for a moment, as the limit has it, N. */
  legN: number;
  chosen: StopSummary | null;
  onChoose: (stop: StopSummary | null) => void;
  /** A logger's readings of the front rotor, drawn as dots against the band. */
  dots?: LoggerFrame[];
}

const height = 216;
const margin = { left: 50, right: 126, top: 14, bottom: 8 };
const parkedShare = 0.26;
const lines: { part: BrakePart; className: string }[] = [
  { part: 'frontFace', className: 'line-front' },
  { part: 'rearFace', className: 'line-rear' },
  { part: 'frontFluid', className: 'line-fluid' },
];

const valuesOf = (series: SessionSeries, part: BrakePart) => {
  const found = series.parts.find((item) => item.part === part);
  return { values: found?.celsius ?? [], low: found?.lowC ?? [], high: found?.highC ?? [] };
};

/** Temperatures over one session and the rest after it; a lap's name or a brushed range zooms in. */
export const LapStory = memo(function LapStory({ series, phases, stops, padBandC, vapourC, legN, chosen, onChoose, dots = [] }: Props) {
  const { ref, width } = useWidth<HTMLDivElement>(1180);
  const { show, to, from, unitOf, system } = useUnits();
  const [zoomed, setZoomed] = useState<{ session: number; from: number; to: number } | null>(null);
  const [brush, setBrush] = useState<{ from: number; to: number } | null>(null);
  const zoom = zoomed?.session === series.session ? zoomed : null;

  const narrow = width < 620;
  const right = narrow ? 14 : margin.right;
  const end = series.timeS[series.timeS.length - 1] ?? series.parkedS + 1;
  const x = zoom
    ? scaleLinear()
        .domain([zoom.from, zoom.to])
        .range([margin.left, width - right])
    : scaleLinear()
        .domain([series.startS, series.parkedS, end])
        .range([margin.left, margin.left + (width - right - margin.left) * (1 - parkedShare), width - right]);
  const inView = (t: number) => !zoom || (t >= zoom.from && t <= zoom.to);
  const shownParts = lines.map((item) => ({ ...item, ...valuesOf(series, item.part) }));
  const top = Math.max(padBandC, vapourC, ...(shownParts[0]?.high ?? [400])) + 20;
  const y = scaleLinear()
    .domain([0, top])
    .range([height - margin.bottom, margin.top]);
  const indexes = series.timeS.map((_, i) => i).filter((i) => inView(series.timeS[i] ?? 0));
  const across = indexes.map((i) => x(series.timeS[i] ?? 0));
  const placed = (values: number[]): Point[] => indexes.map((i, at) => [across[at] ?? 0, y(values[i] ?? 0)]);
  // Round figures in the shown unit.
  const step = (top > 700 ? 200 : 100) * (system === 'imperial' ? 2 : 1);
  const ticks = Array.from({ length: 20 }, (_, i) => from(i * step, 'C')).filter((c) => c > -1 && c < top);
  const rules = [
    { c: padBandC, label: 'pads’ upper edge', className: 'rule-pad' },
    { c: vapourC, label: 'fluid: vapour', className: 'rule-fluid' },
  ];
  const named = [
    ...shownParts.map((item) => ({
      c: item.values[indexes[indexes.length - 1] ?? 0] ?? 0,
      label: partNames[item.part],
      className: item.className,
    })),
    ...rules,
  ];
  const marks = lapMarks(
    phases.filter((phase) => phase.session === series.session && inView((phase.startS + phase.endS) / 2)),
    (phase) => x(phase.endS) - x(phase.startS),
  );
  const mine = stops.filter((stop) => stop.session === series.session && inView(stop.atS));

  const timeAt = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return Math.min(end, Math.max(series.startS, x.invert(((event.clientX - box.left) / box.width) * width)));
  };

  return (
    <div ref={ref} className="chart">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`Session ${series.session}: ${shownParts.map((item) => `${partNames[item.part]} up to ${show(Math.max(...item.values), 'C')}`).join(', ')}`}
        onPointerDown={(event) => setBrush({ from: timeAt(event), to: timeAt(event) })}
        onPointerMove={(event) => brush && setBrush({ ...brush, to: timeAt(event) })}
        onPointerUp={() => {
          if (brush && Math.abs(brush.to - brush.from) > 10)
            setZoomed({ session: series.session, from: Math.min(brush.from, brush.to), to: Math.max(brush.from, brush.to) });
          setBrush(null);
        }}
      >
        {ticks.map((c, i) => (
          <g key={c}>
            <line className="grid" x1={margin.left} x2={width - right} y1={y(c)} y2={y(c)} />
            <text className="tick" x={margin.left - 6} y={y(c) + 4} textAnchor="end">
              {Math.round(to(c, 'C'))}
              {i === ticks.length - 1 && ` ${unitOf('C')}`}
            </text>
          </g>
        ))}
        {!zoom && (
          <line className="parked-edge" x1={x(series.parkedS)} x2={x(series.parkedS)} y1={margin.top} y2={height - margin.bottom} />
        )}
        {rules.map((rule) => (
          <line key={rule.label} className={rule.className} x1={margin.left} x2={width - right} y1={y(rule.c)} y2={y(rule.c)} />
        ))}
        {shownParts.map((item) => (
          <path key={`${item.part} band`} className={`${item.className}-band`} d={areaPath(placed(item.low), placed(item.high))} />
        ))}
        {shownParts.map((item) => (
          <path key={item.part} className={item.className} d={linePath(placed(item.values))} />
        ))}
        {dots
          .filter(
            (dot, i) =>
              i % (zoom ? 1 : 6) === 0 && dot.rotorC != null && dot.timeS >= series.startS && dot.timeS <= end && inView(dot.timeS),
          )
          .map((dot, i) => (
            <circle key={i} className="logged" cx={x(dot.timeS)} cy={y(dot.rotorC ?? 0)} r={1.8} />
          ))}
        {!narrow && <RightLabels items={named} y={y} at={width - right} />}
        {marks.map((mark) => (
          <line
            key={mark.startS}
            className="lap-tick"
            x1={Math.max(margin.left, x(mark.startS))}
            x2={Math.max(margin.left, x(mark.startS))}
            y1={height - margin.bottom}
            y2={height - margin.bottom + 5}
          />
        ))}
        {brush && (
          <rect
            className="brush"
            x={Math.min(x(brush.from), x(brush.to))}
            width={Math.abs(x(brush.to) - x(brush.from))}
            y={margin.top}
            height={height - margin.top - margin.bottom}
          />
        )}
      </svg>
      <div className="laps" role="group" aria-label="Zoom to a lap">
        {marks.map((mark) => {
          const from = Math.max(margin.left, x(mark.startS));
          const until = Math.min(width - right, x(mark.endS));
          if (until - from < 14) return null;
          return (
            <button
              key={mark.startS}
              type="button"
              style={{ left: from, width: until - from }}
              onClick={() => setZoomed(zoom ? null : { session: series.session, from: mark.startS, to: mark.endS })}
              title={zoom ? 'Whole session' : 'Zoom to this stretch'}
            >
              {mark.label}
            </button>
          );
        })}
      </div>
      {narrow && <ChartLegend items={named} />}
      <Effort stops={mine} legN={legN} x={x} width={width} left={margin.left} right={right} chosen={chosen} onChoose={onChoose} />
      {zoom && (
        <button type="button" className="btn btn-link" onClick={() => setZoomed(null)}>
          Show the whole session
        </button>
      )}
    </div>
  );
});

/** Names beside the right ends of the lines, pushed apart so that none covers another, each led to its line. */
function RightLabels({ items, y, at }: { items: { c: number; label: string; className: string }[]; y: (c: number) => number; at: number }) {
  const apart = 15;
  const sorted = items.map((item) => ({ ...item, line: y(item.c) })).sort((a, b) => a.line - b.line);
  // From the bottom up where the last would leave the drawing, then from the top down.
  const lowest = height - margin.bottom;
  const room = sorted.map((item, i) => Math.min(item.line, lowest - (sorted.length - 1 - i) * apart));
  const placed = room.reduce<number[]>((rows, own) => [...rows, Math.max(own, (rows[rows.length - 1] ?? margin.top - apart) + apart)], []);
  return (
    <>
      {sorted.map((item, i) => (
        <g key={item.label}>
          <path className={`leader ${item.className}-leader`} d={`M${at} ${item.line}L${at + 10} ${placed[i]}h4`} />
          <text className={`line-label ${item.className}-label`} x={at + 17} y={placed[i]! + 4}>
            {item.label}
          </text>
        </g>
      ))}
    </>
  );
}
