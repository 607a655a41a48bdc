import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { decodeDraft, encodeDraft } from '../plan/address';
import { resolve, typicalCircuit } from '../plan/draft';
import { flushedWith } from '../plan/fittedDraft';
import { firstDraft } from '../plan/firstDraft';
import { sampleCar, sampleShelf } from './sampleShelf';

describe('draft', () => {
  const draft = firstDraft(sampleShelf)!;

  it('starts from the first car and circuit of the shelf', () => {
    expect(draft.car).toBe('sample');
    expect(draft.circuit).toBe('round');
    expect(firstDraft({ ...sampleShelf, content: { ...sampleShelf.content, cars: [] } })).toBeNull();
  });

  it('starts from a car that was kept where there is no circuit yet', () => {
    const bare = { ...sampleShelf, content: { ...sampleShelf.content, circuits: [] } };
    expect('plan' in resolve(firstDraft(bare)!, bare)).toBe(true);
  });

  it('starts from the car that was looked at last, driven as it was', () => {
    const last = { ...draft, pace: 'novice', circuit: typicalCircuit, frontPad: 'family:organic' };
    expect(firstDraft(sampleShelf, last)).toMatchObject({
      car: 'sample',
      pace: 'novice',
      circuit: typicalCircuit,
      frontPad: draft.frontPad,
    });
    // What is not on this shelf, a circuit or a car, is nobody's here.
    expect(firstDraft(sampleShelf, { ...last, circuit: 'gone' })).toMatchObject({ pace: draft.pace, circuit: 'round' });
    expect(firstDraft(sampleShelf, { ...last, car: 'gone' })).toEqual(draft);
    // A car that nobody kept comes back where there is none, and never in the place of one's own.
    const found = resolve(draft, sampleShelf);
    if (!('plan' in found)) throw new Error(found.missing);
    const loose = {
      ...last,
      car: found.plan.car,
      frontRotor: found.plan.frontRotor,
      rearRotor: found.plan.rearRotor,
      frontPad: 'family:organic',
      rearPad: 'family:organic',
      fluid: 'class:dot4',
    };
    const empty = { ...sampleShelf, content: { ...sampleShelf.content, cars: [] } };
    expect(firstDraft(empty, loose)).toMatchObject({ car: found.plan.car, pace: 'novice' });
    expect(firstDraft(sampleShelf, loose)).toEqual(draft);
  });

  it('follows its references, kinds and things given in full', () => {
    const resolved = resolve({ ...draft, frontPad: 'family:organic', fluid: 'class:dot4', circuit: typicalCircuit }, sampleShelf);
    if (!('plan' in resolved)) throw new Error(resolved.missing);
    expect(resolved.plan.frontPad.name).toBe('a typical organic pad');
    expect(resolved.plan.fluid.dryC).toBe(230);
    expect(resolved.plan.circuit.zones).toHaveLength(4);
    expect(resolved.plan.frontRotor.name).toBe('ring');
  });

  it('takes a flushed fluid as new, whatever was measured in the old one', () => {
    const old = { ...draft, fluidState: { ...draft.fluidState, ageMonths: 30, reservoirWaterPercent: 3.1 } };
    expect(flushedWith('fresh', old)).toEqual({
      fluid: 'fresh',
      fluidState: { ...draft.fluidState, ageMonths: 0, reservoirWaterPercent: undefined },
    });
  });

  it('says what the shelf lacks', () => {
    expect(resolve({ ...draft, rearPad: 'gone' }, sampleShelf)).toEqual({ missing: 'pad' });
    expect(resolve({ ...draft, car: 'gone' }, sampleShelf)).toEqual({ missing: 'car' });
    expect(resolve({ ...draft, car: sampleCar, frontRotor: null }, sampleShelf)).toEqual({ missing: 'rotor' });
  });

  it('is the same after a trip through the address', () => {
    fc.assert(
      fc.property(fc.string(), fc.double({ noNaN: true, noDefaultInfinity: true }), (name, massKg) => {
        const odd = { ...draft, car: { ...sampleCar, name, massKg } };
        expect(decodeDraft(encodeDraft(odd))).toEqual(JSON.parse(JSON.stringify(odd)));
      }),
    );
  });

  it('takes nonsense in the address for no draft', () => {
    for (const text of ['', '!!!', 'e30', encodeDraft([] as never), '%%%', 'AAAA']) expect(decodeDraft(text)).toBeNull();
  });
});
