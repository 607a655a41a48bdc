import type { Circuit, Rotor } from '../api/client';
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
