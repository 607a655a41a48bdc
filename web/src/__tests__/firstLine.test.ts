import { describe, expect, it } from 'vitest';
import type { BandResult, PredictionResult } from '../api/client';
import { liveLine, sayFirst } from '../rooms/bench/FirstLine';
import { counted } from './sampleMatch';
import { said, say } from './say';

const limit = (code: string, harm: string, gives = false) => ({
  code,
  harm,
  title: say(`Title ${code}`),
  day: code === 'fluid' ? 'descent' : 'track-day',
  unit: 'C',
  margin: gives ? -40 : 60,
  gives,
  mayGive: false,
  change: say(`Change ${code}`),
  when: gives ? { session: 1, kind: 'hotLap', lap: 3, minutes: 1 } : null,
});
const result = (more: object = {}) =>
  ({
    limits: [limit('fluid', 'danger', true), limit('face', 'damage'), limit('fade', 'nuisance')],
    otherLimits: [],
    hardStops: [],
    mindFirst: [],
    due: [],
    ...more,
  }) as unknown as PredictionResult;
const band = (danger: number, damage: number, outcome: string, names: string | null = null, fade = 0.1) =>
  ({
    members: 256,
    danger: counted(danger),
    damage: counted(damage),
    outcome,
    names,
    lookedAt: say('Looked at: all.'),
    settling: outcome === 'settling',
    days: [{ kind: 'track-day' }],
    limits: [
      { code: 'fluid', harm: 'danger', chance: counted(danger), worthTelling: danger >= 0.02, when: null },
      { code: 'face', harm: 'damage', chance: counted(damage), worthTelling: damage >= 0.02, when: null },
      { code: 'fade', harm: 'nuisance', chance: counted(fade), worthTelling: fade >= 0.02, when: null },
    ],
  }) as unknown as BandResult;

describe('the first line', () => {
  it('says the verdict that came, and what to do', () => {
    const head = (...of: Parameters<typeof band>) => sayFirst(result(), band(...of), said).head;
    expect(head(0.3, 0.5, 'danger', 'fluid')).toBe('Not this day as it stands: title fluid, lap 3.');
    expect(head(0, 0.5, 'damage', 'face')).toBe('Something is ruined on a day like this: title face.');
    expect(head(0, 0.02, 'fades', 'fade', 0.8)).toBe('Nobody is hurt and nothing ruined, but on more days than not: title fade.');
    expect(sayFirst(result(), band(0, 0.02, 'holds'), said)).toEqual({
      head: 'This day holds: nothing needed.',
      then: 'Looked at: all.',
      tone: 'good',
    });
  });

  it('says on which kind of day where the year has several', () => {
    const several = {
      ...band(0.3, 0.5, 'danger', 'fluid'),
      days: [{ kind: 'track-day' }, { kind: 'descent' }],
      namedDay: 'descent',
    } as BandResult;
    expect(sayFirst(result(), several, said, (code) => `a ${code}`).head).toBe(
      'Not this day as it stands: title fluid, lap 3 (a descent).',
    );
    const holds = { ...several, outcome: 'holds' } as BandResult;
    expect(sayFirst(result(), holds, said).head).toBe('Every day of its year holds: nothing needed.');
  });

  it('calls nothing fine that must not be driven on, is due, or is still being counted', () => {
    expect(sayFirst(result({ hardStops: [{ code: 'x', sentence: say('Worn.') }] }), undefined, said).tone).toBe('bad');
    expect(sayFirst(result(), band(0, 0, 'stop'), said).tone).toBe('bad');
    expect(sayFirst(result({ due: [{ code: 'fluid-age', sentence: say('Old fluid.') }] }), band(0, 0, 'due'), said)).toMatchObject({
      head: 'This day holds, but something is due.',
      then: 'Old fluid.',
      tone: 'maybe',
    });
    expect(sayFirst(result(), band(0.01, 0, 'settling'), said).tone).toBe('maybe');
    expect(sayFirst(result(), undefined, said).head).toContain('In the middle of the band: title fluid, lap 3');
  });

  it('lives on in one line with chance, lap, margin and how many more', () => {
    const units = { show: (value: number, unit: string) => `${value} ${unit}`, told: said };
    expect(liveLine(result(), band(0.3, 0.5, 'danger', 'fluid'), units)).toBe('Title fluid, 30 %, lap 3, 40 K over; 2 more may give.');
    expect(liveLine(result(), band(0, 0, 'holds', null, 0), units)).toBe('Nothing gives on more than a few likely days in a hundred.');
  });
});
