import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { followProgress, match, type PredictionPlan, type Wishes } from '../../api/client';

const pauseMs = 150;

/** The short list of a plan, with its progress and a way to stop it. */
export function useMatch(plan: PredictionPlan | null, wishes: Wishes) {
  const queries = useQueryClient();
  const [share, setShare] = useState(0);
  const [stopped, setStopped] = useState<string | null>(null);
  const asked = useMemo(() => JSON.stringify([plan, wishes]), [plan, wishes]);
  const key = ['match', asked];
  const query = useQuery({
    queryKey: key,
    queryFn: async ({ signal }) => {
      await new Promise((resume) => setTimeout(resume, pauseMs));
      const ticket = crypto.randomUUID();
      setShare(0);
      const unfollow = followProgress(ticket, setShare);
      try {
        return await match(plan!, wishes, ticket, signal);
      } finally {
        unfollow();
      }
    },
    enabled: plan !== null && stopped !== asked,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
  return {
    ...query,
    share,
    stopped: stopped === asked,
    stop: () => {
      setStopped(asked);
      void queries.cancelQueries({ queryKey: key });
    },
    resume: () => setStopped(null),
  };
}
