import type { Draft } from './draft';
import { daysOfDuty, drumHat, withoutStraySamples } from './upgrade';

/** The form that links are written in; src/Rimrock.Contract/BodyVersion.cs counts the same forms. */
export const linkVersion = 3;

export type LinkFault = 'damaged' | 'newer';

/** Links of every earlier form are brought up, one step a form; steps are never edited once shipped. Those of the first carry no number. */
const steps: Record<number, (draft: Draft) => Draft> = {
  1: (draft) => withoutStraySamples(drumHat(draft)),
  2: daysOfDuty,
};

/** A draft as text for the address bar: JSON in base64url, so that a link reproduces the view. */
export function encodeDraft(draft: Draft): string {
  const bytes = new TextEncoder().encode(JSON.stringify({ ...draft, v: linkVersion }));
  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
}

const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
const isPart = (value: unknown) => typeof value === 'string' || isObject(value);
const isPartOrNone = (value: unknown) => value === undefined || value === null || isPart(value);

const numbersIn = (value: Record<string, unknown>, ...keys: string[]) =>
  keys.every((key) => value[key] === undefined || typeof value[key] === 'number');

/** What must stand in a draft for the page to draw it; the figures in it are checked where they are used. */
const shape: Record<string, (value: unknown) => boolean> = {
  car: isPart,
  circuit: isPart,
  pace: (value) => typeof value === 'string',
  stint: (value) => isObject(value) && numbersIn(value, 'sessions', 'minutesEach'),
  weather: (value) => isObject(value) && numbersIn(value, 'ambientC'),
  frontPad: isPart,
  rearPad: isPart,
  frontRotor: isPartOrNone,
  rearRotor: isPartOrNone,
  fluid: isPart,
  fluidState: (value) => isObject(value) && numbersIn(value, 'ageMonths'),
  days: (value) =>
    value === undefined ||
    (Array.isArray(value) && value.length > 0 && value.every((one) => isObject(one) && typeof one.kind === 'string')),
  refine: (value) => value === undefined || isObject(value),
  seen: (value) => value === undefined || Array.isArray(value),
  answered: (value) => value === undefined || (Array.isArray(value) && value.every((one) => typeof one === 'string')),
  answeredBy: (value) => value === undefined || typeof value === 'string',
  withoutLog: (value) => value === undefined || typeof value === 'boolean',
  pins: (value) => value === undefined || Array.isArray(value),
};

/** The draft in an address, or what is wrong with it. */
export function readDraft(text: string): { draft: Draft } | { fault: LinkFault } {
  try {
    const binary = atob(text.replaceAll('-', '+').replaceAll('_', '/'));
    const value: unknown = JSON.parse(
      new TextDecoder('utf-8', { fatal: true }).decode(Uint8Array.from(binary, (char) => char.charCodeAt(0))),
    );
    if (!isObject(value)) return { fault: 'damaged' };
    const { v = 1, ...rest } = value;
    if (typeof v !== 'number' || !Number.isInteger(v) || v < 1) return { fault: 'damaged' };
    if (v > linkVersion) return { fault: 'newer' };
    if (!Object.entries(shape).every(([key, fits]) => fits(rest[key]))) return { fault: 'damaged' };
    let draft = rest as unknown as Draft;
    for (let form = v; form < linkVersion; form++) draft = steps[form]!(draft);
    return { draft };
  } catch {
    return { fault: 'damaged' };
  }
}

/** The draft in an address, or null where it cannot be read. */
export function decodeDraft(text: string): Draft | null {
  const read = readDraft(text);
  return 'draft' in read ? read.draft : null;
}
