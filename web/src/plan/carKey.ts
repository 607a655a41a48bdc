import type { Draft } from './draft';

/** The car that the log speaks of: its id on the shelf, or its name where it is not kept there. */
export function carKey(draft: Draft): string {
  return (typeof draft.car === 'string' ? draft.car : (draft.logCar ?? `own ${draft.car.name}`)).slice(0, 80);
}

/** Today as the forms write it. */
export const today = (): string => {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
};

export const newId = (): string => crypto.randomUUID();
