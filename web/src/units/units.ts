/** Unit systems: values travel in metric units; only what people see and type is converted. */
export type UnitSystem = 'metric' | 'imperial';

export interface Conversion {
  unit: string;
  to: (value: number) => number;
  from: (value: number) => number;
}

const scale = (unit: string, factor: number): Conversion => ({ unit, to: (v) => v * factor, from: (v) => v / factor });

/** Imperial counterparts of the metric units that plans use; a unit that is missing here is shown as it is. */
const imperial: Record<string, Conversion> = {
  C: { unit: '°F', to: (v) => v * 1.8 + 32, from: (v) => (v - 32) / 1.8 },
  K: scale('°F', 1.8),
  m: scale('ft', 1 / 0.3048),
  km: scale('mi', 1 / 1.609344),
  'km/h': scale('mph', 1 / 1.609344),
  kg: scale('lb', 1 / 0.45359237),
  kW: scale('hp', 1 / 0.74569987),
  N: scale('lbf', 1 / 4.4482216),
  bar: scale('psi', 14.503774),
  cm2: scale('in²', 1 / 6.4516),
};

const metricNames: Record<string, string> = { C: '°C', K: '°C', cm2: 'cm²', m2: 'm²', 'm/s2': 'm/s²' };

/** How a metric unit is shown in a system. */
export function conversion(unit: string, system: UnitSystem): Conversion {
  const found = system === 'imperial' ? imperial[unit] : undefined;
  return found ?? { unit: metricNames[unit] ?? unit, to: (v) => v, from: (v) => v };
}

/** A value with its unit, such as "452 °C". */
export function show(value: number, unit: string, system: UnitSystem, digits = 0): string {
  const c = conversion(unit, system);
  return `${c.to(value).toFixed(digits)}${c.unit ? ` ${c.unit}` : ''}`;
}

/** A sentence from the engine, whose metric figures are shown in the chosen system. */
export function inUnits(sentence: string, system: UnitSystem): string {
  if (system === 'metric') return sentence.replace(/(\d) K\b/g, '$1 °C');
  return sentence.replace(/(-?\d+(?:\.\d+)?) (°C|K|km\/h|m)(?![\w/])/g, (_, figure: string, unit: string) =>
    show(Number(figure), unit === '°C' ? 'C' : unit, system, figure.includes('.') ? 1 : 0),
  );
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
