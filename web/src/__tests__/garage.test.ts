import { describe, expect, it } from 'vitest';
import type { GarageAnswer } from '../api/log';
import { carKey } from '../plan/carKey';
import { resolve } from '../plan/draft';
import { logCarOf } from '../plan/fittedDraft';
import { firstDraft } from '../plan/firstDraft';
import { differences, standingDraft, beforeOf } from '../plan/garage';
import { isBare } from '../rooms/bench/useSeenToday';
import { sampleShelf } from './sampleShelf';

const item = sampleShelf.content.cars[0]!;
const described = resolve(firstDraft(sampleShelf)!, sampleShelf);
if (!('plan' in described)) throw new Error('the sample shelf has a plan');
const { plan } = described;
const garage = (changes: Partial<GarageAnswer['plan']>) => ({ state: {}, plan: { ...plan, ...changes } }) as unknown as GarageAnswer;

describe('the car as it stands', () => {
  it('is its description where the log says nothing else, with references to the shelf kept', () => {
    const stands = standingDraft(item, sampleShelf, garage({}), firstDraft(sampleShelf)!);
    expect(stands.frontPad).toBe(item.body.frontPad);
    expect(stands.frontRotor).toBeNull();
    expect(standingDraft(item, sampleShelf, null)).toMatchObject({ car: item.id, fluid: item.body.fluid });
  });

  it('carries what is left of the pads, the fluid’s age and parts that the shelf does not have', () => {
    const pad = { ...plan.frontPad, name: 'off the shelf' };
    const stands = standingDraft(
      item,
      sampleShelf,
      garage({ frontPad: pad, frontPadMm: 6.3, fluidState: { ageMonths: 3, tightHoses: false } }),
    );
    expect(stands).toMatchObject({ frontPad: pad, frontPadMm: 6.3, fluidState: { ageMonths: 3 } });
  });

  it('is told from a wish, by what differs', () => {
    expect(differences(plan, plan)).toEqual([]);
    expect(differences({ ...plan, frontPad: { ...plan.frontPad, name: 'race' } }, plan)[0]).toContain('front pads race instead of');
    const age = plan.fluidState.ageMonths;
    expect(differences({ ...plan, fluidState: { ...plan.fluidState, ageMonths: age + 0.5 } }, plan)).toEqual([]);
    expect(differences({ ...plan, fluidState: { ...plan.fluidState, ageMonths: age + 9 } }, plan)).toHaveLength(1);
    expect(differences({ ...plan, lines: 'braided' }, plan)).toEqual(['other lines']);
  });

  it('has the hoses, the heat beside them and the ducts that its description says', () => {
    const beside = { place: 'line', sourceC: 450, distanceMm: 60, sourceDiameterMm: 60, axle: 'front', kmAYear: 12000 } as const;
    const kept = {
      ...item,
      body: { ...item.body, lines: 'rubber' as const, hoseYears: 12, outsideHeat: beside, frontDuct: { hoseMm: 76 } },
    };
    const shelf = { ...sampleShelf, content: { ...sampleShelf.content, cars: [kept] } } as typeof sampleShelf;
    const taken = resolve(firstDraft(shelf)!, shelf);
    if (!('plan' in taken)) throw new Error('the sample shelf has a plan');
    expect(taken.plan).toMatchObject({ hoseYears: 12, outsideHeat: beside, frontDuct: { hoseMm: 76 } });
    // And still does once its log is read.
    const stands = standingDraft(kept as typeof item, shelf, { state: {}, plan: taken.plan } as unknown as GarageAnswer);
    expect(stands.refine).toMatchObject({ hoseYears: 12, outsideHeat: beside });
    expect(differences({ ...taken.plan, hoseYears: 2 }, taken.plan)).toEqual(['hoses of another age']);
  });

  it('keeps its log where its calipers are others', () => {
    const kit = { name: 'kit' } as unknown as NonNullable<GarageAnswer['plan']['frontKit']>;
    const stands = standingDraft(item, sampleShelf, garage({ frontKit: kit }));
    expect(typeof stands.car).toBe('object');
    expect(carKey(stands)).toBe(item.id);
    // It is a whole car: its own rotors come with it, where the calipers are others or only the tyres.
    expect('plan' in resolve(stands, sampleShelf)).toBe(true);
    const tyres = standingDraft(item, sampleShelf, garage({ car: { ...item.body.car, tyre: 'slick' } }));
    expect('plan' in resolve(tyres, sampleShelf)).toBe(true);
  });
});

describe('a car of which a figure was changed', () => {
  it('stays the one of its log, and says what is another', () => {
    expect(logCarOf({ ...firstDraft(sampleShelf)!, car: item.id })).toBe(item.id);
    expect(logCarOf({ ...firstDraft(sampleShelf)!, car: plan.car, logCar: item.id })).toBe(item.id);
    expect(differences({ ...plan, car: { ...plan.car, massKg: plan.car.massKg + 40 } }, plan)).toEqual(['another mass or power']);
  });
});

describe('an order', () => {
  it('starts from the calipers and the cylinder that are on the car', () => {
    const rear = { ...plan.car.rear, padShape: 'other' };
    const hydraulics = { ...plan.car.hydraulics, masterCylinderMm: 25.4 };
    const kit = { name: 'kit' } as unknown as NonNullable<typeof plan.rearKit>;
    const wished = { ...plan, pace: 'novice', car: { ...plan.car, rear, hydraulics }, rearKit: kit };
    const before = beforeOf({ ...wished, hoseYears: 0 }, { ...plan, hoseYears: 12 });
    expect(before.hoseYears).toBe(12);
    expect(before.car).toEqual(plan.car);
    expect(before.rearKit).toBeUndefined();
    expect(before.pace).toBe('novice');
  });
});

describe('an entry that was made for one thing seen', () => {
  const bare = { date: '2026-11-30', sessions: 3, laps: 0, plan, pedal: 'unsaid' as const, seen: [] };

  it('goes with the last of it, and never where anything else was written down', () => {
    expect(isBare(bare)).toBe(true);
    for (const more of [
      { readingC: 300 },
      { fluidLevelMm: 4 },
      { pressureBar: 80 },
      { note: 'x' },
      { laps: 9 },
      { frontPaint: { aboveC: 430 } },
    ])
      expect(isBare({ ...bare, ...more })).toBe(false);
  });
});
