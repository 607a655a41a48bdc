import type { CarBody, CarGuess, CarLayout, PlannedDay, ShelfAnswer, Wishes } from '../../api/client';
import { day, usualDays } from '../../plan/days';
import { classPrefix, draftOfCar, familyPrefix, typicalCircuit, type Draft } from '../../plan/draft';

/** What the first questions were answered. */
export interface Answers {
  motorcycle: boolean;
  layout?: CarLayout;
  body?: CarBody;
  massKg?: number;
  powerKw?: number;
  tyre: string;
  circuit: string;
  pace: string;
  rotorMm?: number;
  /** Kinds of day that it sees; undefined for track days and the road between them. */
  uses?: string[];
  /** How often a year, where it was said. */
  daysAYear?: Record<string, number>;
  trailerKg?: number;
  trailerBraked?: boolean;
  classKeeps?: ClassPart[];
  hoseYears?: number;
  /** What an electric motor slows by, m/s². */
  regenerationMS2?: number;
  rearDrums?: boolean;
  carbonDiscs?: boolean;
  pad: string;
  fluid: string;
  ageMonths: number;
}

/** What stands there before anybody answered. */
export const firstAnswers: Omit<Answers, 'circuit'> = {
  motorcycle: false,
  tyre: 'summer',
  pace: 'regular',
  pad: 'organic',
  fluid: 'dot4',
  ageMonths: 24,
};

export const usualUses = usualDays.map((one) => one.kind);
export type ClassPart = NonNullable<Wishes['classKeeps']>[number];
export const roadOnly = 'road';
/** Circuits as their kinds usually are come by their place among them. */
export const ofKind = 'kind:';
export const usualKind = `${ofKind}1`;

/** What a fieldset of the first questions needs: the answers, and how one is given. */
export interface Asked {
  now: Answers;
  set: (changes: Partial<Answers>) => void;
}

export const isElectric = ({ layout }: Answers) => layout === 'electric' || layout === 'electricFront';

/** The circuit that was answered; the usual kind where it has left the shelf since. */
export const circuitOf = ({ circuit }: Answers, shelf: ShelfAnswer) =>
  circuit === roadOnly || circuit === 'typical' || circuit.startsWith(ofKind) || shelf.content.circuits.some((item) => item.id === circuit)
    ? circuit
    : usualKind;

/** How often a year it sees a kind of day: as said, else as often as is usual. */
export const daysAYearOf = (now: Answers, kind: { code: string; usualDays: number }) =>
  now.daysAYear?.[kind.code] ?? usualDays.find((one) => one.kind === kind.code)?.daysAYear ?? kind.usualDays;

/** What the car sees in a year; a road day where nothing else was pressed. */
function daysOf(now: Answers, circuit: string, shelf: ShelfAnswer): PlannedDay[] {
  const uses = now.uses ?? usualUses;
  const chosen = shelf.dayKinds.filter((kind) => uses.includes(kind.code) && (circuit !== roadOnly || kind.shape === 'road'));
  const days = chosen.slice(0, 8).map((kind) => ({
    ...day(kind.code, daysAYearOf(now, kind)),
    ...(kind.trailer && now.trailerKg ? { trailerKg: now.trailerKg, trailerBraked: now.trailerBraked ?? false } : {}),
  }));
  return days.length > 0 ? days : [day('weekday', 200)];
}

/** The plan that the answers make of a guessed car. */
export function draftOfAnswers(now: Answers, guess: CarGuess, shelf: ShelfAnswer): Draft {
  const circuit = circuitOf(now, shelf);
  const typical = circuit.startsWith(ofKind) ? shelf.typicalCircuits[Number(circuit.slice(ofKind.length))] : undefined;
  // On carbon-ceramic discs nothing else goes.
  const fitted = now.carbonDiscs && !now.motorcycle ? 'carbon-ceramic-disc' : now.pad;
  const car = isElectric(now) && now.regenerationMS2 !== undefined ? { ...guess.car, regenerationMS2: now.regenerationMS2 } : guess.car;
  const base = draftOfCar('', {
    car,
    frontRotor: guess.frontRotor,
    rearRotor: guess.rearRotor,
    frontPad: familyPrefix + fitted,
    rearPad: familyPrefix + fitted,
    fluid: classPrefix + now.fluid,
    fluidState: { ageMonths: now.ageMonths, climate: 'temperate', tightHoses: false },
    hoseYears: now.hoseYears,
  });
  return {
    ...base,
    pace: now.pace,
    car: { ...car, originalPadFamily: fitted.startsWith('race') || fitted === 'track-sport' ? 'organic' : fitted },
    circuit: typical ?? (circuit === 'typical' || circuit === roadOnly ? typicalCircuit : circuit),
    days: daysOf(now, circuit, shelf),
    wishes: (now.uses ?? []).includes('autocross') && now.classKeeps?.length ? { classKeeps: now.classKeeps } : undefined,
    frontRotor: guess.frontRotor,
    rearRotor: guess.rearRotor,
  };
}
