import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, useCallback, useContext, useMemo, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { readShelf, type PredictionPlan, type ShelfAnswer } from '../api/client';
import { decodeDraft, encodeDraft } from './address';
import { predictionOf } from './asking';
import { firstDraft, planPart, resolve, type Draft } from './draft';

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

const draftIn = (text: string | null, shelf: ShelfAnswer) => (text ? decodeDraft(text) : null) ?? firstDraft(shelf);

/** One step back in what this window did; the router numbers its history from 0. */
function undo() {
  const state = window.history.state as { idx?: number } | null;
  if ((state?.idx ?? 0) > 0) window.history.back();
}

/** Holds the plan: the address is the only copy, so that back, forward and undo are one thing. */
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
  const [params, setParams] = useSearchParams();
  const text = params.get('p');
  const draft = useMemo(() => (shelf.data ? draftIn(text, shelf.data) : null), [text, shelf.data]);

  const queries = useQueryClient();
  const start = useCallback(
    (next: Draft) =>
      setParams((old) => {
        const copy = new URLSearchParams(old);
        copy.set('p', encodeDraft(next));
        return copy;
      }),
    [setParams],
  );
  const data = shelf.data;
  const change = useCallback(
    (edit: (draft: Draft) => Draft) => {
      // The address is read afresh: two edits in one tick must build on each other.
      const now = data && draftIn(new URLSearchParams(window.location.search).get('p'), data);
      if (!now) return;
      const next = edit(now);
      // Asked before the page is drawn again: the answer is on its way while the sentence changes.
      const asked = resolve(planPart(next), data);
      if ('plan' in asked) void queries.prefetchQuery(predictionOf(asked.plan));
      start(next);
    },
    [start, data, queries],
  );

  // What was seen and what is wished are no part of the plan: entering them must not make a new one of the same figures.
  const planText = draft ? JSON.stringify(planPart(draft)) : null;
  const resolved = useMemo(() => (planText && data ? resolve(JSON.parse(planText) as Draft, data) : null), [planText, data]);
  const state = useMemo(() => {
    if (!shelf.data) return null;
    return {
      shelf: shelf.data,
      draft,
      plan: resolved && 'plan' in resolved ? resolved.plan : null,
      missing: resolved && 'missing' in resolved ? resolved.missing : null,
      change,
      start,
      undo,
    };
  }, [shelf.data, draft, resolved, change, start]);

  if (shelf.error) return failed(shelf.error, () => void shelf.refetch());
  if (!state) return loading;
  return <PlanContext.Provider value={state}>{children}</PlanContext.Provider>;
}

export function usePlan(): PlanState {
  const state = useContext(PlanContext);
  if (!state) throw new Error('usePlan outside PlanProvider');
  return state;
}
