import { useQuery } from '@tanstack/react-query';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { readShelf, type PredictionPlan, type ShelfAnswer } from '../api/client';
import type { LinkFault } from './address';
import type { Draft } from './draft';
import { resolveOnce } from './resolveOnce';
import { useDraft } from './useDraft';

interface PlanState {
  shelf: ShelfAnswer;
  /** Null on an empty shelf, before the first car. */
  draft: Draft | null;
  plan: PredictionPlan | null;
  /** What the address names and the shelf lacks. */
  missing: string | null;
  /** Why the plan in the address cannot be read; null where it can. */
  linkFault: LinkFault | null;
  /** The query part of an address that keeps this plan, from its question mark on. */
  search: string;
  change: (edit: (draft: Draft) => Draft) => void;
  start: (draft: Draft) => void;
  undo: () => void;
}

const PlanContext = createContext<PlanState | null>(null);

/** Holds the plan for all rooms. */
export function PlanProvider({
  children,
  loading,
  failed,
}: {
  children: ReactNode;
  loading: ReactNode;
  failed: (error: Error, retry: () => void) => ReactNode;
}) {
  const shelf = useQuery({ queryKey: ['shelf'], queryFn: ({ signal }) => readShelf(signal), staleTime: 60_000 });
  const { draft, linkFault, search, change, start, undo } = useDraft(shelf.data);

  const resolved = useMemo(() => (draft && shelf.data ? resolveOnce(draft, shelf.data) : null), [draft, shelf.data]);
  const state = useMemo(() => {
    if (!shelf.data) return null;
    return {
      shelf: shelf.data,
      draft,
      plan: resolved && 'plan' in resolved ? resolved.plan : null,
      linkFault,
      missing: resolved && 'missing' in resolved ? resolved.missing : null,
      search,
      change,
      start,
      undo,
    };
  }, [shelf.data, draft, linkFault, resolved, search, change, start, undo]);

  if (shelf.error) return failed(shelf.error, () => void shelf.refetch());
  if (!state) return loading;
  return <PlanContext.Provider value={state}>{children}</PlanContext.Provider>;
}

export function usePlan(): PlanState {
  const state = useContext(PlanContext);
  if (!state) throw new Error('usePlan outside PlanProvider');
  return state;
}
