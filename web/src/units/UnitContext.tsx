import { createContext, useContext, useState, type ReactNode } from 'react';
import type { Spread } from '../api/client';
import { conversion, figure, show, told, type Told, type UnitSystem } from './units';

export interface Units {
  system: UnitSystem;
  toggle: () => void;
  show: (value: number, unit: string, digits?: number) => string;
  /** A middle with its band, such as "21 °C (17 to 27 °C)"; alone where it is sure. */
  band: (spread: Spread, unit: string, digits?: number) => string;
  /** What the engine told, in the shown units. */
  told: (text: Told) => string;
  unitOf: (unit: string) => string;
  to: (value: number, unit: string) => number;
  /** A shown value in its kept unit. */
  from: (value: number, unit: string) => number;
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
    band: (spread, unit, digits = 0) =>
      spread.p10 === spread.p90
        ? show(spread.p50, unit, system, digits)
        : `${show(spread.p50, unit, system, digits)} (${figure(spread.p10, unit, system, digits)} to ${show(spread.p90, unit, system, digits)})`,
    told: (text) => told(text, system),
    unitOf: (unit) => conversion(unit, system).unit,
    to: (value, unit) => conversion(unit, system).to(value),
    from: (value, unit) => conversion(unit, system).from(value),
  };
  return <UnitContext.Provider value={units}>{children}</UnitContext.Provider>;
}

export function useUnits(): Units {
  const units = useContext(UnitContext);
  if (!units) throw new Error('useUnits outside UnitProvider');
  return units;
}
