import type { ShelfAnswer } from '../../api/client';
import { told } from '../../units/units';

export interface Option {
  value: string;
  label: string;
}

/** One field of a form: where it lies in the part, what it is called, how it is entered. */
export type Field =
  | { path: string; label: string; type: 'number'; range: string; optional?: boolean; hint?: string }
  | { path: string; label: string; type: 'select'; options: Option[] | ((shelf: ShelfAnswer) => Option[]); hint?: string }
  | { path: string; label: string; type: 'check' }
  | { path: string; label: string; type: 'day'; hint?: string }
  | { path: string; label: string; type: 'text'; optional?: boolean; hint?: string }
  | { path: string; label: string; type: 'list'; hint?: string };

const plain = (...values: [string, string][]): Option[] => values.map(([value, label]) => ({ value, label }));

export const padFields: Field[] = [
  {
    path: 'family',
    label: 'Family',
    type: 'select',
    options: (shelf) => shelf.padFamilies.map((family) => ({ value: family.code, label: told(family.name, 'metric') })),
    hint: 'wear, heat and a typical curve follow from it',
  },
  {
    path: 'basis',
    label: 'The chart’s temperature is',
    type: 'select',
    options: plain(
      ['unknown', 'not stated'],
      ['initialEmbedded', 'before the stop, under the face'],
      ['inStopEmbedded', 'in the stop, just under the face'],
      ['rubbing', 'the rubbing face itself'],
    ),
  },
  { path: 'statedFromC', label: 'Stated range from', type: 'number', range: 'pad.statedFromC', optional: true },
  { path: 'statedToC', label: 'Stated range to', type: 'number', range: 'pad.statedFromC', optional: true },
  { path: 'priceAxleSet', label: 'Price of an axle set', type: 'number', range: 'pad.priceAxleSet', optional: true },
  {
    path: 'traits.discs',
    label: 'Listed for',
    type: 'select',
    options: plain(['iron', 'iron discs'], ['carbonCeramic', 'carbon-ceramic discs'], ['both', 'both']),
  },
  { path: 'traits.bite', label: 'Bite', type: 'number', range: 'pad.traits', optional: true, hint: '0 none to 10' },
  { path: 'traits.release', label: 'Lets go smoothly', type: 'number', range: 'pad.traits', optional: true, hint: '0 to 10' },
  { path: 'traits.dust', label: 'Dust', type: 'number', range: 'pad.traits', optional: true, hint: '0 clean to 10' },
  { path: 'traits.noise', label: 'Noise', type: 'number', range: 'pad.traits', optional: true, hint: '0 quiet to 10' },
  { path: 'traits.rotorWear', label: 'Rotor wear', type: 'number', range: 'pad.traits', optional: true, hint: '0 kind to 10' },
  { path: 'traits.compressibilityUm', label: 'Gives at 160 bar', type: 'number', range: 'pad.traits.compressibilityUm', optional: true },
  { path: 'traits.edgeCode', label: 'Edge code', type: 'text', optional: true, hint: 'two letters on the pad’s edge' },
  { path: 'shapes', label: 'Sold in shapes', type: 'list', hint: 'codes, with commas between: they tell whether it goes into a caliper' },
  { path: 'roadApproved', label: 'approved for the road', type: 'check' },
  { path: 'forMotorcycle', label: 'for motorcycles', type: 'check' },
  { path: 'traits.corrosiveDust', label: 'its dust pits wheels', type: 'check' },
  { path: 'traits.preBedded', label: 'comes bedded', type: 'check' },
];

