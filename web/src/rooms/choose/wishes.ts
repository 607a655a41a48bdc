import type { Wishes } from '../../api/client';

export { firstWishes, wishesOf } from '../../plan/wishes';

type Scale = 'consistency' | 'confidence' | 'convenience' | 'cost' | 'coldMornings' | 'dustAndNoise';

export const scales: { key: Scale; label: string }[] = [
  { key: 'consistency', label: 'The same brake in the last lap' },
  { key: 'confidence', label: 'Balance, bite and release' },
  { key: 'coldMornings', label: 'Stopping on a cold morning' },
  { key: 'cost', label: 'Money for a season' },
  { key: 'convenience', label: 'Few evenings of work' },
  { key: 'dustAndNoise', label: 'Clean wheels, quiet brakes' },
];

export const scaleWords = ['not at all', 'a little', 'yes', 'a lot'];

type School = 'freshFluidEachEvent' | 'rotors' | 'factoryHolesAllowed' | 'preBedded' | 'classKeepsRotorSize' | 'classForbidsDucts';

/** Schools of thought: each choice with what it implies. */
export const schools: { key: School; label: string; choices: { value: string; label: string; implies: string }[] }[] = [
  {
    key: 'freshFluidEachEvent',
    label: 'Fluid',
    choices: [
      { value: 'false', label: 'left in for the season', implies: 'the wet boiling point counts; one flush a year' },
      { value: 'true', label: 'flushed before each event', implies: 'the dry boiling point counts; a litre and an hour each time' },
    ],
  },
  {
    key: 'rotors',
    label: 'Rotors',
    choices: [
      { value: 'either', label: 'whichever costs less', implies: 'settled by the cost of a season' },
      { value: 'blanks', label: 'blanks, changed often', implies: 'cheap one-piece rings as consumables' },
      { value: 'twoPiece', label: 'two-piece for the long run', implies: 'dear hats once, then rings only' },
    ],
  },
  {
    key: 'factoryHolesAllowed',
    label: 'Drilled faces',
    choices: [
      { value: 'false', label: 'never on track', implies: 'cracks start at holes' },
      { value: 'true', label: 'factory-made allowed', implies: 'chamfered or cast holes last longer than drilled ones' },
    ],
  },
  {
    key: 'preBedded',
    label: 'Bedding',
    choices: [
      { value: 'false', label: 'I bed them myself', implies: 'costs a session on a closed course' },
      { value: 'true', label: 'only pads that come bedded', implies: 'few on offer, no session lost' },
    ],
  },
  {
    key: 'classKeepsRotorSize',
    label: 'Class: rotors',
    choices: [
      { value: 'false', label: 'any that fit', implies: 'no class, or one that does not care' },
      { value: 'true', label: 'original diameter only', implies: 'bigger rotors are refused' },
    ],
  },
  {
    key: 'classForbidsDucts',
    label: 'Class: ducts',
    choices: [
      { value: 'false', label: 'allowed', implies: 'no class, or one that does not care' },
      { value: 'true', label: 'forbidden', implies: 'no ducts are suggested' },
    ],
  },
];

export const schoolValue = (wishes: Wishes, key: School): string => String(wishes[key]);

export const withSchool = (key: School, value: string): Partial<Wishes> =>
  key === 'rotors' ? { rotors: value as Wishes['rotors'] } : { [key]: value === 'true' };

/** What is asked for at least, as phrases; a label that names a distance is said in the shown unit. */
export const bounds: {
  key: 'mostDanger' | 'mostToBuy' | 'mostColdMetres';
  choices: { value: number | null; label: string | ((show: (value: number, unit: string, digits?: number) => string) => string) }[];
}[] = [
  {
    key: 'mostDanger',
    choices: [
      { value: null, label: 'as safe as can be' },
      { value: 0.2, label: 'with danger on at most one day in five' },
      { value: 0.1, label: 'with danger on at most one day in ten' },
      { value: 0.05, label: 'with danger on at most one day in twenty' },
    ],
  },
  {
    key: 'mostToBuy',
    choices: [150, 300, 600, 1000, 2000, null].map((value) => ({ value, label: value === null ? 'anything' : `up to ${value}` })),
  },
  {
    key: 'mostColdMetres',
    choices: [0.5, 1, 2, 4, null].map((value) => ({
      value,
      label: value === null ? 'any distance' : (show) => `at most ${show(value, 'm', 1).replace('.0 ', ' ')}`,
    })),
  },
];
