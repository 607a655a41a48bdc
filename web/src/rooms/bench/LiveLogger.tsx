import { useMemo } from 'react';
import type { LoggerFrame, Observation, PhaseSummary, PredictionPlan } from '../../api/client';
import { usePlan } from '../../plan/PlanContext';
import { useUnits } from '../../units/UnitContext';
import type { LiveLog } from './useLogger';

/** The highest values so far that three lines of the log agree on: one spike of noise does not count. */
export function steadyPeak(frames: LoggerFrame[], channel: 'rotorC' | 'caliperC'): number | null {
  const values = frames.map((frame) => frame[channel]).filter((value): value is number => value != null);
  let peak: number | null = null;
  for (let i = 2; i < values.length; i += 1) {
    const middle = [values[i - 2]!, values[i - 1]!, values[i]!].sort((a, b) => a - b)[1]!;
    if (peak === null || middle > peak) peak = middle;
  }
  return peak;
}

/** What the log teaches up to its last finished lap. */
export function learntFrom(frames: LoggerFrame[], phases: PhaseSummary[]): Observation[] {
  const now = frames[frames.length - 1]?.timeS ?? 0;
  const done = phases.filter((phase) => phase.kind !== 'parked' && phase.endS <= now);
  const last = done[done.length - 1];
  if (!last) return [];
  const first = phases.find((phase) => phase.session === last.session);
  const upTo = frames.filter((frame) => frame.timeS >= (first?.startS ?? 0) && frame.timeS <= last.endS);
  const rotor = steadyPeak(upTo, 'rotorC');
  const caliper = steadyPeak(upTo, 'caliperC');
  const reach = { session: last.session, lap: last.lap };
  return [
    ...(rotor === null ? [] : [{ kind: 'rotorPeak' as const, rear: false, value: Math.round(rotor), error: 10, ...reach }]),
    ...(caliper === null ? [] : [{ kind: 'caliperPeak' as const, rear: false, value: Math.round(caliper * 10) / 10, error: 3, ...reach }]),
  ];
}

/** A simulated car on the same day, watched live against the bands. */
export function LiveLogger({ log, plan, phases }: { log: LiveLog; plan: PredictionPlan; phases: PhaseSummary[] }) {
  const { show } = useUnits();
  const { change, draft } = usePlan();
  const latest = log.frames[log.frames.length - 1];
  const lap = phases.find((phase) => latest && phase.startS <= latest.timeS && phase.endS > latest.timeS);
  const learnt = useMemo(() => learntFrom(log.frames, phases), [log.frames, phases]);
  const reading = (value: number | null | undefined, unit: string) => (value == null ? 'no signal' : show(value, unit));
  const counted = (draft?.seen ?? []).length > 0;
  return (
    <div className="live">
      {log.state === 'off' || log.state === 'failed' ? (
        <>
          <button type="button" className="btn btn-outline-dark" onClick={() => log.start(plan, 1 + Math.floor(Math.random() * 9999))}>
            Watch a simulated car
          </button>
          <span className="note">
            {log.state === 'failed'
              ? 'The logger fell silent; start it again.'
              : 'A made-up car with hidden quirks drives this day; its logger plays 120 times as fast, dots against the band.'}
          </span>
        </>
      ) : (
        <>
          <dl aria-label="Logger" aria-live="off">
            <div>
              <dt>lap</dt>
              <dd>
                {lap
                  ? lap.kind === 'hotLap'
                    ? lap.lap
                    : { outLap: 'out', coolDownLap: 'cool', parked: 'parked', road: 'road' }[lap.kind]
                  : '–'}
              </dd>
            </div>
            <div>
              <dt>speed</dt>
              <dd>{reading(latest?.speedKmh, 'km/h')}</dd>
            </div>
            <div>
              <dt>pressure</dt>
              <dd>{reading(latest?.pressureBar, 'bar')}</dd>
            </div>
            <div>
              <dt>rotor, infrared</dt>
              <dd>{reading(latest?.rotorC, 'C')}</dd>
            </div>
            <div>
              <dt>caliper</dt>
              <dd>{reading(latest?.caliperC, 'C')}</dd>
            </div>
          </dl>
          <button
            type="button"
            className="btn btn-outline-dark"
            disabled={learnt.length === 0}
            onClick={() => change((old) => ({ ...old, seen: learnt }))}
          >
            {counted ? 'Learn again from the log so far' : 'Learn from the log so far'}
          </button>
          <button type="button" className="btn btn-link" onClick={log.stop}>
            Stop
          </button>
          {log.file && (
            <a className="btn btn-link" href={log.file} download="logger.csv">
              Log as CSV
            </a>
          )}
        </>
      )}
    </div>
  );
}
