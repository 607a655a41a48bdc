// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import fc from 'fast-check';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Rotor } from '../api/client';
import { BadLink } from '../frame/BadLink';
import { encodeDraft, linkVersion, readDraft } from '../plan/address';
import type { Draft } from '../plan/draft';
import { RoomBoundary } from '../shared/RoomBoundary';
import first from './links.v1.json';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const opened = (text: string): Draft => {
  const read = readDraft(text);
  if (!('draft' in read)) throw new Error(read.fault);
  return read.draft;
};

describe('a link', () => {
  it('of the first form, which carried no number, still opens', () => {
    const draft = opened(first.plain);
    expect(draft.car).toBe('harrow');
    expect(draft.fluidState.ageMonths).toBe(7);
  });

  it('of the first form is brought to the newest', () => {
    const draft = opened(first.mended);
    expect(draft.circuit).toMatchObject({ recording: { speedKmh: Array<number>(40).fill(120) } });
    expect(draft.rearRotor as Rotor).toMatchObject({ innerDiameterMm: 184, vaneGapMm: 0 });
  });

  it('of the second form, with one track day and one road duty, has kinds of day', () => {
    const second = { ...opened(first.plain), days: undefined };
    const link = (draft: object) => opened(btoa(JSON.stringify({ ...second, ...draft, v: 2 })));
    const towing = link({
      refine: { roadDuty: 'descent', trailerKg: 1900, trailerBraked: true, bedded: false },
      wishes: { eventsAYear: 2, cost: 3 },
    });
    expect(towing.days).toMatchObject([
      { kind: 'track-day', daysAYear: 2 },
      { kind: 'descent', daysAYear: 4, dropM: 560, trailerKg: 1900, trailerBraked: true },
    ]);
    expect(towing.refine).toEqual({ bedded: false });
    expect(towing.wishes).toEqual({ cost: 3 });
    expect(link({ roadPercent: 100 }).days.map((day) => day.kind)).toEqual(['weekday']);
    expect(link({ roadPercent: 0 }).days.map((day) => day.kind)).toEqual(['track-day']);
  });

  it('of today carries its form and goes round whole', () => {
    const draft = opened(first.plain);
    expect(opened(encodeDraft(draft))).toEqual(draft);
    expect(JSON.parse(atob(encodeDraft(draft).replaceAll('-', '+').replaceAll('_', '/')))).toMatchObject({ v: linkVersion });
  });

  it('of a newer Rimrock is refused in one sentence', () => {
    const newer = btoa(JSON.stringify({ ...opened(first.plain), v: 99 }));
    expect(readDraft(newer)).toEqual({ fault: 'newer' });
  });

  it('that was cut or damaged is said to be, and never opens as another plan', () => {
    const whole = encodeDraft(opened(first.plain));
    for (let length = 0; length < whole.length; length += 7) expect(readDraft(whole.slice(0, length))).toEqual({ fault: 'damaged' });
    fc.assert(fc.property(fc.string(), (text) => 'fault' in readDraft(text)));
    for (const wrong of [{ stint: 'x' }, { weather: null }, { car: 7 }, { fluidState: [] }, { refine: 3 }, { days: [] }, { days: [3] }])
      expect(readDraft(btoa(JSON.stringify({ ...opened(first.plain), ...wrong })))).toEqual({ fault: 'damaged' });
    render(<BadLink fault="damaged" />, { wrapper: MemoryRouter });
    expect(screen.getByRole('alert').textContent).toContain('damaged or was cut');
  });
});

describe('a room that breaks', () => {
  it('says so, offers the data, and leaves the rest of the page', () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const Broken = () => {
      throw new Error('no layer called rearFace');
    };
    render(
      <>
        <p>the sentence</p>
        <RoomBoundary>
          <Broken />
        </RoomBoundary>
      </>,
    );
    expect(screen.getByText('the sentence')).toBeDefined();
    expect(screen.getByRole('alert').textContent).toContain('What you have stored is untouched');
    expect(screen.getByRole('link', { name: 'Save everything' })).toHaveProperty('download', 'rimrock-archive.zip');
  });
});
