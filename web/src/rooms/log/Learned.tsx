import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { followProgress, type PredictionPlan } from '../../api/client';
import { learn } from '../../api/log';
import { Taught } from '../../charts/Taught';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';
import { KeptWord } from './KeptWord';

const signed = (value: number) => `${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(1)}`;

/** What the car has taught: what was believed, what was seen, what is believed now. */
export function Learned({ car, plan, count }: { car: string; plan: PredictionPlan; count: number }) {
  const { show, band, told } = useUnits();
  const queries = useQueryClient();
  const [share, setShare] = useState(0);
  const [stopped, setStopped] = useState(false);
  const queryKey = ['log', car, 'learning', plan];
  const query = useQuery({
    queryKey,
    queryFn: async ({ signal }) => {
      const ticket = crypto.randomUUID();
      setShare(0);
      const unfollow = followProgress(ticket, setShare);
      try {
        return await learn(car, plan, ticket, signal);
      } finally {
        unfollow();
      }
    },
    placeholderData: keepPreviousData,
    retry: false,
    enabled: count > 0 && !stopped,
  });
  const page = query.data;
  if (query.error) return <ProblemNote error={query.error} retry={() => void query.refetch()} />;
  if (count === 0 || page === null)
    return (
      <section aria-label="What the car taught">
        <h2>What the car taught</h2>
        <p className="note">
          Nothing yet: write down which paints went and which stayed, and the band closes round your car. One day with two paints is enough
          to begin.
        </p>
      </section>
    );
  if (!page)
    return (
      <section aria-label="What the car taught">
        <h2>What the car taught</h2>
        {stopped ? (
          <button type="button" className="btn btn-outline-dark" onClick={() => setStopped(false)}>
            Weigh what was seen
          </button>
        ) : (
          <p className="loading" role="status">
            Weighing what was seen, {Math.round(share * 100)} %{' '}
            <button
              type="button"
              className="btn btn-link"
              onClick={() => {
                setStopped(true);
                void queries.cancelQueries({ queryKey });
              }}
            >
              Stop
            </button>
          </p>
        )}
      </section>
    );
  return (
    <>
      <div className="log-columns">
        <section aria-label="What the car taught">
          <header className="section-head">
            <h2>What the car taught</h2>
            <span className="section-note">front rotor’s rim, where paints sit, on the day of the sentence above</span>
          </header>
          <p>
            Rimrock believed the rim would peak near {show(page.before.p50, 'C')}; what you saw says {show(page.after.p50, 'C')}.{' '}
            {page.contradicted ? <b className="bad">{told(page.statement)}</b> : told(page.statement)} Front fluid:{' '}
            {band(page.fluidBefore, 'C')} before, {band(page.fluidAfter, 'C')} now.
          </p>
          <Taught page={page} />
        </section>
        <section aria-label="What moved" className="moved">
          <h2>What moved</h2>
          <table className="facts">
            <thead>
              <tr>
                <th>Guess</th>
                <th>Now, in its own spreads</th>
              </tr>
            </thead>
            <tbody>
              {page.moved.slice(0, 6).map((factor) => (
                <tr key={factor.code}>
                  <th scope="row">{told(factor.name)}</th>
                  <td>
                    {signed(factor.after.p50)} ({signed(factor.after.p10)} to {signed(factor.after.p90)})
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="note">Before anything was seen every guess stood at 0 (−1.3 to +1.3).</p>
          <h3>What to measure next</h3>
          <p>{told(page.next)}</p>
        </section>
      </div>
      <KeptWord page={page} />
    </>
  );
}
