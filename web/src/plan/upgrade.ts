import type { Circuit, PlannedDay, PredictionPlan, Rotor } from '../api/client';
import { day } from './days';
import type { Draft } from './draft';

const hatShare = 0.8;
const leastHatMm = 90;

/** A drum's hat where nothing was asked for it, and no vane gap. */
export function drumHat(draft: Draft): Draft {
  const mend = (rotor: string | Rotor | null): string | Rotor | null => {
    if (!rotor || typeof rotor === 'string' || rotor.construction !== 'drum') return rotor;
    const { innerDiameterMm: inner, outerDiameterMm: outer } = rotor;
    const kept = inner >= leastHatMm && inner < outer;
    return {
      ...rotor,
      innerDiameterMm: kept ? inner : Math.max(leastHatMm, Math.round(outer * hatShare * 10) / 10),
      vaneGapMm: 0,
    };
  };
  return { ...draft, frontRotor: mend(draft.frontRotor), rearRotor: mend(draft.rearRotor) };
}

// As StraySamples.cs has them.
const brakingMS2 = 45;
const driveMS2 = 25;
const jitterMS = 3;

/** A recording whose lonely samples that no car can have driven lie on the line between their neighbours. */
export function withoutStraySamples(draft: Draft): Draft {
  const circuit = draft.circuit;
  const recording = typeof circuit === 'string' ? undefined : circuit.recording;
  if (!recording || recording.timeS.length !== recording.speedKmh.length) return draft;
  const { timeS, speedKmh } = recording;
  const goes = (from: number, to: number) => {
    const seconds = timeS[to]! - timeS[from]!;
    const gained = (speedKmh[to]! - speedKmh[from]!) / 3.6;
    return gained <= driveMS2 * seconds + jitterMS && -gained <= brakingMS2 * seconds + jitterMS;
  };
  const speeds = speedKmh.map((speed, i) => {
    if (i === 0 || i === timeS.length - 1 || goes(i - 1, i) || goes(i, i + 1) || !goes(i - 1, i + 1)) return speed;
    const share = (timeS[i]! - timeS[i - 1]!) / (timeS[i + 1]! - timeS[i - 1]!);
    return speedKmh[i - 1]! + share * (speedKmh[i + 1]! - speedKmh[i - 1]!);
  });
  return { ...draft, circuit: { ...(circuit as Circuit), recording: { timeS, speedKmh: speeds } } };
}

const dutyDays: Record<string, number> = { commute: 220, country: 20, descent: 4 };

interface Duty {
  roadDuty?: string;
  trailerKg?: number;
  trailerBraked?: boolean;
}

/** The kinds of day of a plan that was one track day and one road duty, as BodyVersion.cs has them. */
function daysOf({ roadDuty: duty = 'weekday', trailerKg = 0, trailerBraked = false }: Duty, roadPercent = 80, events = 5): PlannedDay[] {
  const road = day(duty, dutyDays[duty] ?? 200);
  if (duty === 'descent') Object.assign(road, { dropM: 560, slopePercent: 8 });
  if (trailerKg > 0) Object.assign(road, { trailerKg, trailerBraked });
  return [...(roadPercent < 100 ? [day('track-day', events)] : []), ...(roadPercent > 0 || roadPercent >= 100 ? [road] : [])];
}

/** What a draft or a plan had in place of its kinds of day. */
function withoutDuty<T extends object>(from: T): [T, Duty] {
  const { roadDuty, trailerKg, trailerBraked, ...rest } = from as T & Duty;
  return [rest as T, { roadDuty, trailerKg, trailerBraked }];
}

/** A draft with kinds of day in place of its road duty, its trailer and its track days a year. */
export function daysOfDuty(draft: Draft): Draft {
  const [refine, duty] = withoutDuty(draft.refine ?? {});
  const { eventsAYear, ...wishes } = (draft.wishes ?? {}) as NonNullable<Draft['wishes']> & { eventsAYear?: number };
  return {
    ...draft,
    refine: draft.refine && refine,
    wishes: draft.wishes && wishes,
    days: draft.days ?? daysOf(duty, draft.roadPercent, eventsAYear),
  };
}

/** The same for a whole plan, of a saved comparison. */
export function planWithDays(plan: PredictionPlan): PredictionPlan {
  const [rest, duty] = withoutDuty(plan);
  return { ...rest, days: plan.days ?? daysOf(duty, plan.roadPercent) };
}
