import type { Wishes } from '../api/client';

/** What the room starts from; everything can be changed on it. */
export const firstWishes: Wishes = {
  consistency: 2,
  confidence: 2,
  convenience: 1,
  cost: 2,
  coldMornings: 2,
  dustAndNoise: 1,
  roadApprovalMust: true,
  freshFluidEachEvent: false,
  rotors: 'either',
  factoryHolesAllowed: false,
  preBedded: false,
  classKeepsRotorSize: false,
  classForbidsDucts: false,
  mostToBuy: 600,
  mostColdMetres: 2,
};

export const wishesOf = (changed: Partial<Wishes> | undefined): Wishes => {
  const all = { ...firstWishes, ...changed };
  // Links and comparisons of before have another bound in its place, and the days of a year, which the plan states.
  for (const gone of ['mostRisk', 'eventsAYear']) delete (all as Record<string, unknown>)[gone];
  // "Any" is stored as null, since an address cannot hold undefined.
  return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== null)) as unknown as Wishes;
};

/** What the rules of a class may keep; ducts have a line of their own. */
export const classParts: { value: NonNullable<Wishes['classKeeps']>[number]; label: string }[] = [
  { value: 'pads', label: 'pads' },
  { value: 'fluid', label: 'fluid' },
  { value: 'lines', label: 'lines' },
  { value: 'rotors', label: 'rotors' },
  { value: 'calipers', label: 'calipers' },
];
