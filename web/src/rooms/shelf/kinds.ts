import type { Bracket, BrakeFluid, CaliperKit, DuctKit, LineKit, MasterCylinder, Pad, Part, Rotor } from '../../api/client';
import {
  type Field,
  padFields,
  rotorFields,
  fluidFields,
  lineFields,
  caliperFields,
  ductFields,
  cylinderFields,
  bracketFields,
} from './fields';

export type PartKind = 'pads' | 'rotors' | 'fluids' | 'lines' | 'ducts' | 'calipers' | 'cylinders' | 'brackets';
export type Kind = PartKind | 'cars' | 'circuits';

/** Each kind of part: what it is called, its form, and what a new one starts from. */
export const partKinds: Record<PartKind, { one: string; many: string; fields: Field[]; blank: () => Part }> = {
  pads: {
    one: 'pad',
    many: 'pads',
    fields: padFields,
    blank: (): Pad => ({
      name: 'New pad',
      family: 'street-performance',
      basis: 'unknown',
      roadApproved: true,
      forMotorcycle: false,
      traits: { discs: 'iron', corrosiveDust: false, preBedded: false },
    }),
  },
  rotors: {
    one: 'rotor',
    many: 'rotors',
    fields: rotorFields,
    blank: () =>
      ({
        name: 'New rotor',
        outerDiameterMm: 320,
        innerDiameterMm: 210,
        thicknessMm: 28,
        minThicknessMm: 26,
        vanes: 'straight',
        vaneGapMm: 8,
        vaneCount: 37,
        vaneThicknessMm: 5.5,
        construction: 'onePiece',
        material: 'iron',
        finish: { face: 'plain', slotsReachEdge: false },
      }) as Rotor,
  },
  fluids: {
    one: 'fluid',
    many: 'fluids',
    fields: fluidFields,
    blank: (): BrakeFluid => ({ name: 'New fluid', class: 'dot4', dryC: 260, wetC: 165, bottleLitres: 1 }),
  },
  lines: {
    one: 'set of lines',
    many: 'sets of lines',
    fields: lineFields,
    blank: (): LineKit => ({ name: 'New lines', kind: 'braided', roadApproved: true, forMotorcycle: false }),
  },
  calipers: {
    one: 'caliper kit',
    many: 'caliper kits',
    fields: caliperFields,
    blank: () =>
      ({
        name: 'New caliper kit',
        brake: {
          caliper: 'fixed',
          pistonsMm: [42, 38],
          padAreaCm2: 78,
          padHeightMm: 50,
          padNewMm: 14,
          padLimitMm: 3,
          caliperMassKg: 3.4,
          aluminiumCaliper: true,
          pistons: 'metal',
        },
        rotor: {
          name: 'its rotors',
          outerDiameterMm: 345,
          innerDiameterMm: 228,
          thicknessMm: 28,
          minThicknessMm: 26,
          vanes: 'curved',
          vaneGapMm: 10,
          vaneCount: 48,
          vaneThicknessMm: 5,
          construction: 'twoPiece',
        },
      }) as CaliperKit,
  },
  cylinders: {
    one: 'master cylinder',
    many: 'master cylinders',
    fields: cylinderFields,
    blank: (): MasterCylinder => ({ name: 'New master cylinder', boreMm: 23.8 }),
  },
  brackets: {
    one: 'pair of brackets',
    many: 'brackets',
    fields: bracketFields,
    blank: (): Bracket => ({ name: 'New brackets', fromMm: 290, toMm: 312 }),
  },
  ducts: {
    one: 'duct kit',
    many: 'duct kits',
    fields: ductFields,
    blank: () => ({ name: 'New ducts', duct: { hoseMm: 76, shield: 'trimmed', aim: 'eye', lengthM: 1, wheel: 'usual' } }) as DuctKit,
  },
};

/** A value deep in a part, by its path. */
export function valueAt(part: object, path: string): unknown {
  return path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown> | undefined)?.[key], part);
}

/** The part with one value changed; undefined takes it away. */
export function withValue<T extends object>(part: T, path: string, value: unknown): T {
  const [key, ...rest] = path.split('.');
  const old = (part as Record<string, unknown>)[key!];
  const next = rest.length === 0 ? value : withValue((old ?? {}) as object, rest.join('.'), value);
  if (Array.isArray(part)) {
    const list = [...(part as unknown[])];
    list[Number(key)] = next;
    return list.filter((item) => item !== undefined) as unknown as T;
  }
  return { ...part, [key!]: next };
}
