import { useQuery } from '@tanstack/react-query';
import { createContext, useCallback, useContext, useEffect, useMemo, useRef, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { readShelf, type PredictionPlan, type ShelfAnswer } from '../api/client';
import { decodeDraft, encodeDraft } from './address';
import { firstDraft, resolve, type Draft } from './draft';

interface PlanState {
  shelf: ShelfAnswer;
  /** Null on an empty shelf, before the first car. */
  draft: Draft | null;
  plan: PredictionPlan | null;
  /** What the address names and the shelf lacks. */
  missing: string | null;
  change: (edit: (draft: Draft) => Draft) => void;
  start: (draft: Draft) => void;
  undo: () => void;
}

const PlanContext = createContext<PlanState | null>(null);

/** Holds the plan: the address is the only copy, so that back, forward and undo are one thing. */
export function PlanProvider({ children, loading, failed }: { children: ReactNode; loading: ReactNode; failed: (error: Error, retry: () => void) => ReactNode }) {
  const shelf = useQuery({ queryKey: ['shelf'], queryFn: ({ signal }) => readShelf(signal), staleTime: 60_000 });
  const [params, setParams] = useSearchParams();
  const text = params.get('p');
  const depth = useRef(0);
  const draft = useMemo(() => (shelf.data ? ((text ? decodeDraft(text) : null) ?? firstDraft(shelf.data)) : null), [text, shelf.data]);
  const latest = useRef(draft);
  useEffect(() => {
    latest.current = draft;
  }, [draft]);

  const start = useCallback(
    (next: Draft) => {
      depth.current += 1;
      latest.current = next;
      setParams((old) => {
        const copy = new URLSearchParams(old);
        copy.set('p', encodeDraft(next));
        return copy;
      });
    },
    [setParams],
  );
  const change = useCallback(
    (edit: (draft: Draft) => Draft) => {
      if (latest.current) start(edit(latest.current));
    },
    [start],
  );
  const undo = useCallback(() => {
    if (depth.current > 0) {
      depth.current -= 1;
      window.history.back();
    }
  }, []);

  const state = useMemo(() => {
    if (!shelf.data) return null;
    const resolved = draft ? resolve(draft, shelf.data) : null;
    return {
      shelf: shelf.data,
      draft,
      plan: resolved && 'plan' in resolved ? resolved.plan : null,
      missing: resolved && 'missing' in resolved ? resolved.missing : null,
      change,
      start,
      undo,
    };
  }, [shelf.data, draft, change, start, undo]);

  if (shelf.error) return failed(shelf.error, () => void shelf.refetch());
  if (!state) return loading;
  return <PlanContext.Provider value={state}>{children}</PlanContext.Provider>;
}

export function usePlan(): PlanState {
  const state = useContext(PlanContext);
  if (!state) throw new Error('usePlan outside PlanProvider');
  return state;
}
