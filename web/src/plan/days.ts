import type { PlannedDay, ShelfAnswer } from '../api/client';
import type { Told } from '../units/units';

export type DayChoice = ShelfAnswer['dayKinds'][number];

/** What a car sees in a year where nobody said otherwise: track days, and the road in between. */
export const usualDays: PlannedDay[] = [day('track-day', 5), day('weekday', 200)];

/** A day of a kind with nothing else said of it. */
export function day(kind: string, daysAYear: number): PlannedDay {
  return { kind, daysAYear, atCircuit: false, dropM: 1000, slopePercent: 9, gear: 'top', trailerKg: 0, trailerBraked: false };
}

export const kindOf = (planned: PlannedDay, shelf: ShelfAnswer): DayChoice | undefined =>
  shelf.dayKinds.find((kind) => kind.code === planned.kind);

const isTimed = (planned: PlannedDay, shelf: ShelfAnswer) => (kindOf(planned, shelf)?.shape ?? 'laps') !== 'road';

/** The day that is drawn where nobody asks for another: the first that is driven against the clock, else the first. */
export function leadingOf(days: PlannedDay[], shelf: ShelfAnswer): number {
  return Math.max(
    0,
    days.findIndex((planned) => isTimed(planned, shelf)),
  );
}

/** What a plan's days ask for: laps at its circuit, a pace, a track day's sessions, a share of miles. */
export function asks(days: PlannedDay[], shelf: ShelfAnswer) {
  const kinds = days.map((planned) => ({ planned, kind: kindOf(planned, shelf) }));
  const timed = days.filter((planned) => isTimed(planned, shelf)).length;
  return {
    circuit: kinds.some(({ planned, kind }) => kind?.shape === 'laps' || planned.atCircuit),
    sessions: kinds.some(({ planned, kind }) => kind?.shape === 'laps' && !kind.usualStint && !planned.stint),
    pace: timed > 0,
    share: timed > 0 && timed < days.length,
  };
}

/** How often, in round figures. */
export const often = (daysAYear: number) => String(Number(daysAYear.toFixed(daysAYear < 1 ? 1 : 0)));

/** What a driver calls a kind of day. */
export const nameOfDay = (code: string, shelf: ShelfAnswer, told: (text: Told) => string): string => {
  const kind = shelf.dayKinds.find((one) => one.code === code);
  return kind ? told(kind.name) : code;
};
