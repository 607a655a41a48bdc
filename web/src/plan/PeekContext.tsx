import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { Draft } from './draft';

/** What choosing a candidate that is looked at would do to the plan as it then stands. */
export interface Peek {
  edit: (draft: Draft) => Draft;
}

const PeekContext = createContext<{ peek: Peek | null; setPeek: (peek: Peek | null) => void }>({ peek: null, setPeek: () => undefined });

export function PeekProvider({ children }: { children: ReactNode }) {
  const [peek, setPeek] = useState<Peek | null>(null);
  const value = useMemo(() => ({ peek, setPeek }), [peek]);
  return <PeekContext.Provider value={value}>{children}</PeekContext.Provider>;
}

export const usePeek = () => useContext(PeekContext);

/** Looks at what a choice would do, for as long as the list that asks is open; null looks away. */
export function useLook(): (edit: Peek['edit'] | null) => void {
  const { setPeek } = usePeek();
  useEffect(() => () => setPeek(null), [setPeek]);
  return useCallback((edit) => setPeek(edit && { edit }), [setPeek]);
}
