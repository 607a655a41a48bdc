import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { followProgress, match, type Lying, type PredictionPlan, type Wishes } from '../../api/client';

const pauseMs = 150;
const stages = ['sketch', 'first', 'whole'] as const;

/** The short list of a plan: first by a sketch, then its first rows, then all of it, each as soon as it is there; with its progress and a way to stop it. */
export function useMatch(
  plan: PredictionPlan | null,
  wishes: Wishes,
  belief: { car?: string; key: string },
  stock: { lying: Lying; settled: boolean },
) {
  const queries = useQueryClient();
  const [share, setShare] = useState(0);
  const [stopped, setStopped] = useState<string | null>(null);
  const asked = useMemo(() => JSON.stringify([plan, wishes, belief.key, stock.lying]), [plan, wishes, belief.key, stock.lying]);
  const going = plan !== null && stock.settled && stopped !== asked;
  const ask = (stage: (typeof stages)[number], enabled: boolean) => ({
    queryKey: ['match', stage, asked],
    queryFn: async ({ signal }: { signal: AbortSignal }) => {
      if (stage === 'sketch') await new Promise((resume) => setTimeout(resume, pauseMs));
      signal.throwIfAborted();
      const ticket = crypto.randomUUID();
      setShare(0);
      const unfollow = followProgress(ticket, (done) => setShare((stages.indexOf(stage) + done) / stages.length));
      try {
        // The sketch does not wait for what the log has taught.
        return await match(plan!, wishes, stage, ticket, stage === 'sketch' ? undefined : belief.car, stock.lying, signal);
      } finally {
        unfollow();
      }
    },
    enabled,
    staleTime: Infinity,
    retry: false,
  });
  const sketch = useQuery({ ...ask('sketch', going), placeholderData: keepPreviousData });
  const sketched = sketch.isSuccess && !sketch.isPlaceholderData;
  const first = useQuery(ask('first', going && sketched));
  const whole = useQuery(ask('whole', going && first.isSuccess));
  const latest = whole.data ? whole : first.data ? first : sketch;
  return {
    data: latest.data,
    dataUpdatedAt: latest.dataUpdatedAt,
    isPlaceholderData: sketch.isPlaceholderData,
    isFetching: sketch.isFetching || first.isFetching || whole.isFetching,
    error: sketch.error ?? first.error ?? whole.error,
    refetch: () => [sketch, first, whole].find((query) => query.error)?.refetch(),
    share,
    /** True where what is shown was reckoned before what the log has taught was counted. */
    beforeLog: belief.car !== undefined && latest === sketch,
    stopped: stopped === asked,
    stop: () => {
      setStopped(asked);
      for (const stage of stages) void queries.cancelQueries({ queryKey: ['match', stage, asked] });
    },
    resume: () => setStopped(null),
  };
}
