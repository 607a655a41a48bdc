import { useCallback, useState } from 'react';
import { base } from '../api/base';

const prefix = `rimrock.draft.${base}`;
/** Counted up when what is kept changes its shape: a draft of another shape is nobody's. */
const form = 1;

interface Kept<T> {
  form: number;
  /** When it was begun, ISO 8601. */
  begun: string;
  now: T;
}

/** A draft that waits, or null. */
export function readKept<T>(key: string): Kept<T> | null {
  try {
    const kept = JSON.parse(localStorage.getItem(prefix + key) ?? 'null') as Kept<T> | null;
    return kept?.form === form ? kept : null;
  } catch {
    return null;
  }
}

function write<T>(key: string, kept: Kept<T> | null) {
  try {
    if (kept) localStorage.setItem(prefix + key, JSON.stringify(kept));
    else localStorage.removeItem(prefix + key);
  } catch {
    // A browser that keeps nothing still shows what is typed.
  }
}

/** What is typed and not yet saved: it outlives a reload, another room and a server that is gone, on this machine, until it is saved or thrown away. */
export function useKept<T>(key: string, first: () => T) {
  const [state, setState] = useState(() => {
    const found = readKept<T>(key);
    return { kept: found, now: found ? found.now : first(), takenUp: found !== null };
  });
  const set = useCallback(
    (edit: T | ((old: T) => T)) =>
      setState((old) => {
        const now = typeof edit === 'function' ? (edit as (old: T) => T)(old.now) : edit;
        const kept = { form, begun: old.kept?.begun ?? new Date().toISOString(), now };
        write(key, kept);
        return { ...old, kept, now };
      }),
    [key],
  );
  const forget = useCallback(
    (next?: T) => {
      write(key, null);
      setState((old) => ({ kept: null, now: next ?? old.now, takenUp: false }));
    },
    [key],
  );
  return {
    now: state.now,
    set,
    /** Drops what waits; the form shows what is given. */
    forget,
    /** True where something was typed that is not saved. */
    unsaved: state.kept !== null,
    /** When the draft that was found was begun; null where it began here. */
    takenUp: state.takenUp ? state.kept!.begun : null,
  };
}

/** A moment as it is said: day and minute, in the reader's own time. */
export const moment = (iso: string): string => {
  const at = new Date(iso);
  return `${at.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })}, ${at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`;
};
