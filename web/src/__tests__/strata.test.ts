import { describe, expect, it } from 'vitest';
import type { StrataLayer } from '../api/client';
import { muAt } from '../charts/StrataChart';
import { temperatureRamp } from '../charts/ramp';
import { lab } from 'd3-color';

const layer = {
  part: 'frontFace',
  capacity: {
    name: 'pad',
    marks: [],
    curve: [
      { temperatureC: 0, mu: 0.3 },
      { temperatureC: 100, mu: 0.4 },
      { temperatureC: 200, mu: 0.4 },
    ],
  },
} as unknown as StrataLayer;

describe('strata', () => {
  it('reads friction between points and says nothing off the chart', () => {
    expect(muAt(layer, 50)).toBeCloseTo(0.35, 9);
    expect(muAt(layer, 0)).toBeCloseTo(0.3, 9);
    expect(muAt(layer, 201)).toBeNull();
    expect(muAt(layer, -5)).toBeNull();
  });

  it('has one ramp whose lightness only falls', () => {
    const ramp = temperatureRamp(0, 800);
    const lightness = Array.from({ length: 81 }, (_, i) => lab(ramp(i * 10)).l);
    for (let i = 1; i < lightness.length; i++) expect(lightness[i]!).toBeLessThan(lightness[i - 1]!);
  });
});
