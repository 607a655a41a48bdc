import { priced } from '../../units/currency';
import type { Suggestion } from '../../api/client';
import { percentOf } from '../../shared/chance';
import { conversion, told, type UnitSystem } from '../../units/units';

type LimitChance = Suggestion['limits'][number];

const fitted = 'fitted';
const isLying = (part: { id: string }) => part.id.startsWith('stock:');

/** The pads of a setup, in a few words. */
export function padsOf({ parts: { frontPad, rearPad } }: Suggestion): string {
  const from = (pad: { id: string }) => (isLying(pad) ? ' (from your stock)' : '');
  if (frontPad.id === fitted && rearPad.id === fitted) return `${frontPad.name} kept`;
  return frontPad.name === rearPad.name && from(frontPad) === from(rearPad)
    ? `${frontPad.name}${from(frontPad)} front and rear`
    : `${frontPad.name}${from(frontPad)} front, ${rearPad.name}${from(rearPad)} rear`;
}

/** Everything else of a setup: what is new and what is kept. */
export function restOf({ parts }: Suggestion): string {
  return [
    parts.rotor.id === fitted ? 'rotors kept' : parts.rotor.name,
    parts.duct?.name,
    parts.rearRotor && `${parts.rearRotor.name} at the rear`,
    parts.rearDuct && `${parts.rearDuct.name} at the rear`,
    parts.fluid.id === fitted
      ? 'fluid kept'
      : isLying(parts.fluid)
        ? `${parts.fluid.name} from your opened bottle`
        : `${parts.fluid.id === 'fresh' ? 'fresh' : 'new'} ${parts.fluid.name}`,
    parts.lines?.name,
  ]
    .filter(Boolean)
    .join(' · ');
}

export const signed = (value: number, digits = 1) => {
  const size = Math.abs(value).toFixed(digits);
  return `${Number(size) === 0 ? '±' : value > 0 ? '+' : '−'}${size}`;
};

/** A difference in the shown unit, with its sign. */
export const signedIn = (value: number, unit: string, system: UnitSystem, digits = 1) => {
  const { to, unit: sign } = conversion(unit, system);
  return `${signed(to(value), digits)} ${sign}`;
};

/** A limit's chance in words. */
export const chanceOf = (limit: LimitChance) => percentOf(limit.chance);

const quick = ['street-cold', 'front-pad-cold'];

/** What gives first in a setup, danger before damage before nuisance, in a few words. */
export function firstToGive(setup: Suggestion): string {
  const first = setup.limits.find((limit) => !quick.includes(limit.limit.code) && limit.worthTelling);
  return first ? `${told(first.limit.title, 'metric').toLowerCase()}, ${chanceOf(first)}` : 'nothing gives';
}

/** A sum of money; one with a price missing is unknown, never nought. */
export const money = (sum: number | null | undefined) => (sum == null ? 'unknown' : priced(sum));

/** So many plain street sets of pads: what typical parts cost where nobody entered a price. */
export const setsWord = (sets: number) => `${sets.toFixed(1).replace(/\.0$/, '')}\u00a0street ${sets === 1 ? 'set' : 'sets'}`;

/** What has to be bought: money, or as a multiple of a plain set where nobody entered a price. */
export const toBuy = (setup: Suggestion) =>
  setup.cost.buyNow == null && setup.buySets != null ? `~\u00a0${setsWord(setup.buySets)}` : money(setup.cost.buyNow);

/** True where a setup has a part that stands for what can be asked for, and is no product. */
export const isTypical = (setup: Suggestion) => setup.key.split('|').some((id) => /^(kit:)?typical:/.test(id));
