import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { ShelfAnswer } from '../api/client';
import { decodeDraft, encodeDraft, readDraft } from './address';
import { predictionOf, slower } from './asking';
import { type Draft } from './draft';
import { firstDraft } from './firstDraft';
import { keepLast } from './last';
import { resolveOnce } from './resolveOnce';

/** The plan of an address; without one, the first of the shelf. A text that cannot be read is nobody's plan, and is not replaced by another. */
const draftIn = (text: string | null, shelf: ShelfAnswer, first: Draft | null) => (text ? decodeDraft(text) : (first ?? firstDraft(shelf)));
const planIn = (search: string) => new URLSearchParams(search).get('p');

/** A search with another plan in it. */
function withDraft(search: URLSearchParams, draft: Draft) {
  const copy = new URLSearchParams(search);
  copy.set('p', encodeDraft(draft));
  return copy;
}

/** How long after its answer a change is written into the address, ms: browsers make more of a new address than of a new page. */
const restMs = 250;

/** A change that the address does not hold yet. */
interface Ahead {
  draft: Draft;
  /** The plan in the address when it was made; once the address moves on, the change is in it or undone. */
  from: string | null;
}

/**
 * The draft and its changes. The address is its home, so that back, forward and undo are one thing; a change moves in once it has
 * been answered. Edits in quick succession build on each other, and are one step back. Without a plan in the address the first car stands as its log has it.
 */
export function useDraft(shelf: ShelfAnswer | undefined, first: Draft | null = null) {
  const queries = useQueryClient();
  const [params, setParams] = useSearchParams();
  const text = params.get('p');
  const ahead = useRef<Ahead | null>(null);
  const timer = useRef(0);
  const [shown, setShown] = useState<Ahead | null>(null);
  // Once the address has moved on it stays over, even where the address comes back.
  if (shown && shown.from !== text) setShown(null);
  const now = shown && shown.from === text ? shown.draft : null;
  const draft = useMemo(() => now ?? (shelf ? draftIn(text, shelf, first) : null), [now, text, shelf, first]);

  // Into the address as it is now: a change that moves in late takes nothing with it that was opened meanwhile.
  useEffect(() => {
    if (text && decodeDraft(text)) keepLast(text);
  }, [text]);
  // In the room that is open by then: whoever asked for it in one room and went to the next stays there.
  const latest = useRef(setParams);
  useEffect(() => {
    latest.current = setParams;
  }, [setParams]);
  const start = useCallback((next: Draft) => latest.current(withDraft(new URLSearchParams(window.location.search), next)), []);

  const settle = useCallback(() => {
    const waiting = ahead.current;
    ahead.current = null;
    if (waiting && waiting.from === planIn(window.location.search)) start(waiting.draft);
  }, [start]);
  useEffect(() => {
    window.addEventListener('beforeunload', settle);
    return () => window.removeEventListener('beforeunload', settle);
  }, [settle]);

  const change = useCallback(
    (edit: (draft: Draft) => Draft) => {
      const from = planIn(window.location.search);
      const before = ahead.current?.from === from ? ahead.current.draft : shelf && draftIn(from, shelf, first);
      if (!before || !shelf) return;
      const next = edit(before);
      // Asked before the page is drawn again: the answer is on its way while the sentence changes.
      const asked = resolveOnce(next, shelf);
      // Slower answers about the plan before make way.
      // Those about the same plan are still wanted: what was seen or wished does not change it, and nobody would ask them again.
      const same = 'plan' in asked ? asked.plan : undefined;
      for (const kind of slower)
        void queries.cancelQueries({ queryKey: [kind], predicate: (query) => same === undefined || query.queryKey[1] !== same });
      const answered = 'plan' in asked ? queries.prefetchQuery(predictionOf(asked.plan)) : Promise.resolve();
      ahead.current = { draft: next, from };
      // Whoever goes on at once finds it again, moved in or not.
      keepLast(encodeDraft(next));
      setShown(ahead.current);
      void answered.finally(() => {
        window.clearTimeout(timer.current);
        timer.current = window.setTimeout(settle, restMs);
      });
    },
    [shelf, first, queries, settle],
  );

  const undo = useCallback(() => {
    if (ahead.current) {
      ahead.current = null;
      setShown(null);
      return;
    }
    // The router numbers its history from 0.
    const state = window.history.state as { idx?: number } | null;
    if ((state?.idx ?? 0) > 0) window.history.back();
  }, []);

  const search = now ? `?${withDraft(params, now)}` : params.size > 0 ? `?${params}` : '';
  const linkFault = useMemo(() => {
    const read = text ? readDraft(text) : null;
    return read && 'fault' in read ? read.fault : null;
  }, [text]);
  return { draft, linkFault, search, change, start, undo };
}
