import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import type { Pad } from '../api/client';

/** A candidate that is looked at before it is fitted. */
export interface Peek {
  axle: 'front' | 'rear';
  pad: Pad;
}

const PeekContext = createContext<{ peek: Peek | null; setPeek: (peek: Peek | null) => void }>({ peek: null, setPeek: () => undefined });

export function PeekProvider({ children }: { children: ReactNode }) {
  const [peek, setPeek] = useState<Peek | null>(null);
  const value = useMemo(() => ({ peek, setPeek }), [peek]);
  return <PeekContext.Provider value={value}>{children}</PeekContext.Provider>;
}

export const usePeek = () => useContext(PeekContext);
