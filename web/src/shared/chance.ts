import type { Chance } from '../api/client';

const signs = { none: '', below: '< ', above: '> ' } as const;

/** A chance in per cent, by the figures that came with it. */
export const percentOf = ({ told }: Pick<Chance, 'told'>) => `${signs[told.edge]}${told.percent.toFixed(told.digits)} %`;

/** Its sampling error, in points of per cent. */
export const errorOf = ({ told }: Pick<Chance, 'told'>) => `±\u00a0${told.errorPoints.toFixed(told.errorDigits)}`;

/** Both. */
export const withError = (chance: Pick<Chance, 'told'>) =>
  chance.told.edge === 'below' ? percentOf(chance) : `${percentOf(chance)} (${errorOf(chance)})`;
