import { useQuery } from '@tanstack/react-query';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { readShelf, type PredictionPlan, type ShelfAnswer } from '../api/client';
import type { LinkFault } from './address';
import { type Draft } from './draft';
import { answeredIn } from './fittedDraft';
import { firstDraft } from './firstDraft';
import { carKey } from './carKey';
import { garageOf, openSigns, standingDraft } from './garage';
import { lastDraft } from './last';
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
  // The first car as it stands: by its log, where it has one; driven as it was when it was looked at last.
  const [last] = useState(lastDraft);
  const plain = useMemo(() => (shelf.data ? firstDraft(shelf.data, last) : null), [shelf.data, last]);
  const car = plain?.car;
  const item = shelf.data?.content.cars.find((one) => one.id === car);
  const garage = useQuery({
    ...garageOf(item, shelf.data),
    enabled: item !== undefined,
    // An edit of the car on the shelf asks anew; until it is answered nothing that was typed is taken off the screen.
    placeholderData: (kept, query) => (query?.queryKey[1] === item?.id ? kept : undefined),
  });
  const first = useMemo(() => {
    return shelf.data && item && plain ? standingDraft(item, shelf.data, garage.data, plain) : plain;
  }, [shelf.data, item, garage.data, plain]);
  const { draft, linkFault, search, change, start, undo } = useDraft(shelf.data, first);

  // What stops the car is always the log's last word, whatever was changed in the sentence since.
  const named = draft && shelf.data?.content.cars.find((one) => one.id === carKey(draft));
  const its = useQuery({ ...garageOf(named ?? undefined, shelf.data), enabled: Boolean(named) });
  const answered = answeredIn(draft).join('\n');
  const open = useMemo(() => openSigns(its.data, answered.split('\n')), [its.data, answered]);
  const resolved = useMemo(() => {
    const found = draft && shelf.data ? resolveOnce(draft, shelf.data) : null;
    return open && found && 'plan' in found ? { ...found, plan: { ...found.plan, open } } : found;
  }, [draft, shelf.data, open]);
  const [shown, setShown] = useState(false);
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
  if (!state || (!shown && item && garage.isPending)) return loading;
  if (!shown) setShown(true);
  return <PlanContext.Provider value={state}>{children}</PlanContext.Provider>;
}

export function usePlan(): PlanState {
  const state = useContext(PlanContext);
  if (!state) throw new Error('usePlan outside PlanProvider');
  return state;
}
