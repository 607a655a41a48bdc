import type { PredictionPlan } from '../api/client';
import { draftOfCar, resolve, type Draft } from './draft';
import type { ShelfAnswer } from '../api/client';

/** The car that the log speaks of: its id on the shelf, or its name where it is not kept there. */
export function carKey(draft: Draft): string {
  return (typeof draft.car === 'string' ? draft.car : `own ${draft.car.name}`).slice(0, 80);
}

/** The car as it stands: what its entry on the shelf has fitted, on the day of the plan; the plan itself where it is not on the shelf. */
export function planAsItStands(draft: Draft, plan: PredictionPlan, shelf: ShelfAnswer): PredictionPlan {
  const entry = typeof draft.car === 'string' ? shelf.content.cars.find((item) => item.id === draft.car) : undefined;
  if (!entry) return plan;
  const stands = resolve({ ...draftOfCar(entry.id, entry.body, draft), circuit: draft.circuit }, shelf);
  return 'plan' in stands ? { ...plan, ...pickFitted(stands.plan) } : plan;
}

const pickFitted = (plan: PredictionPlan): Partial<PredictionPlan> => ({
  frontPad: plan.frontPad,
  rearPad: plan.rearPad,
  frontRotor: plan.frontRotor,
  rearRotor: plan.rearRotor,
  fluid: plan.fluid,
  frontDuct: plan.frontDuct,
  lines: 'rubber',
});

/** Today as the forms write it. */
export const today = (): string => {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
};

export const newId = (): string => crypto.randomUUID();
