import type { BandResult, Limit, LimitBand, SessionSeries } from '../../api/client';
import { lapLabel } from '../../charts/lapMarks';

const harms = { danger: 0, damage: 1, nuisance: 2 } as const;

/**
 * Limits with their bands: danger first, then damage, then nuisance; in each the likeliest first, equal ones in the order of the day. Of several kinds of day
 * each limit is told on the one where it is likeliest.
 */
export function dangerFirst(
  { limits, otherLimits = [] }: { limits: Limit[]; otherLimits?: Limit[] },
  band: BandResult | undefined,
): { limit: Limit; band?: LimitBand }[] {
  const found = limits.map((worst, at) => {
    const banded = band?.limits.find((item) => item.code === worst.code);
    const limit =
      banded && banded.day !== worst.day ? otherLimits.find((one) => one.code === worst.code && one.day === banded.day) : undefined;
    return { limit: limit ?? worst, band: banded, at };
  });
  const likely = (item: (typeof found)[number]) => Math.round((item.band?.chance.share ?? 0) * 200);
  if (band) found.sort((a, b) => harms[a.limit.harm] - harms[b.limit.harm] || likely(b) - likely(a) || a.at - b.at);
  return found;
}

/** When a limit gives, in a few words. */
export function whenOf(limit: Limit): string {
  if (!limit.when) return limit.mayGive ? 'may give' : 'holds';
  const { session, kind, lap } = limit.when;
  if (kind === 'road') return lap === 0 ? 'first stop' : 'on the way';
  const where =
    kind === 'outLap' || kind === 'parked' || kind === 'coolDownLap'
      ? { outLap: 'out lap', parked: 'parked', coolDownLap: 'cool-down' }[kind]
      : `lap ${lapLabel({ kind, lap })}`;
  return session > 1 ? `session ${session}, ${where}` : where;
}

/** A session's series with the ensemble's band at the same moments in place of the corner runs'. */
export function withBand(series: SessionSeries, band: BandResult | undefined): SessionSeries {
  if (!band) return series;
  let at = 0;
  const indexes = series.timeS.map((time) => {
    while (at < band.timeS.length - 1 && (band.timeS[at] ?? 0) < time - 0.06) at += 1;
    return at;
  });
  return {
    ...series,
    parts: series.parts.map((part) => {
      const found = band.parts.find((item) => item.part === part.part);
      return found ? { ...part, lowC: indexes.map((i) => found.p10C[i] ?? 0), highC: indexes.map((i) => found.p90C[i] ?? 0) } : part;
    }),
  };
}
