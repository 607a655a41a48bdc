import type { LearningPage } from '../../api/log';
import { Promises } from '../../charts/Promises';
import { Reliability } from '../../charts/Reliability';
import { withError } from '../../shared/chance';
import { useUnits } from '../../units/UnitContext';

const upper = (text: string) => text.replace(/^./, (letter) => letter.toUpperCase());

/** What was said on evenings, against what came: bands against paints, chances against what happened, limit by limit. */
export function KeptWord({ page }: { page: LearningPage }) {
  const { told } = useUnits();
  const held = page.promises.filter((promise) => promise.kept != null).length;
  const { scores } = page;
  const misses = scores.misses ?? [];
  const titles = new Map(scores.limits.map((limit) => [limit.code, told(limit.title)]));
  return (
    <section aria-label="Kept promises" className="kept">
      <header className="section-head">
        <h2>Kept promises</h2>
        <span className="section-note">what was said before each day, what came</span>
      </header>
      <div className="kept-columns">
        <div>
          <Promises page={page} />
          <p className="note">
            8 in 10 was promised; {page.keptCount} of {held} came true. Bars are what was said, posts what paints allow.{' '}
            {page.promises
              .map((one) => `On the evening before ${one.date}: danger ${withError(one.danger)}, damage ${withError(one.damage)}.`)
              .join(' ')}
          </p>
        </div>
        {scores.limits.length > 0 && (
          <div>
            <Reliability scores={scores} />
            <p className="note">
              Full: told with your log; hollow: what would have been told without it. A bar is where luck alone puts 8 of 10 logs; 2 of 10
              points lie outside theirs though all was told rightly.
            </p>
            <table className="facts">
              <thead>
                <tr>
                  <th>What might have come</th>
                  <th>Came</th>
                  <th>Score</th>
                  <th>Without the log</th>
                </tr>
              </thead>
              <tbody>
                {scores.limits.map((limit) => (
                  <tr key={limit.code}>
                    <th scope="row">{upper(told(limit.title))}</th>
                    <td>
                      {limit.cameOn} of {limit.days} {limit.days === 1 ? 'day' : 'days'}
                    </td>
                    <td>{limit.brier.toFixed(3)}</td>
                    <td>{limit.brierWithout.toFixed(3)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="note">
              The score is the mean square of what was told less what came: 0 is best, 0.25 is who always says a half. A handful of days
              proves little either way.
            </p>
            {misses.length > 0 && (
              <p className="bad">
                Told wrong:{' '}
                {misses
                  .map(
                    (miss) =>
                      `${titles.get(miss.code) ?? miss.code} on ${miss.day}, ${miss.came ? 'came' : 'did not come'} and ${Math.round(miss.chance * 100)} % was told`,
                  )
                  .join('; ')}
                .
              </p>
            )}
          </div>
        )}
      </div>
    </section>
  );
}
