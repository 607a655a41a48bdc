import { describe, expect, it } from 'vitest';
import type { BandResult, Limit, SessionSeries } from '../api/client';
import { chance, dangerFirst, withBand } from '../rooms/bench/band';

const band = {
  members: 256,
  timeS: [0, 2, 4, 6, 8],
  parts: [{ part: 'frontFace', p10C: [1, 2, 3, 4, 5], p50C: [2, 3, 4, 5, 6], p90C: [3, 4, 5, 6, 7] }],
  limits: [
    { code: 'a', harm: 'danger', probability: 0.1, samplingError: 0.02, contributions: [] },
    { code: 'b', harm: 'nuisance', probability: 0.9, samplingError: 0.02, contributions: [] },
    { code: 'c', harm: 'nuisance', probability: 0.9, samplingError: 0.02, contributions: [] },
    { code: 'd', harm: 'damage', probability: 0.5, samplingError: 0.02, contributions: [] },
  ],
} as unknown as BandResult;

describe('band', () => {
  it('says no more than the number of members allows', () => {
    const say = (probability: number, samplingError: number) => chance({ probability, samplingError } as never);
    expect(say(0, 0)).toBe('< 1 %');
    // One of 256 is no less than one in a hundred: it may well be more.
    expect(say(0.004, 0.004)).toBe('< 1 %');
    expect(say(0.004, 0.006)).toBe('0.4 %');
    expect([say(0.012, 0.005), say(0.384, 0.02), say(0.99, 0.005), say(1, 0)]).toEqual(['1.2 %', '38 %', '99 %', '> 99 %']);
  });

  it('puts danger first, then damage, and in each the likeliest; equals keep the order of the day', () => {
    const harms = { a: 'danger', b: 'nuisance', c: 'nuisance', d: 'damage' } as const;
    const limits = (['c', 'b', 'd', 'a'] as const).map((code) => ({ code, harm: harms[code] })) as unknown as Limit[];
    expect(dangerFirst(limits, band).map((item) => item.limit.code)).toEqual(['a', 'd', 'c', 'b']);
    expect(dangerFirst(limits, undefined).map((item) => item.limit.code)).toEqual(['c', 'b', 'd', 'a']);
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
