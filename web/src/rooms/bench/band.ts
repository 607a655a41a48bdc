import type { BandResult, Limit, LimitBand, SessionSeries } from '../../api/client';

/** A probability as far as the number of members lets one say it. */
export function chance(probability: number): string {
  if (probability < 0.01) return '< 1 %';
  if (probability > 0.99) return '> 99 %';
  return `${Math.round(probability * 100)} %`;
}

/** Limits with their bands, most probable first; equal chances keep the order of the day. */
export function byProbability(limits: Limit[], band: BandResult | undefined): { limit: Limit; band?: LimitBand }[] {
  const found = limits.map((limit, at) => ({ limit, band: band?.limits.find((item) => item.code === limit.code), at }));
  if (band) found.sort((a, b) => Math.round((b.band?.probability ?? 0) * 50) - Math.round((a.band?.probability ?? 0) * 50) || a.at - b.at);
  return found;
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
