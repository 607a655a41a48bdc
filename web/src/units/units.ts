import type { Schemas } from '../api/client';
import { registry } from './registry';

/** Unit systems: values travel in metric units; only what people see and type is converted. */
export type UnitSystem = 'metric' | 'imperial';

/** Told text: words, and figures in their kept unit. */
export type Told = readonly Schemas['Piece'][];
type ToldFigure = Schemas['ToldFigure'];

export interface Conversion {
  unit: string;
  to: (value: number) => number;
  from: (value: number) => number;
  /** Decimals that a figure needs beyond those of the kept one. */
  moreDigits: number;
}

/** How a kept unit is shown in a system; one that the registry lacks is shown as it is called. */
export function conversion(unit: string, system: UnitSystem): Conversion {
  const known = registry[unit];
  if (!known) return { unit, to: (v) => v, from: (v) => v, moreDigits: 0 };
  if (system === 'metric') return { unit: known.metric, to: (v) => v, from: (v) => v, moreDigits: 0 };
  const { imperial, factor, offset, moreDigits } = known;
  return { unit: imperial, to: (v) => v * factor + offset, from: (v) => (v - offset) / factor, moreDigits };
}

/** A kept value as a figure in the shown unit, without it; decimals are those of the kept figure. */
export function figure(value: number, unit: string, system: UnitSystem, digits = 0): string {
  const { to, moreDigits } = conversion(unit, system);
  return to(value).toFixed(Math.max(0, digits + moreDigits));
}

/** A value with its unit, such as "452 °C". */
export function show(value: number, unit: string, system: UnitSystem, digits = 0): string {
  const sign = conversion(unit, system).unit;
  return `${figure(value, unit, system, digits)}${sign ? ` ${sign}` : ''}`;
}

/** A share with its band, such as "72 % (68 to 76 %)". */
export function shareBand({ p10, p50, p90 }: Schemas['Spread']): string {
  const [low, middle, high] = [p10, p50, p90].map((share) => Math.round(share * 100));
  return `${middle} % (${low} to ${high} %)`;
}

/** A factor with its band, such as "1.8 (1.5 to 2.1)". */
export const times = ({ p10, p50, p90 }: Schemas['Spread']): string => `${p50.toFixed(1)} (${p10.toFixed(1)} to ${p90.toFixed(1)})`;

/** A range with its unit, such as "350 to 4000 kg". */
export const showRange = (low: number, high: number, unit: string, system: UnitSystem, digits = 0): string =>
  `${figure(low, unit, system, digits)} to ${show(high, unit, system, digits)}`;

/** What the engine told, its figures in the shown unit. */
export function told(text: Told, system: UnitSystem): string {
  return text.map((piece) => piece.words ?? (piece.figure ? toldFigure(piece.figure, system) : '')).join('');
}

function toldFigure({ value, unit, digits, low, high }: ToldFigure, system: UnitSystem): string {
  const band = low != null && high != null;
  if (value == null) return band ? showRange(low, high, unit, system, digits) : '';
  const middle = show(value, unit, system, digits);
  return band ? `${middle} (${figure(low, unit, system, digits)} to ${figure(high, unit, system, digits)})` : middle;
}

/** Digits that keep a field readable and lose nothing that matters. */
export function digitsFor(value: number): number {
  const size = Math.abs(value);
  return size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3;
}

/** Reads a number that a person typed: decimal point or comma, spaces ignored; NaN for anything else. */
export function parseNumber(text: string): number {
  const clean = text.trim().replace(/\s/g, '').replace(',', '.').replace('−', '-');
  return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(clean) ? Number(clean) : NaN;
}
