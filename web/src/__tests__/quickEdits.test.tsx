// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { day } from '../plan/days';
import { type Draft } from '../plan/draft';
import { firstDraft } from '../plan/firstDraft';
import { AirChoice } from '../plan/editors/AirChoice';
import { DaysEditor } from '../plan/editors/DaysEditor';
import { PeekProvider } from '../plan/PeekContext';
import { UnitProvider } from '../units/UnitContext';
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
afterEach(cleanup);

/** A press that comes before the page has drawn what was typed takes none of it away. */
it('builds one edit upon the other, drawn or not', () => {
  render(
    <PeekProvider>
      <AirChoice />
    </PeekProvider>,
    { wrapper: UnitProvider },
  );
  fireEvent.change(screen.getByLabelText('Duct hose'), { target: { value: '76' } });
  fireEvent.blur(screen.getByLabelText('Duct hose'));
  fireEvent.click(screen.getAllByRole('radio', { name: /trimmed/ })[0]!);
  expect(draft.frontDuct).toMatchObject({ hoseMm: 76, shield: 'trimmed' });
});

it('keeps days that were added before the list was drawn again', () => {
  draft = { ...firstDraft(sampleShelf)!, days: [day('track-day', 5)] };
  render(<DaysEditor />, { wrapper: UnitProvider });
  fireEvent.change(screen.getByLabelText('It also sees'), { target: { value: 'descent' } });
  fireEvent.change(screen.getByLabelText('Days a year'), { target: { value: '7' } });
  fireEvent.blur(screen.getByLabelText('Days a year'));
  expect(draft.days.map((one) => [one.kind, one.daysAYear])).toEqual([
    ['track-day', 7],
    ['descent', 4],
  ]);
});
