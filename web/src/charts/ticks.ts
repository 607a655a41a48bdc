import { ticks } from 'd3-array';
import type { Units } from '../units/UnitContext';

/** Places on a kept scale whose figures are round in the shown unit. */
export function roundTicks(domain: number[], count: number, unit: string, { to, from }: Pick<Units, 'to' | 'from'>): number[] {
  const [low = 0, high = 1] = domain.map((value) => to(value, unit));
  return ticks(low, high, count).map((shown) => from(shown, unit));
}
