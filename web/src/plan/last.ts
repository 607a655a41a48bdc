import { base } from '../api/base';
import { decodeDraft } from './address';
import type { Draft } from './draft';

const key = `rimrock.last.${base}`;

/** The plan that was looked at last on this machine, or null. */
export function lastDraft(): Draft | null {
  try {
    const text = localStorage.getItem(key);
    return text === null ? null : decodeDraft(text);
  } catch {
    return null;
  }
}

/** Keeps a plan as it stands in an address. */
export function keepLast(text: string) {
  try {
    localStorage.setItem(key, text);
  } catch {
    // A browser that keeps nothing starts from the shelf.
  }
}
