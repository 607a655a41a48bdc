import { beforeEach, describe, expect, it, vi } from 'vitest';
import { saveCar } from '../api/client';
import { draftOfCar, resolve, type Draft } from '../plan/draft';
import { entryOf, keptFirst } from '../plan/keepCar';
import { sampleShelf } from './sampleShelf';

vi.mock('../api/client', async (whole) => ({ ...(await whole<object>()), saveCar: vi.fn(() => Promise.resolve()) }));

const item = sampleShelf.content.cars[0]!;
const kept = draftOfCar(item.id, item.body);
const plan = (resolve(kept, sampleShelf) as { plan: Parameters<typeof keptFirst>[1] }).plan;
const loose: Draft = { ...kept, car: plan.car, frontRotor: plan.frontRotor, rearRotor: plan.rearRotor };

describe('a car that nobody kept', () => {
  beforeEach(() => vi.mocked(saveCar).mockClear());

  it('goes on the shelf as it stands, under a name of its own', async () => {
    const told = await keptFirst(loose, plan, sampleShelf);
    expect(told?.name).toBe(`${plan.car.name} 2`);
    const [id, revision, entry] = vi.mocked(saveCar).mock.calls[0]!;
    expect([id, revision, entry.car.name]).toEqual([told!.id, 0, told!.name]);
    expect([entry.frontPad, entry.fluid, entry.frontRotor]).toEqual([kept.frontPad, kept.fluid, plan.frontRotor]);
  });

  it('is left where it is kept already, or has parts that no entry can name', async () => {
    expect(await keptFirst(kept, plan, sampleShelf)).toBeNull();
    expect(await keptFirst({ ...loose, logCar: item.id }, plan, sampleShelf)).toBeNull();
    expect(entryOf({ ...loose, fluid: plan.fluid }, plan, 'x')).toBeNull();
    expect(saveCar).not.toHaveBeenCalled();
  });
});
