import { describe, expect, it } from 'vitest';
import type { BandResult, Limit, SessionSeries } from '../api/client';
import { byProbability, chance, withBand } from '../rooms/bench/band';

const band = {
  members: 256,
  timeS: [0, 2, 4, 6, 8],
  parts: [{ part: 'frontFace', p10C: [1, 2, 3, 4, 5], p50C: [2, 3, 4, 5, 6], p90C: [3, 4, 5, 6, 7] }],
  limits: [
    { code: 'a', probability: 0.1, samplingError: 0.02, contributions: [] },
    { code: 'b', probability: 0.9, samplingError: 0.02, contributions: [] },
    { code: 'c', probability: 0.9, samplingError: 0.02, contributions: [] },
  ],
} as unknown as BandResult;

describe('band', () => {
  it('says no more than the number of members allows', () => {
    expect([0, 0.004, 0.01, 0.384, 0.99, 1].map(chance)).toEqual(['< 1 %', '< 1 %', '1 %', '38 %', '99 %', '> 99 %']);
  });

  it('puts the most probable first and keeps the order of the day among equals', () => {
    const limits = ['a', 'c', 'b'].map((code) => ({ code })) as unknown as Limit[];
    expect(byProbability(limits, band).map((item) => item.limit.code)).toEqual(['c', 'b', 'a']);
    expect(byProbability(limits, undefined).map((item) => item.limit.code)).toEqual(['a', 'c', 'b']);
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
