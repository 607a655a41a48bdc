import { hashKey, type QueryKey } from '@tanstack/react-query';

const hashes = new WeakMap<object, string>();

/** A query key's hash, equal for equal keys: an object in it, such as a plan, is gone through once and not at every render. */
export function hashOnce(key: QueryKey): string {
  return key
    .map((part) => {
      if (typeof part !== 'object' || part === null) return hashKey([part]);
      const held = hashes.get(part);
      if (held !== undefined) return held;
      const hash = hashKey([part]);
      hashes.set(part, hash);
      return hash;
    })
    .join();
}
