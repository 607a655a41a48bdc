import type { BandAnswer, BandResult, Observation } from '../../api/client';
import { usePlan } from '../../plan/PlanContext';
import { useUnits } from '../../units/UnitContext';
import { ProblemNote } from '../../shared/ProblemNote';
import { inWords } from '../../shared/seenWords';
import { SeenEditor } from './SeenEditor';
import { useSeenToday } from './useSeenToday';

const unitOf = (kind: string) => (kind === 'padWear' ? 'mm' : kind === 'moisture' ? '%' : kind === 'pedalSoft' ? 'K' : 'C');

const same = (a: Observation, b: Observation) =>
  (['kind', 'rear', 'session', 'aboveC', 'belowC', 'value', 'minutesAfterStop', 'lap'] as const).every(
    (key) => (a[key] || null) === (b[key] || null),
  );

/** How sure Rimrock is, in three sentences; what would narrow it; and what was seen, with what it taught. */
export function Certainty({ answer, waiting }: { answer: BandAnswer | undefined; waiting: boolean }) {
  const { draft, change } = usePlan();
  const { show, told: inUnits } = useUnits();
  const log = useSeenToday();
  // A logger's play is on this page alone; what was really seen is in the log.
  const played = draft?.seen ?? [];
  const seen = [...played, ...log.seen];
  const remove = (at: number) =>
    at < played.length ? change((old) => ({ ...old, seen: (old.seen ?? []).filter((_, i) => i !== at) })) : log.remove(at - played.length);
  const told = (item: Observation) => answer?.evidence?.seen.find((one) => same(one.observation, item));
  return (
    <section aria-label="How sure is this" className="certainty">
      <h2>How sure is this?</h2>
      <p>
        Nobody knows how your car’s air flows, how its pads pass heat or quite how you brake, so Rimrock drives 256 likely versions of this
        day. The middle is the version with as many hotter as cooler ones; a band holds eight of ten, and a chance is the share in which a
        part gives. What you see at the track rules versions out, and the band closes.
      </p>
      <Narrowing band={answer?.learnt ?? answer?.prior} />
      {answer?.evidence && (
        <>
          <p className={answer.evidence.contradicted ? 'contradicted' : 'learnt'} role="status">
            {inUnits(answer.evidence.statement)}
          </p>
          <Beside before={answer.prior} after={answer.learnt ?? answer.prior} />
        </>
      )}
      {seen.length > 0 && (
        <ul className="seen">
          {seen.map((item, i) => {
            const weighed = told(item);
            const unit = unitOf(item.kind);
            const digits = unit === 'mm' || unit === '%' ? 1 : 0;
            return (
              <li key={i}>
                <b>{inWords(item, show)}</b>
                {weighed && item.kind !== 'pedalSoft' && (
                  <span>
                    {' '}
                    believed {show(weighed.before.p10, unit, digits).replace(/ .*/, '')} to {show(weighed.before.p90, unit, digits)}, now{' '}
                    {show(weighed.after.p10, unit, digits).replace(/ .*/, '')} to {show(weighed.after.p90, unit, digits)}
                  </span>
                )}
                {weighed?.boiling != null && (
                  <span className={weighed.unexplained ? 'contradicted' : undefined}>
                    {' '}
                    boiling explains {Math.round(100 * weighed.boiling)} % of it; else air, knocked-back pistons, old fluid. Bleed before
                    the next drive
                  </span>
                )}
                {weighed?.unexplained && weighed.boiling == null && (
                  <span className="contradicted"> nothing believable comes near it: check the entry</span>
                )}{' '}
                <button type="button" className="why" onClick={() => remove(i)} aria-label={`Forget: ${inWords(item, show)}`}>
                  forget
                </button>
              </li>
            );
          })}
        </ul>
      )}
      {waiting && seen.length > 0 && <p className="note">Learning from it…</p>}
      <details>
        <summary>I saw something at the track</summary>
        <SeenEditor count={log.add} />
        {log.error && <ProblemNote error={log.error} />}
      </details>
    </section>
  );
}

function Narrowing({ band }: { band: BandResult | undefined }) {
  const { told } = useUnits();
  const open = band?.limits.filter(
    (limit) => limit.contributions.length > 0 && limit.worthTelling && limit.chance.told.edge !== 'above',
  )[0];
  const found = open ?? band?.limits.find((limit) => limit.code === 'front-face');
  const first = found?.contributions[0];
  if (!first) return null;
  return (
    <p className="note">
      Most of the doubt hangs on {told(first.name)} ({Math.round(first.share * 100)} %); {told(first.measure)} would narrow it to about{' '}
      {Math.round(Math.sqrt(1 - Math.min(0.95, first.share)) * 100)} % of its width.
    </p>
  );
}

/** The day's hottest moments, believed before and believed now. */
function Beside({ before, after }: { before: BandResult; after: BandResult }) {
  const { show } = useUnits();
  const rows = [
    { part: 'frontFace', label: 'front pad’s hottest' },
    { part: 'frontFluid', label: 'front fluid’s hottest' },
  ];
  const text = (band: BandResult, part: string) => {
    const peak = band.peaks.find((item) => item.part === part);
    return peak ? `${show(peak.p10C, 'C').replace(/ .*/, '')} to ${show(peak.p90C, 'C')}` : '';
  };
  return (
    <table className="facts">
      <thead>
        <tr>
          <th scope="col">eight in ten</th>
          <td>before</td>
          <td>now</td>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.part}>
            <th scope="row">{row.label}</th>
            <td>{text(before, row.part)}</td>
            <td>{text(after, row.part)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
