import type { ShelfAnswer } from '../api/client';
import { draftOfCar, resolve, typicalCircuit, type Draft } from './draft';
import { planPart } from './fittedDraft';

/**
 * The draft a fresh page starts from: the car that was looked at last, else the first of the shelf, driven where and how it was then; null where there is no
 * car at all. A car that nobody kept comes back only where the shelf has none: it may have come with somebody's link.
 */
export function firstDraft(shelf: ShelfAnswer, last?: Draft | null): Draft | null {
  const { cars, circuits } = shelf.content;
  const named = last && (typeof last.car === 'string' ? last.car : last.logCar);
  if (last && named === undefined && cars.length === 0) return 'plan' in resolve(last, shelf) ? planPart(last) : null;
  const car = cars.find((item) => item.id === named) ?? cars.find((item) => item.id === 'harrow') ?? cars[0];
  if (!car) return null;
  const circuit = (circuits.find((item) => item.id === 'gullmouth') ?? circuits[0])?.id ?? shelf.typicalCircuits[1] ?? typicalCircuit;
  const isThere = (ref: Draft['circuit']) => typeof ref !== 'string' || circuits.some((item) => item.id === ref);
  return last && car.id === named && isThere(last.circuit)
    ? draftOfCar(car.id, car.body, last)
    : { ...draftOfCar(car.id, car.body), circuit };
}
