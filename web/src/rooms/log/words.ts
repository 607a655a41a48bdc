import type { CornerLook, Finding, LogSession } from '../../api/log';

export const pedals: { value: LogSession['pedal']; label: string }[] = [
  { value: 'unsaid', label: 'not noted' },
  { value: 'firm', label: 'firm all day' },
  { value: 'softHot', label: 'soft and long when hot' },
  { value: 'longThenFine', label: 'long at first, then fine' },
  { value: 'firmNoStop', label: 'firm, car does not stop' },
  { value: 'sinks', label: 'sinks or creeps' },
];

type Sign = NonNullable<LogSession['signs']>[number];
export const signs: { value: Sign; label: string }[] = [
  { value: 'smell', label: 'smell' },
  { value: 'smoke', label: 'smoke' },
  { value: 'judder', label: 'judder' },
  { value: 'squeal', label: 'squeal' },
  { value: 'pull', label: 'pulls' },
  { value: 'balanceWanders', label: 'balance wanders' },
  { value: 'absEarly', label: 'ABS early' },
  { value: 'leak', label: 'leak' },
  { value: 'grinding', label: 'grinds or knocks' },
  { value: 'heavyDust', label: 'heavy dust' },
  { value: 'stuckAfterStanding', label: 'stuck after standing' },
  { value: 'warningLight', label: 'brake warning light' },
  { value: 'absLight', label: 'ABS light' },
  { value: 'glow', label: 'rotors glowed' },
  { value: 'darkFluid', label: 'dark fluid' },
];

export const verdicts: Record<Finding['verdict'], string> = {
  fine: 'fine',
  notJudged: 'not judged',
  watch: 'watch',
  changeBefore: 'change before the next session',
  stopNow: 'stop: do not drive',
};

export const corners: { value: CornerLook['corner']; label: string }[] = [
  { value: 'leftFront', label: 'Left front' },
  { value: 'rightFront', label: 'Right front' },
  { value: 'leftRear', label: 'Left rear' },
  { value: 'rightRear', label: 'Right rear' },
];

type Mark = NonNullable<CornerLook['marks']>[number];
/** What a look or a hand finds: what is wrong, the dangerous first, and what was looked at and is sound. */
export const faults: { value: Mark; label: string; carbon?: boolean }[] = [
  { value: 'wheelPlay', label: 'wheel has play' },
  { value: 'wet', label: 'wet: fluid' },
  { value: 'hoseBad', label: 'hose cracked, chafed or swollen' },
  { value: 'padLoose', label: 'pad loose on its plate or crumbling' },
  { value: 'hardwareLoose', label: 'bolt, nut, clip or bobbin loose or missing' },
  { value: 'carbonChipped', label: 'disc chipped', carbon: true },
  { value: 'plateHot', label: 'plate bent or blue' },
  { value: 'pistonStuck', label: 'piston stuck' },
  { value: 'sliderStuck', label: 'slider stuck' },
  { value: 'drags', label: 'turns hard by hand' },
  { value: 'rustedOn', label: 'pads rusted on' },
  { value: 'innerFaceBad', label: 'inner face scored or eaten' },
  { value: 'hatWorn', label: 'hat holes or bobbins worn' },
  { value: 'holesPlugged', label: 'holes plugged' },
  { value: 'glazed', label: 'pads glassy' },
  { value: 'caliperBrown', label: 'caliper brown or blistered' },
];
export const sound: { value: Mark; label: string }[] = [
  { value: 'hoseSound', label: 'hose, whole length' },
  { value: 'wheelFirm', label: 'wheel rocked' },
  { value: 'facesSound', label: 'both faces' },
  { value: 'hardwareFirm', label: 'bolts, clips, bobbins firm' },
];

export const reaches: { value: NonNullable<CornerLook['reach']>; label: string }[] = [
  { value: 'none', label: 'hairlines or none' },
  { value: 'hole', label: 'reaches a hole' },
  { value: 'slotEnd', label: 'reaches a slot’s end' },
  { value: 'edge', label: 'reaches the edge' },
];

export const films: { value: NonNullable<CornerLook['film']>; label: string }[] = [
  { value: 'unsaid', label: 'not looked at' },
  { value: 'even', label: 'even, grey to blue' },
  { value: 'patchy', label: 'patchy' },
  { value: 'spots', label: 'spots' },
  { value: 'overheated', label: 'deep blue all over' },
];

/** Every part that a kit of the trade would have, until its owner makes an own one. */
export const firstPaints = {
  name: 'three rim paints',
  stickers: false,
  marks: [
    { celsius: 430, name: 'green', colour: '#3f7f4f' },
    { celsius: 560, name: 'orange', colour: '#d07a2a' },
    { celsius: 630, name: 'red', colour: '#b23a2e' },
  ],
};
export const firstStickers = {
  name: 'caliper strip',
  stickers: true,
  marks: [
    { celsius: 132, name: '132', colour: '#8a8a86' },
    { celsius: 160, name: '160', colour: '#77777a' },
    { celsius: 188, name: '188', colour: '#5c5c60' },
    { celsius: 216, name: '216', colour: '#3f3f44' },
  ],
};
