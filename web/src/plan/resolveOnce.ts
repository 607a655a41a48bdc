import type { ShelfAnswer } from '../api/client';
import { resolve, type Draft } from './draft';
import { planPart } from './fittedDraft';

type Answer = ReturnType<typeof resolve>;

/** How many plans are held: what is looked at, what is fitted, and a few steps back. */
const most = 30;
const held = new WeakMap<ShelfAnswer, Map<string, Answer>>();

/**
 * The plan of a draft: the same object for the same words, whoever asks, so that it is put together and hashed once. What was seen
 * and what is wished are no part of it.
 */
export function resolveOnce(draft: Draft, shelf: ShelfAnswer): Answer {
  const text = JSON.stringify(planPart(draft));
  const plans = held.get(shelf) ?? new Map<string, Answer>();
  held.set(shelf, plans);
  const found = plans.get(text);
  if (found) return found;
  const answer = resolve(planPart(draft), shelf);
  plans.set(text, answer);
  if (plans.size > most) plans.delete(plans.keys().next().value!);
  return answer;
}
