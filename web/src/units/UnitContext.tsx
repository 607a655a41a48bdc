import { createContext, useContext, useState, type ReactNode } from 'react';
import { conversion, show, type UnitSystem } from './units';

interface Units {
  system: UnitSystem;
  toggle: () => void;
  show: (value: number, unit: string, digits?: number) => string;
  unitOf: (unit: string) => string;
  to: (value: number, unit: string) => number;
}

const UnitContext = createContext<Units | null>(null);
const storageKey = 'rimrock.units';

export function UnitProvider({ children }: { children: ReactNode }) {
  const [system, setSystem] = useState<UnitSystem>(() => (localStorage.getItem(storageKey) === 'imperial' ? 'imperial' : 'metric'));
  const toggle = () => {
    const next = system === 'metric' ? 'imperial' : 'metric';
    localStorage.setItem(storageKey, next);
    setSystem(next);
  };
  const units: Units = {
    system,
    toggle,
    show: (value, unit, digits) => show(value, unit, system, digits),
    unitOf: (unit) => conversion(unit, system).unit,
    to: (value, unit) => conversion(unit, system).to(value),
  };
  return <UnitContext.Provider value={units}>{children}</UnitContext.Provider>;
}

export function useUnits(): Units {
  const units = useContext(UnitContext);
  if (!units) throw new Error('useUnits outside UnitProvider');
  return units;
}
