import type { Suggestion } from '../../api/client';

const fitted = 'fitted';

/** The pads of a setup, in a few words. */
export function padsOf({ parts }: Suggestion): string {
  const { frontPad, rearPad } = parts;
  if (frontPad.id === fitted && rearPad.id === fitted) return `${frontPad.name} kept`;
  return frontPad.id === rearPad.id ? `${frontPad.name} front and rear` : `${frontPad.name} front, ${rearPad.name} rear`;
}

/** Everything else of a setup: what is new and what is kept. */
export function restOf({ parts }: Suggestion): string {
  return [
    parts.rotor.id === fitted ? 'rotors kept' : parts.rotor.name,
    parts.duct?.name,
    parts.fluid.id === fitted ? 'fluid kept' : `new ${parts.fluid.name}`,
    parts.lines?.name,
  ]
    .filter(Boolean)
    .join(' · ');
}

export const percent = (share: number) => (share < 0.01 ? '< 1 %' : share > 0.99 ? '> 99 %' : `${Math.round(share * 100)} %`);

export const signed = (value: number, digits = 1) => `${value > 0 ? '+' : value < 0 ? '−' : '±'}${Math.abs(value).toFixed(digits)}`;

/** What gives first in a setup, in a few words. */
export function firstToGive(setup: Suggestion): string {
  const first = setup.limits.find((limit) => limit.limit.code !== 'street-cold' && limit.limit.code !== 'front-pad-cold');
  return !first || first.chance < 0.01 ? 'nothing gives' : `${first.limit.title.toLowerCase()}, ${percent(first.chance)}`;
}
