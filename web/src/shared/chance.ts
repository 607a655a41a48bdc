import type { Chance } from '../api/client';

const rare = 0.01;
const fineBelow = 0.03;

/** A chance in per cent: "less than one" only where its upper bound says so. */
export function percentOf({ share, upperBound }: Pick<Chance, 'share' | 'upperBound'>): string {
  if (upperBound < rare) return '< 1 %';
  if (share > 0.99) return '> 99 %';
  return share < fineBelow ? `${(100 * share).toFixed(1)} %` : `${Math.round(100 * share)} %`;
}

/** Its sampling error, in points of per cent. */
export const errorOf = ({ samplingError }: Pick<Chance, 'samplingError'>) =>
  `± ${Math.max(0.1, 100 * samplingError).toFixed(samplingError < 0.0095 ? 1 : 0)}`;