export const rotorFields: Field[] = [
  { path: 'outerDiameterMm', label: 'Diameter', type: 'number', range: 'rotor.outerDiameterMm' },
  { path: 'innerDiameterMm', label: 'Inner edge of the ring', type: 'number', range: 'rotor.innerDiameterMm' },
  { path: 'thicknessMm', label: 'Thickness', type: 'number', range: 'rotor.thicknessMm' },
  { path: 'minThicknessMm', label: 'Service limit', type: 'number', range: 'rotor.minThicknessMm', hint: 'the maker’s figure' },
  {
    path: 'vanes',
    label: 'Vanes',
    type: 'select',
    options: plain(['solid', 'none, solid'], ['straight', 'straight'], ['pillar', 'pillars'], ['curved', 'curved, handed']),
  },
  { path: 'vaneGapMm', label: 'Vane gap', type: 'number', range: 'rotor.vaneGapMm' },
  { path: 'vaneCount', label: 'Number of vanes', type: 'number', range: 'rotor.vaneCount' },
  { path: 'vaneThicknessMm', label: 'Vane thickness', type: 'number', range: 'rotor.vaneThicknessMm' },
  {
    path: 'construction',
    label: 'Built as',
    type: 'select',
    options: plain(['onePiece', 'one piece'], ['twoPiece', 'two-piece, floating ring'], ['drum', 'drum']),
  },
  {
    path: 'material',
    label: 'Ring of',
    type: 'select',
    options: plain(['iron', 'grey iron'], ['carbonCeramic', 'carbon-ceramic'], ['carbonCarbon', 'carbon-carbon']),
  },
  {
    path: 'grade',
    label: 'Iron',
    type: 'select',
    options: plain(['plain', 'plain'], ['highCarbon', 'high-carbon'], ['alloyed', 'alloyed for the track']),
  },
  {
    path: 'finish.face',
    label: 'Face and holes',
    type: 'select',
    options: plain(
      ['plain', 'plain'],
      ['slotted', 'slotted'],
      ['hookSlotted', 'hooked slots'],
      ['drilled', 'drilled after casting'],
      ['factoryDrilled', 'holes cast or chamfered by its maker'],
    ),
  },
  { path: 'finish.treatment', label: 'Treated', type: 'select', options: plain(['none', 'as cast'], ['frozen', 'frozen']) },
  { path: 'ringMassKg', label: 'Ring mass, if stated', type: 'number', range: 'rotor.ringMassKg', optional: true },
  { path: 'finish.minRingMassKg', label: 'Least ring mass (carbon)', type: 'number', range: 'rotor.finish.minRingMassKg', optional: true },
  {
    path: 'bracketForMm',
    label: 'Comes with brackets, for calipers made for',
    type: 'number',
    range: 'rotor.bracketForMm',
    optional: true,
    hint: 'left empty: without brackets',
  },
  { path: 'hatOffsetMm', label: 'From the hub to the ring’s middle', type: 'number', range: 'rotor.hatOffsetMm', optional: true },
  { path: 'boltCircle', label: 'Holes and circle', type: 'text', optional: true, hint: 'as the catalogue writes it' },
  { path: 'price', label: 'Price of one rotor', type: 'number', range: 'rotor.price', optional: true },
  { path: 'finish.ringPrice', label: 'Price of a ring alone', type: 'number', range: 'rotor.finish.ringPrice', optional: true },
  { path: 'finish.hardware', label: 'Bolts and nuts', type: 'text', optional: true, hint: 'grade, and whether for one use' },
  { path: 'finish.slotsReachEdge', label: 'slots run out through the edge', type: 'check' },
  { path: 'replacesCarbonCeramic', label: 'iron ring in a carbon-ceramic disc’s place', type: 'check' },
];

export const fluidFields: Field[] = [
  {
    path: 'class',
    label: 'Class on the bottle',
    type: 'select',
    options: (shelf) => shelf.fluidClasses.map((row) => ({ value: row.code, label: told(row.name, 'metric') })),
  },
  { path: 'dryC', label: 'Dry boiling point', type: 'number', range: 'fluid.dryC' },
  { path: 'wetC', label: 'Wet boiling point', type: 'number', range: 'fluid.wetC', hint: 'at about 3.7 % water' },
  { path: 'viscosityMm2S', label: 'Viscosity at -40°', type: 'number', range: 'fluid.viscosityMm2S', optional: true },
  { path: 'bottleLitres', label: 'Bottle', type: 'number', range: 'fluid.bottleLitres' },
  { path: 'priceLitre', label: 'Price of a litre', type: 'number', range: 'fluid.priceLitre', optional: true },
  { path: 'openedOn', label: 'Opened on', type: 'day', hint: 'empty for a sealed bottle' },
  {
    path: 'openedMonths',
    label: 'or so long ago',
    type: 'number',
    range: 'fluid.openedMonths',
    optional: true,
    hint: 'where the day is not known',
  },
];

export const lineFields: Field[] = [
  {
    path: 'kind',
    label: 'Lines of',
    type: 'select',
    options: plain(['rubber', 'new rubber'], ['agedRubber', 'old rubber'], ['braided', 'braided steel']),
  },
  { path: 'price', label: 'Price of the set', type: 'number', range: 'line.price', optional: true },
  { path: 'roadApproved', label: 'approved for the road', type: 'check' },
  { path: 'forMotorcycle', label: 'for motorcycles', type: 'check' },
];

