import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { match, type PredictionPlan } from '../../api/client';
import type { Belief } from '../../plan/useBelief';
import { usePlan } from '../../plan/PlanContext';
import { useStock } from '../../plan/useGarage';
import { useGuesses } from '../../plan/useGuesses';
import { wishesOf } from '../../plan/wishes';
import { withError } from '../../shared/chance';
import { useUnits } from '../../units/UnitContext';

/** Not while somebody is still looking for a plan, ms. */
const restMs = 1500;

/** What would make the day hold, looked for on the shelf once the verdict stands: the steps, and the way to the card. Until then what changes the limit. */
export function Advice({ plan, belief, until }: { plan: PredictionPlan; belief: Belief; until: string | null }) {
  const { draft, search } = usePlan();
  const { told, show } = useUnits();
  const wishes = useMemo(() => wishesOf(draft?.wishes), [draft?.wishes]);
  // The same question that Choose asks: whoever asks it first.
  const stock = useStock();
  const asked = useMemo(() => JSON.stringify([plan, wishes, belief.key, stock.lying]), [plan, wishes, belief.key, stock.lying]);
  const query = useQuery({
    queryKey: ['match', 'first', asked],
    queryFn: async ({ signal }) => {
      await new Promise((resume) => setTimeout(resume, restMs));
      signal.throwIfAborted();
      return match(plan, wishes, 'first', crypto.randomUUID(), belief.car, stock.lying, signal);
    },
    enabled: stock.settled,
    staleTime: Infinity,
    retry: false,
  });
  const to = { pathname: '/choose', search };
  const [guess] = useGuesses(plan);
  const moves = (one: { faceK: number; fluidK: number }) =>
    one.faceK >= one.fluidK ? `face ±${show(one.faceK, 'K')}` : `fluid ±${show(one.fluidK, 'K')}`;
  const question = guess && (
    <>
      {' '}
      Look up <b>{told(guess.name)}</b> ({moves(guess)}), {told(guess.how)}.
    </>
  );
  if (!query.data)
    return (
      <>
        {until && <p>{until}</p>}
        <p>
          <Link to={to}>See what would hold</Link>
          {query.isFetching && <span className="note"> Looking through the shelf…</span>}
          {question}
        </p>
      </>
    );
  const { steps, verdict, stops } = query.data;
  const last = steps.at(-1);
  return (
    <p className="first-advice">
      {last && (
        <>
          {last.setup.holds ? 'What would hold: ' : 'What helps most: '}
          <b>{steps.map((step) => told(step.what)).join('; ')}</b>
          {!last.setup.holds && `; not enough: danger ${withError(last.dangerAfter)}, damage ${withError(last.damageAfter)}`}.
        </>
      )}
      {!last && verdict && stops.length === 0 && told(verdict)} <Link to={to}>See all</Link>, or{' '}
      <Link to={{ ...to, hash: '#ask' }}>what to ask for</Link>.{question}
    </p>
  );
}
