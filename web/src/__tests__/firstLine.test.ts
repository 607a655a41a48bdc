import { describe, expect, it } from 'vitest';
import type { BandResult, PredictionResult } from '../api/client';
import { liveLine, sayFirst } from '../rooms/bench/FirstLine';
import { counted } from './sampleMatch';

const limit = (code: string, harm: string, gives = false) => ({
  code,
  harm,
  title: `Title ${code}`,
  unit: 'C',
  margin: gives ? -40 : 60,
  gives,
  mayGive: false,
  change: `Change ${code}`,
  when: gives ? { session: 1, kind: 'hotLap', lap: 3, minutes: 1 } : null,
});
const result = (more: object = {}) =>
  ({
    limits: [limit('fluid', 'danger', true), limit('face', 'damage'), limit('fade', 'nuisance')],
    hardStops: [],
    due: [],
    ...more,
  }) as unknown as PredictionResult;
const band = (danger: number, damage: number, holds: boolean, fade = 0.1) =>
  ({
    members: 256,
    danger: { ...counted(danger), upperBound: danger + 0.006 },
    damage: counted(damage),
    holds,
    settling: false,
    mostDanger: 0.02,
    mostDamage: 0.1,
    limits: [
      { code: 'fluid', harm: 'danger', probability: danger, samplingError: 0.02, when: null },
      { code: 'face', harm: 'damage', probability: damage, samplingError: 0.02, when: null },
      { code: 'fade', harm: 'nuisance', probability: fade, samplingError: 0.02, when: null },
    ],
  }) as unknown as BandResult;

describe('the first line', () => {
  it('says what to do, danger before damage before what fades', () => {
    expect(sayFirst(result(), band(0.3, 0.5, false)).head).toBe('Not this day as it stands: title fluid, lap 3.');
    expect(sayFirst(result(), band(0, 0.5, false)).head).toBe('Something is ruined on a day like this: title face.');
    expect(sayFirst(result(), band(0, 0.02, true, 0.8)).head).toContain('Nobody is hurt and nothing ruined, but title fade');
    expect(sayFirst(result(), band(0, 0.02, true)).head).toBe('This day holds: nothing needed.');
  });

  it('calls nothing fine that must not be driven on, is due, or is still being counted', () => {
    expect(sayFirst(result({ hardStops: [{ code: 'x', sentence: 'Worn.' }] }), band(0, 0, true)).tone).toBe('bad');
    expect(sayFirst(result({ due: [{ code: 'fluid-age', sentence: 'Old fluid.' }] }), band(0, 0, true)).head).toContain('something is due');
    expect(sayFirst(result(), { ...band(0.01, 0, true), settling: true }).tone).toBe('maybe');
    expect(sayFirst(result(), undefined).head).toContain('In the middle of the band: title fluid, lap 3');
  });

  it('lives on in one line with chance, lap, margin and how many more', () => {
    const show = (value: number, unit: string) => `${value} ${unit}`;
    expect(liveLine(result(), band(0.3, 0.5, false), show)).toBe('Title fluid, 30 %, lap 3, 40 K over; 2 more may give.');
    expect(liveLine(result(), band(0, 0, true, 0), show)).toBe('Nothing gives on more than one likely day in a hundred.');
  });
});
