// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BandResult, PredictionPlan } from '../api/client';
import { asks, day, leadingOf, often } from '../plan/days';
import { type Draft } from '../plan/draft';
import { firstDraft } from '../plan/firstDraft';
import { DaysEditor } from '../plan/editors/DaysEditor';
import { DaysOfTheYear } from '../rooms/bench/DaysOfTheYear';
import { UnitProvider } from '../units/UnitContext';
import { counted } from './sampleMatch';
import { sampleShelf } from './sampleShelf';

let draft: Draft = firstDraft(sampleShelf)!;
vi.mock('../plan/PlanContext', () => ({
  usePlan: () => ({
    shelf: sampleShelf,
    draft,
    change: (edit: (old: Draft) => Draft) => {
      draft = edit(draft);
    },
  }),
}));

let view: ReturnType<typeof render>;
const open = (days: Draft['days']) => {
  draft = { ...firstDraft(sampleShelf)!, days };
  view = render(<DaysEditor />, { wrapper: UnitProvider });
};
/** Does something, and draws what came of it. */
const then = (act: () => void) => {
  act();
  view.rerender(<DaysEditor />);
};
const row = (name: string) => within(screen.getByRole('listitem', { name }));

afterEach(cleanup);

describe('kinds of day', () => {
  it('lead with what is driven against the clock, else with the first', () => {
    expect(leadingOf([day('weekday', 200), day('track-day', 5)], sampleShelf)).toBe(1);
    expect(leadingOf([day('weekday', 200), day('descent', 4)], sampleShelf)).toBe(0);
  });

  it('ask only for what they need', () => {
    expect(asks([day('weekday', 200)], sampleShelf)).toEqual({ circuit: false, sessions: false, pace: false, share: false });
    expect(asks([day('track-day', 5), day('weekday', 200)], sampleShelf)).toEqual({
      circuit: true,
      sessions: true,
      pace: true,
      share: true,
    });
    expect(asks([day('autocross', 5)], sampleShelf)).toMatchObject({ circuit: false, pace: true, share: false });
    expect(asks([{ ...day('autocross', 5), atCircuit: true }], sampleShelf).circuit).toBe(true);
    expect([often(5), often(0.5), often(200)]).toEqual(['5', '0.5', '200']);
  });

  it('are added with how often they usually come, changed, and taken away, the last one never', () => {
    open([day('track-day', 5)]);
    expect(screen.queryByRole('button', { name: /^Remove / })).toBeNull();
    then(() => fireEvent.change(screen.getByLabelText('It also sees'), { target: { value: 'descent' } }));
    expect(draft.days.map((one) => [one.kind, one.daysAYear])).toEqual([
      ['track-day', 5],
      ['descent', 4],
    ]);
    then(() => fireEvent.change(row('mountain descent').getByLabelText('Gear on the way down'), { target: { value: 'second' } }));
    then(() => fireEvent.change(row('mountain descent').getByLabelText('Trailer'), { target: { value: '1900' } }));
    then(() => fireEvent.click(row('mountain descent').getByRole('checkbox', { name: 'The trailer has brakes' })));
    expect(draft.days[1]).toMatchObject({ gear: 'second', trailerKg: 1900, trailerBraked: true });
    then(() => fireEvent.click(screen.getByRole('button', { name: 'Remove track day' })));
    expect(draft.days.map((one) => one.kind)).toEqual(['descent']);
  });

  it('of runs say how many, and may be driven at the plan’s circuit', () => {
    open([day('autocross', 8)]);
    then(() => fireEvent.change(row('autocross').getByLabelText('Runs'), { target: { value: '6' } }));
    then(() => fireEvent.click(row('autocross').getByRole('checkbox', { name: /At the circuit/ })));
    expect(draft.days[0]).toMatchObject({ atCircuit: true, stint: { sessions: 6, minutesEach: 1, restMinutes: 12 } });
  });

  it('stand on the bench with their chances, and a press draws another', () => {
    const onDraw = vi.fn();
    const plan = { days: [day('track-day', 5), day('descent', 4)] } as unknown as PredictionPlan;
    const band = { days: [0.3, 0.01].map((share) => ({ danger: counted(share), damage: counted(0) })) } as unknown as BandResult;
    render(<DaysOfTheYear plan={plan} shelf={sampleShelf} drawn="track-day" band={band} onDraw={onDraw} />, { wrapper: UnitProvider });
    const [track, descent] = screen.getAllByRole('button');
    expect([track!.getAttribute('aria-pressed'), track!.textContent]).toEqual(['true', 'track day danger 30 %, damage 0 %']);
    fireEvent.click(descent!);
    expect(onDraw).toHaveBeenCalledWith(1);
    cleanup();
    render(
      <DaysOfTheYear plan={{ days: [day('track-day', 5)] } as never} shelf={sampleShelf} drawn="track-day" band={band} onDraw={onDraw} />,
      {
        wrapper: UnitProvider,
      },
    );
    expect(screen.queryByRole('button')).toBeNull();
  });
});
