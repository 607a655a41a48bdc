// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { BandResult, PredictionResult } from '../api/client';
import { ReadStrata } from '../charts/ReadStrata';
import { UnitProvider } from '../units/UnitContext';

const say = (words: string) => [{ words, figure: null }];
const layer = (part: string, capacity: object) => ({
  part,
  track: { p10C: 210, p50C: 340, p90C: 480, peakC: 560 },
  road: null,
  overlap: null,
  capacity: { name: say('Soft'), curve: null, bandFromC: null, bandToC: null, marks: [], ...capacity },
});
const result = {
  strata: [
    layer('frontFace', { bandFromC: 100, bandToC: 500 }),
    layer('frontFluid', { marks: [{ kind: 'today', label: say('today'), atC: 214 }] }),
  ],
} as unknown as PredictionResult;
const band = {
  members: 256,
  peaks: [{ part: 'frontFace', p10C: 502, p50C: 560, p90C: 633 }],
  danger: { told: { edge: 'near', percent: 4, digits: 0, errorPoints: 1, errorDigits: 0 } },
} as unknown as BandResult;

afterEach(() => {
  cleanup();
  localStorage.clear();
});

describe('reading the drawing', () => {
  const text = () => screen.getByRole('list').textContent;
  const show = (units: string, withBand = true) => {
    localStorage.setItem('rimrock.units', units);
    render(
      <UnitProvider>
        <ReadStrata result={result} band={withBand ? band : undefined} />
      </UnitProvider>,
    );
  };

  it('is on the figures of the car at hand', () => {
    show('metric');
    expect(text()).toMatch(/below 340 °C.*210 °C to 480 °C/);
    expect(text()).toMatch(/eight peak between 502 °C and 633 °C/);
    expect(text()).toMatch(/works from 100 °C to 500 °C/);
    expect(text()).toMatch(/vapour shows from 214 °C/);
  });

  it('knows no metric figure in imperial units, and no chance before there is one', () => {
    show('imperial', false);
    expect(text()).not.toMatch(/°C/);
    expect(text()).toMatch(/below 644 °F/);
    expect(text()).not.toMatch(/256/);
  });
});
