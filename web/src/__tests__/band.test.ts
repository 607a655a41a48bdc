import { describe, expect, it } from 'vitest';
import type { BandResult, Limit, SessionSeries } from '../api/client';
import { dangerFirst, withBand } from '../rooms/bench/band';

const band = {
  members: 256,
  timeS: [0, 2, 4, 6, 8],
  parts: [{ part: 'frontFace', p10C: [1, 2, 3, 4, 5], p50C: [2, 3, 4, 5, 6], p90C: [3, 4, 5, 6, 7] }],
  limits: [
    { code: 'a', harm: 'danger', chance: { share: 0.1 }, contributions: [] },
    { code: 'b', harm: 'nuisance', chance: { share: 0.9 }, contributions: [] },
    { code: 'c', harm: 'nuisance', chance: { share: 0.9 }, contributions: [] },
    { code: 'd', harm: 'damage', chance: { share: 0.5 }, contributions: [] },
  ],
} as unknown as BandResult;

describe('band', () => {
  it('puts danger first, then damage, and in each the likeliest; equals keep the order of the day', () => {
    const harms = { a: 'danger', b: 'nuisance', c: 'nuisance', d: 'damage' } as const;
    const limits = (['c', 'b', 'd', 'a'] as const).map((code) => ({ code, harm: harms[code] })) as unknown as Limit[];
    expect(dangerFirst({ limits }, band).map((item) => item.limit.code)).toEqual(['a', 'd', 'c', 'b']);
    expect(dangerFirst({ limits }, undefined).map((item) => item.limit.code)).toEqual(['c', 'b', 'd', 'a']);
  });

  it('tells a limit on the kind of day where it is likeliest', () => {
    const on = (day: string) => ({ code: 'a', harm: 'danger', day }) as unknown as Limit;
    const told = dangerFirst({ limits: [on('track-day')], otherLimits: [on('commute'), on('descent')] }, {
      limits: [{ code: 'a', day: 'descent', chance: { share: 0.4 } }],
    } as unknown as BandResult);
    expect(told.map((item) => item.limit.day)).toEqual(['descent']);
  });

  it('lays the band on the moments of a series', () => {
    const series = {
      session: 1,
      startS: 2,
      parkedS: 6,
      timeS: [2, 6, 8],
      parts: [{ part: 'frontFace', celsius: [2, 5, 6], lowC: [0, 0, 0], highC: [9, 9, 9] }],
    } as unknown as SessionSeries;
    expect(withBand(series, band).parts[0]).toMatchObject({ lowC: [2, 4, 5], highC: [4, 6, 7] });
    expect(withBand(series, undefined)).toBe(series);
  });
});