export const caliperFields: Field[] = [
  {
    path: 'brake.caliper',
    label: 'Calipers',
    type: 'select',
    options: plain(['sliding', 'sliding'], ['fixed', 'fixed'], ['onePiece', 'fixed, cut from one piece']),
  },
  { path: 'brake.pistonsMm.0', label: 'Piston 1, one side', type: 'number', range: 'axle.pistonsMm' },
  { path: 'brake.pistonsMm.1', label: 'Piston 2', type: 'number', range: 'axle.pistonsMm', optional: true },
  { path: 'brake.pistonsMm.2', label: 'Piston 3', type: 'number', range: 'axle.pistonsMm', optional: true },
  {
    path: 'brake.pistons',
    label: 'Pistons of',
    type: 'select',
    options: plain(['metal', 'metal'], ['vented', 'metal with a vented nose'], ['titanium', 'titanium']),
  },
  { path: 'brake.padShape', label: 'Takes pads of shape', type: 'text', optional: true, hint: 'the code that pads are sold by' },
  { path: 'brake.padAreaCm2', label: 'Rubbing area of a pad', type: 'number', range: 'axle.padAreaCm2' },
  { path: 'brake.padHeightMm', label: 'Height of a pad', type: 'number', range: 'axle.padHeightMm' },
  { path: 'brake.padNewMm', label: 'Friction material, new', type: 'number', range: 'axle.padNewMm' },
  { path: 'brake.caliperMassKg', label: 'One caliper weighs', type: 'number', range: 'axle.caliperMassKg' },
  { path: 'rotor.outerDiameterMm', label: 'Its rotors: diameter', type: 'number', range: 'rotor.outerDiameterMm' },
  { path: 'rotor.innerDiameterMm', label: 'Inner edge of the ring', type: 'number', range: 'rotor.innerDiameterMm' },
  { path: 'rotor.thicknessMm', label: 'Thickness', type: 'number', range: 'rotor.thicknessMm' },
  { path: 'rotor.minThicknessMm', label: 'Service limit', type: 'number', range: 'rotor.minThicknessMm', hint: 'the maker’s figure' },
  { path: 'rotor.finish.ringPrice', label: 'A ring alone', type: 'number', range: 'rotor.finish.ringPrice', optional: true },
  {
    path: 'mounts',
    label: 'In place of calipers with pads of',
    type: 'list',
    hint: 'shape codes, with commas between: whose brackets these are',
  },
  { path: 'price', label: 'Price of the kit, without pads', type: 'number', range: 'caliper.price', optional: true },
  {
    path: 'standsOutMm',
    label: 'Stands out beyond the hub’s face',
    type: 'number',
    range: 'caliper.standsOutMm',
    optional: true,
    hint: 'towards the spokes; on the maker’s drawing',
  },
  { path: 'rear', label: 'for the rear axle', type: 'check' },
  { path: 'holdsParked', label: 'with a parking brake', type: 'check' },
];

export const ductFields: Field[] = [
  { path: 'duct.hoseMm', label: 'Hose', type: 'number', range: 'duct.hoseMm' },
  { path: 'duct.lengthM', label: 'Hose length', type: 'number', range: 'duct.lengthM' },
  { path: 'duct.aim', label: 'It blows', type: 'select', options: plain(['eye', 'into the rotor’s eye'], ['face', 'at the inboard face']) },
  {
    path: 'duct.shield',
    label: 'Dust shield',
    type: 'select',
    options: plain(['closed', 'closed'], ['trimmed', 'trimmed at the eye'], ['removed', 'removed']),
  },
  { path: 'price', label: 'Price of the set', type: 'number', range: 'duct.price', optional: true },
];

export const cylinderFields: Field[] = [
  { path: 'boreMm', label: 'Bore', type: 'number', range: 'cylinder.boreMm', hint: 'of each, where there are two' },
  {
    path: 'balanceBarFrontShare',
    label: 'Its balance bar gives the front',
    type: 'number',
    range: 'cylinder.balanceBarFrontShare',
    optional: true,
    hint: 'a share of the force; empty for one cylinder for both circuits',
  },
  {
    path: 'pedalRatio',
    label: 'Lever of the pedal that comes with it',
    type: 'number',
    range: 'cylinder.pedalRatio',
    optional: true,
    hint: 'empty where yours stays',
  },
  { path: 'price', label: 'Price', type: 'number', range: 'cylinder.price', optional: true },
];

export const bracketFields: Field[] = [
  { path: 'fromMm', label: 'They carry calipers made for rotors of', type: 'number', range: 'bracket.fromMm' },
  { path: 'toMm', label: 'Out to rotors of', type: 'number', range: 'bracket.toMm', hint: 'that you put on the shelf besides' },
  { path: 'mounts', label: 'For calipers with pads of shape', type: 'list', hint: 'codes with commas; empty where nobody looked' },
  { path: 'price', label: 'Price of a pair with bolts', type: 'number', range: 'bracket.price', optional: true },
];
