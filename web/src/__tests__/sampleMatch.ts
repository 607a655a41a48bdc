import type { MatchAnswer, PredictionPlan, Suggestion } from '../api/client';
import { say } from './say';

const spread = (p50: number) => ({ p10: p50 * 0.9, p50, p90: p50 * 1.1 });
/** A chance as the engine counts it. */
export const counted = (share: number) => ({
  share,
  samplingError: 0.02,
  upperBound: Math.min(1, share + 0.026),
  told: { edge: 'none' as const, percent: 100 * share, digits: 0, errorPoints: 2, errorDigits: 0 },
});
const limit = (code: string, words: string, chance: number, gives: boolean) => ({
  chance: counted(chance),
  worthTelling: chance >= 0.05,
  limit: {
    code,
    title: say(words),
    unit: 'C',
    demand: 500,
    capacity: 600,
    margin: 100,
    gives,
    when: gives ? { session: 2, kind: 'hotLap', lap: 4, minutes: 0 } : null,
  },
});
const cold = (metres: number, reachesAbs = false) => ({
  speedKmh: 50,
  startC: 5,
  pedalN: 120,
  metres: spread(metres),
  originalMetres: 22,
  endFaceC: 40,
  reachesAbs,
});

/** A setup as the engine answers it; made up. */
export function suggestion(key: string, front: string, rear: string, danger: number, more: Partial<Suggestion> = {}): Suggestion {
  const part = (name: string) => ({ id: name === 'kept' ? 'fitted' : name, name: name === 'kept' ? 'Old' : name });
  return {
    key,
    parts: {
      frontPad: part(front),
      rearPad: part(rear),
      rotor: { id: 'fitted', name: 'old rotor' },
      duct: null,
      fluid: { id: 'fitted', name: 'old fluid' },
      lines: null,
    },
    members: 256,
    danger: counted(danger),
    damage: counted(danger / 2),
    holds: danger < 0.01,
    effortHours: 1.6,
    bite: { front: 6, rear: null },
    limits: [
      limit('front-pad-hot', 'Front pads fade', danger, danger > 0.5),
      limit('rear-pad-hot', 'Rear pads fade', 0.1, false),
      limit('front-face', 'Front rotors overheat', 0.02, false),
    ],
    layers: [],
    coldStops: [cold(22), cold(76), cold(49, true)],
    street: { extraMetres: 0.4, dustAndNoise: 3.5, penalty: 1 },
    season: [{ marginK: 90 }, { marginK: 60 }],
    cost: {
      lines: [{ code: 'front-pads', what: say('front pads'), perHour: 20, why: say('a set lasts about 10.8 h'), lastsHours: 10.8 }],
      perHour: 28,
      perEvent: 28,
      perSeason: 140,
      buyNow: 214,
      unknown: [],
    },
    frontShare: 0.71,
    equalPadShare: 0.7,
    energyInBand: { inside: 0.98, below: 0.01, above: 0.01, meanMu: 0.41, muSpread: 0.01 },
    crackIndex: { p10: 0.6, p50: 1.1, p90: 2.2 },
    unsprungKg: 0,
    reasons: [
      {
        kind: 'fixes',
        code: 'front-pad-hot',
        before: 0.99,
        after: danger,
        unit: 'chance',
        sentence: say('Front pads fade: 99 % of likely days now.'),
      },
      { kind: 'costs', code: 'money', before: 90, after: 28, unit: 'per hour', sentence: say('214 to buy.') },
      { kind: 'costs', code: 'dust-noise', before: 1, after: 3, unit: 'of 10', sentence: say('More dust and noise.') },
      {
        kind: 'stillFirst',
        code: 'front-pad-hot',
        before: null,
        after: danger,
        unit: 'chance',
        sentence: say('What still gives first: front pads.'),
      },
    ],
    ...more,
  } as unknown as Suggestion;
}

export const fittedSetup = suggestion('fitted', 'kept', 'kept', 0.98);
export const plan = {
  car: { name: 'Sample | car' },
  circuit: { name: 'Round' },
  pace: 'advanced',
  stint: { sessions: 3, minutesEach: 20 },
  weather: { ambientC: 24 },
} as unknown as PredictionPlan;
export const answer = {
  fitted: fittedSetup,
  shortlist: [suggestion('a', 'Fell', 'Fell', 0.2), suggestion('b', 'Scarp', 'Fell', 0.6)],
  steps: [],
  whyNot: [
    {
      kind: 'frontPad',
      part: { id: 'race', name: 'Race 9' },
      hardStop: { code: 'road-approval', sentence: say('Race 9 has no road approval.'), own: true },
      key: null,
      danger: null,
      damage: null,
      sentence: say('Race 9 has no road approval.'),
    },
    {
      kind: 'fluid',
      part: { id: 'wet', name: 'Wet 5' },
      hardStop: null,
      key: 'w',
      danger: null,
      damage: null,
      sentence: say('Wet 5: boils no later.'),
    },
  ],
  stage: 'whole',
  outcome: 'steps',
  verdict: say('2 steps bring danger from 98 % to 20 %.'),
  stepsEnd: null,
  due: [],
  stops: [],
  remarks: [],
  driving: null,
  examined: 1200,
} as unknown as MatchAnswer;
