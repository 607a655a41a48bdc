import { describe, expect, it } from 'vitest';
import { hashOnce } from '../api/hashOnce';
import { firstDraft } from '../plan/firstDraft';
import { resolveOnce } from '../plan/resolveOnce';
import { sampleShelf as shelf } from './sampleShelf';

describe('hash of a query key', () => {
  it('is equal for equal keys, whatever the order of their fields', () => {
    expect(hashOnce(['plan', { a: 1, b: [2, { c: 3, d: 4 }] }])).toBe(hashOnce(['plan', { b: [2, { d: 4, c: 3 }], a: 1 }]));
  });

  it('differs where a part differs, moves or is missing', () => {
    const keys = [
      ['plan', { a: 1 }],
      ['plan', { a: 2 }],
      ['band', { a: 1 }],
      [{ a: 1 }, 'plan'],
      ['plan', { a: 1 }, null],
      ['plan', { a: '1' }],
      ['plan,', { a: 1 }],
    ];
    expect(new Set(keys.map(hashOnce)).size).toBe(keys.length);
  });

  it('goes through an object once', () => {
    let reads = 0;
    const plan = {
      get car() {
        reads++;
        return 'car';
      },
    };
    hashOnce(['plan', plan]);
    hashOnce(['band', plan, 3]);
    expect(reads).toBe(1);
  });

  it('is made of one plan, whoever resolves the draft: what was seen and wished is no part of it', () => {
    const draft = firstDraft(shelf)!;
    const plan = resolveOnce(draft, shelf);
    expect('plan' in plan).toBe(true);
    expect(resolveOnce({ ...draft, seen: [], pins: ['a'] }, shelf)).toBe(plan);
    expect(resolveOnce({ ...draft, pace: 'novice' }, shelf)).not.toBe(plan);
  });
});
