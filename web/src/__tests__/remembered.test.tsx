import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LapRibbon } from '../api/client';
import type { GarageAnswer, LearningPage } from '../api/log';
import { Reliability } from '../charts/Reliability';
import { Ribbon } from '../charts/Ribbon';
import { resolve } from '../plan/draft';
import { answeredIn, fittedDraft } from '../plan/fittedDraft';
import { firstDraft } from '../plan/firstDraft';
import { openSigns } from '../plan/garage';
import { sampleShelf } from './sampleShelf';
import { currency, isCurrency, keepCurrency, priced } from '../units/currency';
import { UnitProvider } from '../units/UnitContext';

afterEach(cleanup);

describe('what stops a car', () => {
  const soft = { since: '2026-10-21', trouble: 'softPedal' as const, axle: null };
  const play = { since: '2026-10-22', trouble: 'wheelPlay' as const, axle: 'front' as const };
  const garage = { state: { open: [soft, play] } } as unknown as GarageAnswer;

  it('keeps its own rotors with other calipers or another cylinder', () => {
    const plain = firstDraft(sampleShelf)!;
    const found = resolve(plain, sampleShelf);
    if (!('plan' in found)) throw new Error('the sample shelf has a plan');
    const { plan } = found;
    const parts = Object.fromEntries(['frontPad', 'rearPad', 'rotor', 'fluid'].map((part) => [part, { id: 'fitted' }])) as never;
    const other = { ...plan, car: { ...plan.car, massKg: plan.car.massKg + 1 } };
    const fitted = resolve(fittedDraft(plain, other, parts, sampleShelf), sampleShelf);
    expect('plan' in fitted && fitted.plan.frontRotor).toEqual(plan.frontRotor);
    expect('plan' in fitted && fitted.plan.rearRotor).toEqual(plan.rearRotor);
  });

  it('is the log’s last word, less what is answered in the plan', () => {
    const plain = firstDraft(sampleShelf)!;
    const found = resolve(plain, sampleShelf);
    if (!('plan' in found)) throw new Error('the sample shelf has a plan');
    const { plan } = found;
    const parts = Object.fromEntries(['frontPad', 'rearPad', 'rotor', 'fluid'].map((part) => [part, { id: 'fitted' }])) as never;
    const fresh = { ...plan, fluidState: { ...plan.fluidState, ageMonths: 0 } };
    const fit = (left: typeof plan.open) => fittedDraft(plain, { ...fresh, open: left }, parts, sampleShelf, [soft, play]);
    expect(openSigns(garage)).toEqual([soft, play]);
    expect(openSigns(garage, answeredIn(plain))).toEqual([soft, play]);
    expect(openSigns(garage, answeredIn(fit([play])))).toEqual([play]);
    expect(openSigns(garage, answeredIn(fit(undefined)))).toBeUndefined();
    expect(openSigns(null, answeredIn(plain))).toBeUndefined();
    // What was fitted is changed back: nothing is answered any more.
    expect(openSigns(garage, answeredIn({ ...fit(undefined), fluidState: plan.fluidState }))).toEqual([soft, play]);
    // Seen again on another day it is another one.
    expect(
      openSigns({ state: { open: [{ ...soft, since: '2026-11-01' }] } } as unknown as GarageAnswer, answeredIn(fit([play]))),
    ).toHaveLength(1);
  });
});

describe('a ribbon', () => {
  const ribbon: LapRibbon = {
    points: [0, 500, 1000].map((atM) => ({ atM, speedKmh: atM === 500 ? 80 : 180, brakingKw: atM === 500 ? 300 : 0 })),
    corners: [{ segment: 1, atM: 500, slowestKmh: 80, radiusM: 60 }],
    lengthM: 1000,
    lapS: 40,
    megajoules: 1.2,
  };

  it('is bent by the arrow keys, speed up and down, the straight along', () => {
    const bend = vi.fn();
    render(
      <UnitProvider>
        <Ribbon ribbon={ribbon} onBend={bend} />
      </UnitProvider>,
    );
    const corner = screen.getByRole('slider');
    expect(corner.getAttribute('aria-valuetext')).toContain('80');
    fireEvent.keyDown(corner, { key: 'ArrowUp' });
    expect(bend).toHaveBeenLastCalledWith(ribbon.corners[0], 83, 0);
    fireEvent.keyDown(corner, { key: 'ArrowLeft' });
    expect(bend).toHaveBeenLastCalledWith(ribbon.corners[0], undefined, -20);
    fireEvent.keyDown(corner, { key: 'x' });
    expect(bend).toHaveBeenCalledTimes(2);
  });

  it('that was driven has nothing to drag', () => {
    render(
      <UnitProvider>
        <Ribbon ribbon={ribbon} />
      </UnitProvider>,
    );
    expect(screen.queryByRole('slider')).toBeNull();
  });
});

it('a reliability drawing says in words what it draws', () => {
  const group = { fromChance: 0.1, toChance: 0.3, told: 0.2, came: 0.5, low: 0, high: 0.5, count: 4 };
  const scores = { all: [], limits: [], withLog: [group], withoutLog: [], misses: [] } as unknown as LearningPage['scores'];
  render(<Reliability scores={scores} />);
  expect(screen.getByRole('img').getAttribute('aria-label')).toContain('told 20 %, came 50 % of 4');
});

describe('a currency', () => {
  beforeEach(() => localStorage.clear());

  it('stands behind every sum, and nothing is converted', () => {
    expect(priced(594.4)).toBe('594');
    keepCurrency('CHF');
    expect([currency(), priced(594.4)]).toEqual(['CHF', '594 CHF']);
    keepCurrency('');
    expect(priced(10)).toBe('10');
  });

  it('is three letters or none', () => {
    expect(['', 'EUR'].every(isCurrency)).toBe(true);
    expect(['E', 'eur', 'EURO', '12A'].some(isCurrency)).toBe(false);
    localStorage.setItem('rimrock.currency', '<b>');
    expect(currency()).toBe('');
  });
});
