import type {
  BrakeFluid,
  Car,
  CarEntry,
  Circuit,
  FluidState,
  Observation,
  Pad,
  PlannedDay,
  PredictionPlan,
  Rotor,
  ShelfAnswer,
  StintPlan,
  Weather,
  WheelDuct,
  Wishes,
} from '../api/client';
import { told } from '../units/units';
import { day, usualDays } from './days';

/** A plan as the page edits it: things from the shelf by their id, everything else in full. */
export interface Draft {
  car: string | Car;
  /** Whose log and garage the car is, where it is written out in full: its id on the shelf. */
  logCar?: string;
  circuit: string | Circuit;
  pace: string;
  stint: StintPlan;
  weather: Weather;
  frontPad: string | Pad;
  rearPad: string | Pad;
  /** An id, or null for the rotor that the car came with. */
  frontRotor: string | Rotor | null;
  rearRotor: string | Rotor | null;
  fluid: string | BrakeFluid;
  fluidState: FluidState;
  frontPadMm?: number;
  rearPadMm?: number;
  frontDuct?: WheelDuct;
  roadPercent: number;
  /** The kinds of day that the car sees, each with its share of the year. */
  days: PlannedDay[];
  /** Refinements that most plans leave at their defaults. */
  refine?: Partial<Refinements>;
  /** What was seen on this very day. */
  seen?: Observation[];
  /** What stops the car by its log and would be answered by what is laid over it, by their keys. */
  answered?: string[];
  /** What was fitted when that was said: it holds no longer than these parts stand in the sentence. */
  answeredBy?: string;
  /** True where what the log has taught is left out, to compare. */
  withoutLog?: boolean;
  /** What matters, where it differs from the first wishes. */
  wishes?: Partial<Wishes>;
  /** Setups pinned side by side, by their keys. */
  pins?: string[];
}

/** Parts of a plan that pass through as they are. */
export type Refinements = Pick<
  PredictionPlan,
  | 'rearDuct'
  | 'frontWrongSide'
  | 'rearWrongSide'
  | 'bedded'
  | 'stabilityControlPercent'
  | 'batteryFull'
  | 'outsideHeat'
  | 'lines'
  | 'hoseYears'
  | 'linesPrice'
  | 'ductPrice'
  | 'frontKit'
  | 'rearKit'
  | 'cylinder'
  | 'driver'
>;

/** What holds where nobody said otherwise. */
const unrefined: Pick<PredictionPlan, 'frontWrongSide' | 'rearWrongSide' | 'bedded' | 'stabilityControlPercent' | 'batteryFull'> = {
  frontWrongSide: false,
  rearWrongSide: false,
  bedded: true,
  stabilityControlPercent: 0,
  batteryFull: false,
};

/** A draft with every reference followed. */
export interface Resolved {
  plan: PredictionPlan;
  carEntry?: CarEntry;
}

/** A pad known by its family only: the family's typical curve stands in. */
export function familyPad(code: string, shelf: ShelfAnswer): Pad | undefined {
  const family = shelf.padFamilies.find((row) => row.code === code);
  return (
    family && {
      name: `a typical ${told(family.name, 'metric').toLowerCase()} pad`,
      family: code,
      basis: 'unknown',
      roadApproved: true,
      forMotorcycle: false,
    }
  );
}

/** A fluid known by its class only: the class's minimum boiling points stand in. */
export function classFluid(code: string, shelf: ShelfAnswer): BrakeFluid | undefined {
  const row = shelf.fluidClasses.find((item) => item.code === code);
  return row && { name: `any ${told(row.name, 'metric')}`, class: code, dryC: row.dryC, wetC: row.wetC, bottleLitres: 1 };
}

export const familyPrefix = 'family:';
export const classPrefix = 'class:';

function findPad(ref: string | Pad, shelf: ShelfAnswer): Pad | undefined {
  return typeof ref === 'string' && ref.startsWith(familyPrefix)
    ? familyPad(ref.slice(familyPrefix.length), shelf)
    : find(shelf.content.pads, ref);
}

function findFluid(ref: string | BrakeFluid, shelf: ShelfAnswer): BrakeFluid | undefined {
  return typeof ref === 'string' && ref.startsWith(classPrefix)
    ? classFluid(ref.slice(classPrefix.length), shelf)
    : find(shelf.content.fluids, ref);
}

/** What is offered: nothing archived, but for what the plan has already. */
export const onOffer = <T extends { id: string; archived: boolean }>(items: T[], fitted: unknown): T[] =>
  items.filter((item) => !item.archived || item.id === fitted);

const find = <T>(items: { id: string; body: T }[], ref: string | T): T | undefined =>
  typeof ref === 'string' ? items.find((item) => item.id === ref)?.body : ref;

