import type { StopSummary } from '../api/client';
import { useUnits } from '../units/UnitContext';

const effortHeight = 58;
const effortTop = 3;

/** What the foot has to do, stop by stop. */
export function Effort({
  stops,
  legN,
  x,
  width,
  left,
  right,
  chosen,
  onChoose,
}: {
  stops: StopSummary[];
  legN: number;
  x: (t: number) => number;
  width: number;
  left: number;
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
            {worst.pedalN >= legN
              ? `At the end of what a leg gives: the worst stop takes all of ${show(legN, 'N')}.`
              : `Worst: ×${worst.effort.p50.toFixed(1)} (${worst.effort.p10.toFixed(1)} to ${worst.effort.p90.toFixed(1)}), ${forceOf(worst)}.`}
          </b>
        )}{' '}
        {chosen &&
          `Chosen: lap ${chosen.lap}, ${show(chosen.entryKmh, 'km/h')} to ${show(chosen.exitKmh, 'km/h')}, ${forceOf(chosen)}, ${show(chosen.pressureBar, 'bar')} in the middle.`}
      </figcaption>
      <svg
        width={width}
        height={effortHeight}
        viewBox={`0 0 ${width} ${effortHeight}`}
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
        <line className="grid" x1={left} x2={width - right} y1={y(1)} y2={y(1)} />
        <text className="tick" x={left - 6} y={y(1) + 4} textAnchor="end">
          ×1
        </text>
        <text className="tick" x={left - 6} y={y(effortTop) + 8} textAnchor="end">
          ×{effortTop}
        </text>
        {stops.map((stop) => {
          const hard = stop.pedalN >= legN;
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
        <line className="baseline" x1={left} x2={width - right} y1={effortHeight - 14} y2={effortHeight - 14} />
      </svg>
    </figure>
  );
}
