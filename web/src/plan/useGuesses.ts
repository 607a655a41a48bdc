import { useQuery } from '@tanstack/react-query';
import { readGuesses, type PredictionPlan } from '../api/client';

/** Not while somebody is still looking for a plan, ms. */
const restMs = 800;

/** Figures of the car that nobody looked up and that decide, the weightiest first; empty until they are known. */
export function useGuesses(plan: PredictionPlan | null) {
  const query = useQuery({
    queryKey: ['guesses', plan],
    queryFn: async ({ signal }) => {
      await new Promise((resume) => setTimeout(resume, restMs));
      signal.throwIfAborted();
      return readGuesses(plan!, signal);
    },
    enabled: plan !== null,
    staleTime: Infinity,
    retry: false,
  });
  return query.data ?? [];
}
