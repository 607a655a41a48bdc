// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiProblem, type PhaseSummary, type PredictionPlan } from '../api/client';
import * as log from '../api/log';
import type { Entry, LogSession } from '../api/log';
import { lapMarks } from '../charts/lapMarks';
import { SessionEntry } from '../rooms/log/SessionEntry';
import { firstPaints, firstStickers } from '../rooms/log/words';
import { useKept } from '../shared/useKept';
import { UnitProvider } from '../units/UnitContext';
import { say } from './say';

const paces = [{ code: 'advanced', name: say('advanced') }];
vi.mock('../plan/PlanContext', () => ({ usePlan: () => ({ shelf: { paces, content: { cars: [] } } }) }));

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('what is typed and not saved', () => {
  const hook = () => renderHook(() => useKept('thing', () => ({ n: 1 })));

  it('is taken up again, told when it was begun, and forgotten once saved', () => {
    const first = hook();
    expect(first.result.current).toMatchObject({ now: { n: 1 }, unsaved: false, takenUp: null });
    act(() => first.result.current.set((old) => ({ n: old.n + 1 })));
    first.unmount();
    const second = hook();
    expect(second.result.current.now).toEqual({ n: 2 });
    expect(Date.now() - Date.parse(second.result.current.takenUp!)).toBeLessThan(60_000);
    act(() => second.result.current.forget());
    second.unmount();
    expect(hook().result.current).toMatchObject({ now: { n: 1 }, unsaved: false });
  });

  it('is nobody’s when it cannot be read, and a browser that keeps nothing still shows it', () => {
    localStorage.setItem('rimrock.draft.thing', '{"form":');
    expect(hook().result.current.now).toEqual({ n: 1 });
    localStorage.setItem('rimrock.draft.thing', '{"form":99,"begun":"2026-01-01T00:00:00Z","now":{"n":7}}');
    const kept = hook();
    expect(kept.result.current.now).toEqual({ n: 1 });
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    act(() => kept.result.current.set({ n: 5 }));
    expect(kept.result.current.now).toEqual({ n: 5 });
  });
});

describe('a day that two correct', () => {
  const plan = {
    car: { name: 'Sample' },
    circuit: { name: 'Gullmouth' },
    pace: 'advanced',
    stint: { sessions: 2 },
    weather: { ambientC: 24, rain: false },
  } as unknown as PredictionPlan;
  const entryOf = (revision: number, laps: number): Entry<LogSession> => ({
    id: 'one',
    day: '2026-05-01',
    revision,
    saved: '2026-05-02T18:30:00Z',
    body: { date: '2026-05-01', sessions: 2, laps, plan, pedal: 'firm' } as LogSession,
  });
  const element = (entry?: Entry<LogSession>) => (
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <UnitProvider>
        <SessionEntry car="car" plan={plan} paints={firstPaints} stickers={firstStickers} editing="one" entry={entry} onDone={vi.fn()} />
      </UnitProvider>
    </QueryClientProvider>
  );
  const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
  const laps = () => screen.getByRole('group', { name: 'Hot laps' }).querySelector('output')!.textContent;

  /** Typed over revision 1, then found to be revision 2 with other laps, or gone. */
  const conflict = (theirs?: Entry<LogSession>) => {
    vi.spyOn(log, 'readTables').mockResolvedValue({ symptoms: [], ranges: [] } as unknown as log.LogTables);
    const shown = render(element(entryOf(1, 10)));
    press('Five laps more');
    shown.rerender(element(theirs));
    return vi.spyOn(log, 'saveSession').mockResolvedValue({ id: 'one', revision: 3, findings: [] });
  };

  it('shows theirs on request', () => {
    conflict(entryOf(2, 40));
    expect(screen.getByRole('alert').textContent).toMatch(/The day at Gullmouth was changed elsewhere on 2 May 2026/);
    expect(screen.getByRole('alert').textContent).toContain('hot laps');
    expect(laps()).toBe('15');
    press('Load theirs');
    expect(laps()).toBe('40');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('keeps mine over theirs, and a day that is gone comes back by mine', async () => {
    const save = conflict(entryOf(2, 40));
    press('Keep mine');
    await waitFor(() => expect(save).toHaveBeenCalled());
    expect(save.mock.calls[0]![1]).toMatchObject({ revision: 2, body: { laps: 15 } });
    cleanup();
    localStorage.clear();
    const again = conflict(undefined);
    again.mockRejectedValueOnce(new ApiProblem('Gone.', '', [], 409));
    expect(screen.getByRole('alert').textContent).toContain('deleted elsewhere');
    again.mockClear();
    press('Keep mine');
    await waitFor(() => expect(again).toHaveBeenCalled());
    expect(again.mock.calls[0]![1]).toMatchObject({ revision: 0, body: { laps: 15 } });
  });
});

describe('names under the lap story', () => {
  const phases = (laps: number): PhaseSummary[] =>
    [
      { kind: 'outLap', lap: 0, startS: 0, endS: 150 },
      ...Array.from({ length: laps }, (_, i) => ({ kind: 'hotLap', lap: i + 1, startS: 150 + 120 * i, endS: 270 + 120 * i })),
      { kind: 'parked', lap: 0, startS: 150 + 120 * laps, endS: 2550 + 120 * laps },
    ] as unknown as PhaseSummary[];

  it('are few whatever the length, and every lap is under one', () => {
    for (const laps of [5, 24, 60, 200]) {
      const of = phases(laps);
      const perS = 800 / of.at(-1)!.endS;
      const marks = lapMarks(of, (phase) => (phase.endS - phase.startS) * perS);
      expect(marks.length).toBeLessThan(32);
      expect(marks[0]!.label).toBe('out');
      for (let i = 1; i < marks.length; i++) expect(marks[i]!.startS).toBe(marks[i - 1]!.endS);
      const hot = marks.filter((mark) => /^\d+$/.test(mark.label));
      expect(hot.at(-1)!.label).toBe(String(laps));
      for (const mark of hot.slice(0, -1)) expect((mark.endS - mark.startS) * perS).toBeGreaterThanOrEqual(26);
    }
  });
});
