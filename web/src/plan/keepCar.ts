import { saveCar, type CarEntry, type PredictionPlan, type ShelfAnswer } from '../api/client';
import { type Draft } from './draft';
import { logCarOf } from './fittedDraft';

/** A car's entry on the shelf, with what is on it; null where a part stands on no shelf and cannot be named. */
export function entryOf(draft: Draft, plan: PredictionPlan, name: string): CarEntry | null {
  const { frontPad, rearPad, fluid } = draft;
  if (typeof frontPad !== 'string' || typeof rearPad !== 'string' || typeof fluid !== 'string') return null;
  return {
    car: { ...plan.car, name },
    frontRotor: plan.frontRotor,
    rearRotor: plan.rearRotor,
    frontPad,
    rearPad,
    fluid,
    fluidState: plan.fluidState,
    lines: plan.lines ?? 'rubber',
    hoseYears: plan.hoseYears,
    outsideHeat: plan.outsideHeat,
    frontDuct: plan.frontDuct,
    rearDuct: plan.rearDuct,
  };
}

export const ownId = () => `own-${Date.now().toString(36)}`;

/**
 * A car that nobody kept goes on the shelf as it stands before something is fitted to it: else nobody could say what was on it before. Its id and name; null
 * where it is kept already, or cannot be.
 */
export async function keptFirst(draft: Draft, plan: PredictionPlan, shelf: ShelfAnswer): Promise<{ id: string; name: string } | null> {
  const taken = new Set(shelf.content.cars.map((item) => item.body.car.name));
  let name = plan.car.name;
  for (let place = 2; taken.has(name); place++) name = `${plan.car.name.slice(0, 70)} ${place}`;
  const isOther = plan.frontKit != null || plan.rearKit != null || plan.cylinder != null;
  const entry = logCarOf(draft) !== undefined || isOther ? null : entryOf(draft, plan, name);
  if (!entry) return null;
  const id = ownId();
  await saveCar(id, 0, entry);
  return { id, name };
}
