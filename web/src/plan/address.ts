import type { Draft } from './draft';

/** A draft as text for the address bar: JSON in base64url, so that a link reproduces the view. */
export function encodeDraft(draft: Draft): string {
  const bytes = new TextEncoder().encode(JSON.stringify(draft));
  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
}

const required: (keyof Draft)[] = ['car', 'circuit', 'pace', 'stint', 'weather', 'frontPad', 'rearPad', 'fluid', 'fluidState'];

/** The draft in an address, or null where the text is none of ours. */
export function decodeDraft(text: string): Draft | null {
  try {
    const binary = atob(text.replaceAll('-', '+').replaceAll('_', '/'));
    const value: unknown = JSON.parse(new TextDecoder().decode(Uint8Array.from(binary, (char) => char.charCodeAt(0))));
    if (typeof value !== 'object' || value === null || required.some((key) => !(key in value))) return null;
    return value as Draft;
  } catch {
    return null;
  }
}
