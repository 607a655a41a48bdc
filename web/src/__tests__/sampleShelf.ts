import type { Car, ShelfAnswer } from '../api/client';
import { say } from './say';

const axle = {
  caliper: 'sliding' as const,
  pistonsMm: [57],
  padAreaCm2: 58,
  padHeightMm: 50,
  padNewMm: 11,
  padLimitMm: 3,
  caliperMassKg: 5,
  aluminiumCaliper: false,
};
const hydraulics = { masterCylinderMm: 23.81, pedalRatio: 3.5, boosterGain: 4.5, boosterKneeN: 3200, thresholdBar: 0.5, efficiency: 0.96 };

export const sampleCar = {
  name: 'Sample',
  massKg: 1500,
  powerKw: 110,
  tyre: 'summer',
  front: axle,
  rear: axle,
  hydraulics,
  originalPadFamily: 'organic',
} as unknown as Car;
const rotor = {
  name: 'ring',
  outerDiameterMm: 320,
  innerDiameterMm: 210,
  thicknessMm: 28,
  minThicknessMm: 26,
  vaneGapMm: 8,
  vaneCount: 37,
  vaneThicknessMm: 5,
};

export const sampleShelf = {
  content: {
    cars: [
      {
        id: 'sample',
        origin: 'demo',
        revision: 1,
        body: {
          car: sampleCar,
          frontRotor: rotor,
          rearRotor: rotor,
          frontPad: 'soft',
          rearPad: 'soft',
          fluid: 'wet',
          fluidState: { ageMonths: 7 },
        },
      },
    ],
    circuits: [{ id: 'round', origin: 'demo', revision: 1, body: { name: 'Round', segments: [] } }],
    pads: [{ id: 'soft', origin: 'demo', revision: 1, body: { name: 'Soft', family: 'organic' } }],
    rotors: [],
    fluids: [{ id: 'wet', origin: 'demo', revision: 1, body: { name: 'Wet', class: 'dot4', dryC: 240, wetC: 160 } }],
  },
  tyres: [],
  paces: [],
  typicalCircuits: [],
  padFamilies: [{ code: 'organic', name: say('Organic'), curve: [] }],
  fluidClasses: [{ code: 'dot4', name: say('DOT 4'), dryC: 230, wetC: 155 }],
  ranges: [],
  dayKinds: [
    { code: 'weekday', name: say('weekday'), many: say('weekdays'), shape: 'road', usualDays: 200 },
    { code: 'descent', name: say('mountain descent'), many: say('descents'), shape: 'road', usualDays: 4, trailer: true, slope: true },
    {
      code: 'autocross',
      name: say('autocross'),
      many: say('autocross days'),
      shape: 'runs',
      usualDays: 8,
      ownStint: true,
      place: true,
      usualStint: { sessions: 8, minutesEach: 1, restMinutes: 12 },
    },
    { code: 'track-day', name: say('track day'), many: say('track days'), shape: 'laps', usualDays: 5 },
  ],
} as unknown as ShelfAnswer;
