import { createContext, useContext, useState, type ReactNode } from 'react';
import type { Spread } from '../api/client';
import { conversion, show, type UnitSystem } from './units';

interface Units {
  system: UnitSystem;
  toggle: () => void;
  show: (value: number, unit: string, digits?: number) => string;
  /** A middle with its band, such as "21 °C (17 to 27 °C)". */
  band: (spread: Spread, unit: string, digits?: number) => string;
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
    band: (spread, unit, digits = 0) => {
      const { to } = conversion(unit, system);
      return `${show(spread.p50, unit, system, digits)} (${to(spread.p10).toFixed(digits)} to ${show(spread.p90, unit, system, digits)})`;
    },
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
