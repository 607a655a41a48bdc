import { useQuery } from '@tanstack/react-query';
import type { BandAnswer } from '../api/client';
import { useUnits } from '../units/UnitContext';
import { bandOf } from './asking';
import { usePlan } from './PlanContext';
import { useBelief } from './useBelief';

const peakOf = (band: BandAnswer['prior'] | null | undefined) => band?.peaks.find((peak) => peak.part === 'frontFace');

/** What the figures below are believed by, in one line: the car's log, with what it changed, or without it. */
export function BeliefLine() {
  const { plan, draft } = usePlan();
  const belief = useBelief();
  const { show } = useUnits();
  // What the Bench has asked already; nothing is asked for this line alone.
  const band = useQuery({ ...bandOf(plan!, draft?.seen ?? [], belief), enabled: false });
  if (!plan || belief.days === 0) return null;
  const days = belief.days === 1 ? 'one day' : `${belief.days} days`;
  const [now, before] = [peakOf(band.data?.learnt), peakOf(band.data?.prior)];
  const from = (peak: { p10C: number; p90C: number }) => `${show(peak.p10C, 'C').replace(/ .*/, '')} to ${show(peak.p90C, 'C')}`;
  return (
    <p className="belief-line">
      {belief.leftOut ? (
        <>
          Without what your log taught.{' '}
          <button type="button" className="btn btn-link" onClick={() => belief.leaveOut(false)}>
            Count its {days}
          </button>
        </>
      ) : band.data?.evidence?.contradicted ? (
        <>Your log’s {days} contradict each other or the model, so that nothing is learnt from them: look through them in the Log. </>
      ) : (
        <>
          By your log’s {days}, the last {belief.last}
          {now && before ? (
            <>
              : front pad’s hottest, 8 in 10 from <b>{from(now)}</b>, before them {from(before)}
            </>
          ) : (
            ''
          )}
          .{' '}
          <button type="button" className="btn btn-link" onClick={() => belief.leaveOut(true)}>
            Leave the log out
          </button>
        </>
      )}
    </p>
  );
}
