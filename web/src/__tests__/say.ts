import type { Told } from '../units/units';

/** Told text of words alone. */
export const say = (text: string): Told[number][] => [{ words: text, figure: null }];

/** Words alone as the page shows them. */
export const said = (text: Told): string => text.map((piece) => piece.words ?? '').join('');
