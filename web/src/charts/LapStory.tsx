import { scaleLinear } from 'd3-scale';
import { memo, useState, type PointerEvent } from 'react';
import type { BrakePart, LoggerFrame, PhaseSummary, SessionSeries, StopSummary } from '../api/client';
import { useWidth } from '../shared/useWidth';
import { useUnits } from '../units/UnitContext';
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
const margin = { left: 44, right: 118, top: 14, bottom: 8 };
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

export const lapLabel = (phase: { kind: PhaseSummary['kind']; lap: number }) =>
  phase.kind === 'outLap' ? 'out' : phase.kind === 'coolDownLap' ? 'cool' : phase.kind === 'parked' ? 'parked' : String(phase.lap);

/** Temperatures over one session and the rest after it; a lap's name or a brushed range zooms in. */
export const LapStory = memo(function LapStory({ series, phases, stops, padBandC, vapourC, legN, chosen, onChoose, dots = [] }: Props) {
  const { ref, width } = useWidth<HTMLDivElement>(1180);
  const { show, to, from, system } = useUnits();
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
  const rules = [
    { c: padBandC, label: 'front pads leave their band', className: 'rule-pad' },
    { c: vapourC, label: 'vapour in the fluid', className: 'rule-fluid' },
  ];
  const laps = phases.filter((phase) => phase.session === series.session);
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
        {Array.from({ length: 20 }, (_, i) => from(i * step, 'C'))
          .filter((c) => c > -1 && c < top)
          .map((c) => (
            <g key={c}>
              <line className="grid" x1={margin.left} x2={width - right} y1={y(c)} y2={y(c)} />
              <text className="tick" x={margin.left - 6} y={y(c) + 4} textAnchor="end">
                {Math.round(to(c, 'C'))}
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
        {!narrow && (
          <RightLabels
            items={[
              ...shownParts.map((item) => ({
                c: item.values[indexes[indexes.length - 1] ?? 0] ?? 0,
                label: partNames[item.part],
                className: item.className,
              })),
              ...rules,
            ]}
            y={y}
            at={width - right + 8}
          />
        )}
        {laps
          .filter((lap) => inView((lap.startS + lap.endS) / 2))
          .map((lap) => (
            <g key={lap.startS}>
              <line
                className="lap-tick"
                x1={Math.max(margin.left, x(lap.startS))}
                x2={Math.max(margin.left, x(lap.startS))}
                y1={height - margin.bottom}
                y2={height - margin.bottom + 5}
              />
            </g>
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
        {laps.map((lap) => {
          const from = Math.max(margin.left, x(lap.startS));
          const until = Math.min(width - right, x(lap.endS));
          if (until - from < 14) return null;
          return (
            <button
              key={lap.startS}
              type="button"
              style={{ left: from, width: until - from }}
              onClick={() => setZoomed(zoom ? null : { session: series.session, from: lap.startS, to: lap.endS })}
              title={zoom ? 'Whole session' : 'Zoom to this stretch'}
            >
              {lapLabel(lap) === 'parked' ? `parked, ${Math.round((lap.endS - lap.startS) / 60)} min` : lapLabel(lap)}
            </button>
          );
        })}
      </div>
      <Effort stops={mine} legN={legN} x={x} width={width} right={right} chosen={chosen} onChoose={onChoose} />
      {zoom && (
        <button type="button" className="btn btn-link" onClick={() => setZoomed(null)}>
          Show the whole session
        </button>
      )}
    </div>
  );
});

/** Names at the right end of the lines, pushed apart so that none covers another. */
function RightLabels({ items, y, at }: { items: { c: number; label: string; className: string }[]; y: (c: number) => number; at: number }) {
  const sorted = items.map((item) => ({ ...item, at: y(item.c) })).sort((a, b) => a.at - b.at);
  const placed = sorted.reduce<typeof sorted>((rows, item) => {
    const last = rows[rows.length - 1];
    return [...rows, { ...item, at: last ? Math.max(item.at, last.at + 15) : Math.max(item.at, 16) }];
  }, []);
  const overflow = Math.max(0, (placed[placed.length - 1]?.at ?? 0) - (height - margin.bottom));
  return (
    <>
      {placed.map((item) => (
        <text key={item.label} className={`line-label ${item.className}-label`} x={at} y={item.at + 4 - overflow}>
          {item.label.replace('front pads leave their band', 'pads’ upper edge').replace('vapour in the fluid', 'fluid: vapour')}
        </text>
      ))}
    </>
  );
}

const effortHeight = 58;
const effortTop = 3;

function Effort({
  stops,
  legN,
  x,
  width,
  right,
  chosen,
  onChoose,
}: {
  stops: StopSummary[];
  legN: number;
  x: (t: number) => number;
  width: number;
  right: number;
  chosen: StopSummary | null;
  onChoose: (stop: StopSummary | null) => void;
}) {
  const { show, band } = useUnits();
  const y = (effort: number) => effortHeight - 14 - ((effortHeight - 20) * Math.min(effortTop, effort)) / effortTop;
  const worst = stops.reduce<StopSummary | null>((found, stop) => (!found || stop.effort.p50 > found.effort.p50 ? stop : found), null);
  const at = stops.findIndex((stop) => stop === chosen);
  const forceOf = ({ pedalN, effort }: StopSummary) =>
    band({ p10: (pedalN * effort.p10) / effort.p50, p50: pedalN, p90: (pedalN * effort.p90) / effort.p50 }, 'N');
  return (
    <figure className="effort">
      <figcaption>
        Pedal effort, stop by stop, against the same stop with pads at their best; thin lines reach to nine days in ten.{' '}
        {worst && (
          <b>
            {worst.pedalN > legN
              ? `Out of a leg’s reach: the worst stop would take more than ${show(legN, 'N')}.`
              : `Worst: ×${worst.effort.p50.toFixed(1)} (${worst.effort.p10.toFixed(1)} to ${worst.effort.p90.toFixed(1)}), ${forceOf(worst)}.`}
          </b>
        )}{' '}
        {chosen &&
          `Chosen: lap ${chosen.lap}, ${show(chosen.entryKmh, 'km/h')} to ${show(chosen.exitKmh, 'km/h')}, ${forceOf(chosen)}, ${show(chosen.pressureBar, 'bar')} in the middle.`}
      </figcaption>
      <svg
        width={width}
        height={effortHeight}
        role="slider"
        tabIndex={0}
        aria-label="Stops of the session; arrow keys choose one and show it in the strata"
        aria-valuemin={0}
        aria-valuemax={Math.max(0, stops.length - 1)}
        aria-valuenow={Math.max(0, at)}
        aria-valuetext={chosen ? `lap ${chosen.lap}, effort ${chosen.effort.p50}` : 'none chosen'}
        onKeyDown={(event) => {
          if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
            event.preventDefault();
            onChoose(stops[Math.min(stops.length - 1, Math.max(0, at + (event.key === 'ArrowRight' ? 1 : -1)))] ?? null);
          } else if (event.key === 'Escape') onChoose(null);
        }}
      >
        <line className="grid" x1={margin.left} x2={width - right} y1={y(1)} y2={y(1)} />
        <text className="tick" x={margin.left - 6} y={y(1) + 4} textAnchor="end">
          ×1
        </text>
        <text className="tick" x={margin.left - 6} y={y(effortTop) + 8} textAnchor="end">
          ×{effortTop}
        </text>
        {stops.map((stop) => {
          const hard = stop.effort.p50 > 1.15;
          return (
            <g
              key={`${stop.atS}`}
              className={stop === chosen ? 'stop chosen' : 'stop'}
              onClick={() => onChoose(stop === chosen ? null : stop)}
            >
              <rect x={x(stop.atS) - 4} width={8} y={0} height={effortHeight - 14} className="stop-hit" />
              <rect
                x={x(stop.atS) - 1.5}
                width={3}
                y={y(stop.effort.p50)}
                height={effortHeight - 14 - y(stop.effort.p50)}
                className={hard ? 'effort-hard' : 'effort-easy'}
              />
              <line className="effort-band" x1={x(stop.atS)} x2={x(stop.atS)} y1={y(stop.effort.p90)} y2={y(stop.effort.p50)} />
              {stop.effort.p50 > effortTop && <path className="effort-hard" d={`M${x(stop.atS) - 3.5} ${y(effortTop) + 1}l3.5-6 3.5 6z`} />}
            </g>
          );
        })}
        <line className="baseline" x1={margin.left} x2={width - right} y1={effortHeight - 14} y2={effortHeight - 14} />
      </svg>
    </figure>
  );
}
