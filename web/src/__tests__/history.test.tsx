// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Entry, InspectionNote, LogSession } from '../api/log';
import { History } from '../rooms/log/History';
import { usePages } from '../rooms/log/usePages';
import { UnitProvider } from '../units/UnitContext';

const dayOf = (back: number) => new Date(Date.UTC(2026, 5, 30) - back * 86_400_000).toISOString().slice(0, 10);
const session = (back: number) =>
  ({
    id: `day-${back}`,
    day: dayOf(back),
    revision: 1,
    body: { sessions: 1, laps: 9, pedal: 'unsaid', plan: { circuit: { name: 'Sample' }, weather: { ambientC: 20 } } },
  }) as unknown as Entry<LogSession>;
const stands = (back: number) =>
  ({ id: `stands-${back}`, day: dayOf(back), revision: 1, body: { inspection: { corners: [] } } }) as unknown as Entry<InspectionNote>;

const days = Array.from({ length: 65 }, (_, i) => session(i));
const looks = [stands(3), stands(40), stands(64)];

function Room({ read }: { read: (skip: number) => void }) {
  const sessions = usePages('car', 'sessions', (_car, skip = 0) => {
    read(skip);
    return Promise.resolve({ total: days.length, items: days.slice(skip, skip + 30) });
  });
  const inspections = usePages('car', 'inspections', () => Promise.resolve({ total: looks.length, items: looks }));
  return <History car="car" sessions={sessions} inspections={inspections} onEdit={() => undefined} />;
}

afterEach(cleanup);

it('shows a long log page by page, no day out of order and none left out', async () => {
  const read = vi.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <UnitProvider>
        <Room read={read} />
      </UnitProvider>
    </QueryClientProvider>,
  );
  const rows = () => within(screen.getByRole('region', { name: 'Written down' })).getAllByRole('listitem');
  const shown = () => rows().map((row) => row.querySelector('b')!.textContent);
  // The look of 40 days ago waits until the days about it are read.
  await waitFor(() => expect(rows()).toHaveLength(31));
  expect(screen.getByText('the last 31 of 68')).toBeDefined();
  fireEvent.click(screen.getByRole('button', { name: 'Older days' }));
  await waitFor(() => expect(rows()).toHaveLength(62));
  fireEvent.click(screen.getByRole('button', { name: 'Older days' }));
  await waitFor(() => expect(rows()).toHaveLength(68));
  expect(shown()).toEqual([...shown()].sort().reverse());
  expect(new Set(shown()).size).toBe(65);
  expect(screen.getByText('68 in all, newest first')).toBeDefined();
  expect(screen.queryByRole('button', { name: 'Older days' })).toBeNull();
  expect(read.mock.calls.map(([skip]) => skip as number)).toEqual([0, 30, 60]);
});