/** The plan of a draft, or the name of what is missing from the shelf. */
export function resolve(draft: Draft, shelf: ShelfAnswer): Resolved | { missing: string } {
  const { cars, circuits, rotors } = shelf.content;
  const entry = typeof draft.car === 'string' ? cars.find((item) => item.id === draft.car)?.body : undefined;
  const car = typeof draft.car === 'string' ? entry?.car : draft.car;
  const circuit = find(circuits, draft.circuit);
  const frontPad = findPad(draft.frontPad, shelf);
  const rearPad = findPad(draft.rearPad, shelf);
  const frontRotor = draft.frontRotor === null ? entry?.frontRotor : find(rotors, draft.frontRotor);
  const rearRotor = draft.rearRotor === null ? entry?.rearRotor : find(rotors, draft.rearRotor);
  const fluid = findFluid(draft.fluid, shelf);
  if (!car) return { missing: 'car' };
  if (!circuit) return { missing: 'circuit' };
  if (!frontPad || !rearPad) return { missing: 'pad' };
  if (!frontRotor || !rearRotor) return { missing: 'rotor' };
  if (!fluid) return { missing: 'fluid' };
  const { pace, stint, weather, fluidState, frontPadMm, rearPadMm, frontDuct, roadPercent, days } = draft;
  const plan: PredictionPlan = {
    car,
    circuit,
    pace,
    stint,
    weather,
    frontPad,
    rearPad,
    frontRotor,
    rearRotor,
    fluid,
    fluidState,
    frontPadMm,
    rearPadMm,
    frontDuct,
    roadPercent,
    days,
    ...unrefined,
    ...draft.refine,
  };
  return { plan, carEntry: entry };
}

/** Braking zones to start from where no circuit is known yet: to be replaced by one's own (common practice for a 3 km club circuit). */
export const typicalCircuit: Circuit = {
  name: 'typical club circuit',
  altitudeM: 0,
  bySpeedometer: false,
  zones: [
    { entryKmh: 165, exitKmh: 80, secondsToNext: 18 },
    { entryKmh: 140, exitKmh: 95, secondsToNext: 14 },
    { entryKmh: 155, exitKmh: 70, secondsToNext: 20 },
    { entryKmh: 130, exitKmh: 85, secondsToNext: 22 },
  ],
};

/** The draft of a car as it stands in the shelf. */
export function draftOfCar(id: string, entry: CarEntry, keep?: Draft): Draft {
  return {
    circuit: keep?.circuit ?? typicalCircuit,
    pace: keep?.pace ?? 'advanced',
    stint: keep?.stint ?? { sessions: 3, minutesEach: 20, restMinutes: 40, outLapPace: 0.8, coolDownLaps: 1, coolDownPace: 0.65 },
    weather: keep?.weather ?? { ambientC: 24, rain: false },
    roadPercent: keep?.roadPercent ?? 80,
    days: keep?.days ?? usualDays,
    car: id,
    frontPad: entry.frontPad,
    rearPad: entry.rearPad,
    frontRotor: null,
    rearRotor: null,
    fluid: entry.fluid,
    fluidState: entry.fluidState,
    frontDuct: entry.frontDuct ?? undefined,
    refine: describedBesides(entry),
  };
}

/** What a car's description says besides what has a place of its own in a draft; nothing where it says nothing. */
function describedBesides({ lines, hoseYears, outsideHeat, rearDuct }: CarEntry): Partial<Refinements> | undefined {
  const said: Partial<Refinements> = {
    ...(lines && lines !== 'rubber' ? { lines } : {}),
    ...(hoseYears == null ? {} : { hoseYears }),
    ...(outsideHeat ? { outsideHeat } : {}),
    ...(rearDuct ? { rearDuct } : {}),
  };
  return Object.keys(said).length > 0 ? said : undefined;
}

/** A whole plan as a draft that stands on its own: everything in full, nothing from the shelf. */
export function draftOfPlan(plan: PredictionPlan, wishes?: Partial<Wishes>): Draft {
  const { car, circuit, pace, stint, weather, frontPad, rearPad, frontRotor, rearRotor, fluid, fluidState, ...rest } = plan;
  const { frontPadMm, rearPadMm, frontDuct, roadPercent, days, ...refine } = rest;
  // What stops the car is the log's to say.
  delete refine.open;
  return {
    car,
    circuit,
    pace,
    stint,
    weather,
    frontPad,
    rearPad,
    frontRotor,
    rearRotor,
    fluid,
    fluidState,
    frontPadMm: frontPadMm ?? undefined,
    rearPadMm: rearPadMm ?? undefined,
    frontDuct: frontDuct ?? undefined,
    roadPercent,
    days: days ?? [day('track-day', 5)],
    refine,
    wishes,
  };
}
