import type { BrakePart } from '../api/client';

/** What a driver calls each part. */
export const partNames: Record<BrakePart, string> = {
  frontFace: 'Front face',
  rearFace: 'Rear face',
  frontChart: 'Front pad’s chart',
  rearChart: 'Rear pad’s chart',
  frontRotor: 'Front rotor, mean',
  rearRotor: 'Rear rotor, mean',
  frontPadCore: 'Front pad core',
  rearPadCore: 'Rear pad core',
  frontPlate: 'Front backing plate',
  rearPlate: 'Rear backing plate',
  frontCaliper: 'Front caliper',
  rearCaliper: 'Rear caliper',
  frontFluid: 'Front fluid',
  rearFluid: 'Rear fluid',
  frontSeals: 'Front seals',
  rearSeals: 'Rear seals',
  frontHub: 'Front hub',
  rearHub: 'Rear hub',
  frontBoots: 'Front dust boots',
  rearBoots: 'Rear dust boots',
};
