import type { AxleBrake, Car, Rotor } from '../../api/client';

type NumberKey = { [K in keyof Car]-?: Car[K] extends number | undefined ? K : never }[keyof Car];
type AxleKey = { [K in keyof AxleBrake]-?: AxleBrake[K] extends number | undefined ? K : never }[keyof AxleBrake];

export const refinements: { key: NumberKey; label: string; hint: string }[] = [
  { key: 'staticFrontShare', label: 'Front weight share', hint: 'front engine about 0.58, mid 0.43' },
  { key: 'cgHeightM', label: 'Centre of gravity height', hint: 'estate 0.56, low coupe 0.45' },
  { key: 'wheelbaseM', label: 'Wheelbase', hint: 'in the handbook' },
  { key: 'tyreRadiusM', label: 'Tyre radius', hint: 'half the tyre’s height' },
  { key: 'dragAreaM2', label: 'Drag area', hint: 'estate 0.68, coupe 0.56' },
  { key: 'engineBrakingMS2', label: 'Engine braking', hint: 'throttle shut, 0.3 is usual' },
  { key: 'regenerationMS2', label: 'Regeneration', hint: '0 without an electric motor' },
  { key: 'downforceAreaM2', label: 'Downforce area', hint: '0 for road cars, 1 with a big wing' },
];

export const axleFields: { key: AxleKey; label: string }[] = [
  { key: 'padAreaCm2', label: 'Pad area' },
  { key: 'padHeightMm', label: 'Pad height' },
  { key: 'padNewMm', label: 'New pad thickness' },
  { key: 'padLimitMm', label: 'Change pads at' },
  { key: 'caliperMassKg', label: 'Caliper mass' },
  { key: 'rubbedPercent', label: 'Rubbed band of the face' },
];

/** A drum as small cars have it, and the solid disc that would stand in its place (common practice). */
export const typicalDrum: Rotor = {
  name: 'typical drum',
  outerDiameterMm: 228,
  innerDiameterMm: 100,
  thicknessMm: 7,
  minThicknessMm: 5,
  construction: 'drum',
  vanes: 'solid',
  vaneGapMm: 0,
  vaneCount: 0,
  vaneThicknessMm: 5,
  replacesCarbonCeramic: false,
  drumWidthMm: 42,
};
export const typicalDisc: Rotor = {
  name: 'typical rear',
  outerDiameterMm: 280,
  innerDiameterMm: 190,
  thicknessMm: 10,
  minThicknessMm: 8,
  construction: 'onePiece',
  vanes: 'solid',
  vaneGapMm: 0,
  vaneCount: 0,
  vaneThicknessMm: 5,
  replacesCarbonCeramic: false,
  drumWidthMm: 45,
};
export const drumBrake: Partial<AxleBrake> = { pistonsMm: [20.6], padAreaCm2: 75, padHeightMm: 42, padNewMm: 5, padLimitMm: 1.5 };
