import { useCallback, useState } from 'react';

interface History<T> {
  past: T[];
  now: T;
}

/** A value with undo: a run of changes under one name (a drag, a figure being typed) is one step. */
export function useHistory<T>(first: T) {
  const [history, setHistory] = useState<History<T> & { run: string }>({ past: [], now: first, run: '' });
  const change = useCallback(
    (next: T, run = '') =>
      setHistory((old) => ({ past: run !== '' && run === old.run ? old.past : [...old.past, old.now].slice(-100), now: next, run })),
    [],
  );
  const undo = useCallback(
    () =>
      setHistory((old) => (old.past.length === 0 ? old : { past: old.past.slice(0, -1), now: old.past[old.past.length - 1]!, run: '' })),
    [],
  );
  return { now: history.now, change, undo, canUndo: history.past.length > 0 };
}
