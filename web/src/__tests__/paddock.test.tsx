// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PredictionPlan } from '../api/client';
import * as log from '../api/log';
import type { Entry, LogSession } from '../api/log';
import type { WorkOrder } from '../api/ready';
import type { Draft } from '../plan/draft';
import { Keep } from '../rooms/log/Keep';
import { SessionEntry } from '../rooms/log/SessionEntry';
import { firstPaints, firstStickers } from '../rooms/log/words';
import { WorkList } from '../rooms/ready/WorkList';
import { UnitProvider } from '../units/UnitContext';
import { say } from './say';

const paces = [
  { code: 'novice', name: say('novice') },
  { code: 'advanced', name: say('advanced') },
];
vi.mock('../plan/PlanContext', () => ({ usePlan: () => ({ shelf: { paces, content: { cars: [] } }, start: vi.fn(), change: vi.fn() }) }));

const plan = {
  car: { name: 'Sample' },
  circuit: { name: 'Gullmouth' },
  pace: 'advanced',
  stint: { sessions: 2 },
  weather: { ambientC: 24, rain: false },
} as unknown as PredictionPlan;

function show(element: ReactNode) {
  return render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <UnitProvider>{element}</UnitProvider>
    </QueryClientProvider>,
  );
}
const press = (name: string | RegExp, group?: string | RegExp) =>
  fireEvent.click((group ? within(screen.getByRole('group', { name: group })) : screen).getByRole('button', { name }));

beforeEach(() => {
  localStorage.clear();
  vi.spyOn(log, 'readTables').mockResolvedValue({ symptoms: [], ranges: [] } as unknown as log.LogTables);
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('a day at the track', () => {
  const entering = (entry?: Entry<LogSession>) => {
    const save = vi.spyOn(log, 'saveSession').mockResolvedValue({ id: 'x', revision: 1, findings: [] });
    show(<SessionEntry car="car" plan={plan} paints={firstPaints} stickers={firstStickers} entry={entry} onDone={vi.fn()} />);
    return async () => {
      press('Write it down');
      await waitFor(() => expect(save).toHaveBeenCalled());
      return save.mock.calls[0]![1];
    };
  };

  it('starts from the plan and needs no key pressed', async () => {
    const written = await entering()();
    expect(written.revision).toBe(0);
    expect(written.body).toMatchObject({ sessions: 2, laps: 0, plan, pedal: 'unsaid', signs: [] });
    expect(written.body.frontPaint).toBeUndefined();
  });

  it('keeps the day’s own air, rain and pace with the plan that it stores', async () => {
    const write = entering();
    for (let i = 0; i < 3; i++) press('Two degrees warmer');
    press('Two degrees cooler');
    press('rain');
    press('novice', 'Pace');
    const { body } = await write();
    expect(body.plan.weather).toEqual({ ambientC: 28, rain: true });
    expect(body.plan.pace).toBe('novice');
    expect(body.plan.circuit).toBe(plan.circuit);
  });

  it('never leaves the ranges by its steps', async () => {
    const cold = { ...plan, weather: { ambientC: -17, rain: false } } as PredictionPlan;
    const near = { date: '2026-05-01', sessions: 9, laps: 3, plan: cold, pedal: 'unsaid' } as LogSession;
    const write = entering({ id: 'near', day: '2026-05-01', revision: 1, body: near });
    for (const name of ['Two degrees cooler', 'One session more', 'Five laps less']) for (let i = 0; i < 3; i++) press(name);
    const { body } = await write();
    expect(body.plan.weather.ambientC).toBe(-20);
    expect([body.sessions, body.laps]).toEqual([10, 0]);
  });

  it('tells paints as the hottest that went and the coolest that stayed', async () => {
    const write = entering();
    const marks = firstPaints.marks.map((mark) => mark.celsius);
    press(new RegExp(`${marks[1]} °C gone`), /Front rotor/);
    press('none gone', /Rear rotor/);
    const { body } = await write();
    expect(body.frontPaint).toEqual({ aboveC: marks[1], belowC: marks[2] });
    expect(body.rearPaint).toEqual({ aboveC: null, belowC: marks[0] });
  });

  it('corrects what was written with its own plan, not today’s', async () => {
    const old = { ...plan, pace: 'novice', weather: { ambientC: 8, rain: true } } as PredictionPlan;
    const body = {
      date: '2026-05-01',
      sessions: 3,
      laps: 18,
      plan: old,
      pedal: 'softHot',
      pedalLap: 4,
      signs: ['judder'],
      note: 'hm',
    } as LogSession;
    const write = entering({ id: 'old', day: '2026-05-01', revision: 2, body });
    press('Five laps more');
    const written = await write();
    expect(written).toMatchObject({ id: 'old', day: '2026-05-01', revision: 2 });
    expect(written.body).toMatchObject({ laps: 23, plan: old, pedal: 'softHot', pedalLap: 4, signs: ['judder'], note: 'hm' });
  });
});

describe('work order', () => {
  const step = (code: string, title: string) => ({
    code,
    title: say(title),
    reason: say(`why ${code}`),
    check: say(`check ${code}`),
    caution: null,
  });
  const order = {
    changes: [say('pads')],
    order: [{ count: 2, unit: say('rotors'), what: say('ring'), price: 120, note: null }],
    tools: [say('jack'), say('gloves')],
    refused: [],
    steps: [step('stands', 'Car on stands'), step('rotor-hand', 'Rotor hand check'), step('leak', 'Look for leaks')],
  } as unknown as WorkOrder;
  const working = (done: string[]) => {
    vi.spyOn(log, 'readWork').mockResolvedValue({
      total: 1,
      items: [{ id: 'w', day: '2026-05-01', revision: 4, body: { done, changes: ['pads'] } }],
    });
    const save = vi.spyOn(log, 'saveWork').mockResolvedValue({ id: 'w', revision: 5, findings: [] });
    show(<WorkList order={order} car="car" before={plan} plan={plan} draft={{ car: 'gone' } as Draft} />);
    return save;
  };

  it('resumes where it was left and ticks from there', async () => {
    const save = working(['stands']);
    await waitFor(() => expect(screen.getByText('1 of 3 done')).toBeDefined());
    fireEvent.click(screen.getByRole('checkbox', { name: 'Look for leaks' }));
    await waitFor(() => expect(save).toHaveBeenCalled());
    expect(save.mock.calls[0]![1]).toMatchObject({ id: 'w', revision: 4, body: { done: ['stands', 'leak'] } });
  });

  it('has the trainer in the step that it checks: only a right answer ticks it', async () => {
    vi.spyOn(Math, 'random').mockReturnValue(0.1);
    const save = working(['stands']);
    const trainer = await screen.findByRole('region', { name: 'Rotor-hand trainer' });
    fireEvent.click(within(trainer).getByRole('button', { name: 'Right' }));
    expect(save).not.toHaveBeenCalled();
    fireEvent.click(within(trainer).getByRole('button', { name: 'Another' }));
    fireEvent.click(within(trainer).getByRole('button', { name: 'Left' }));
    await waitFor(() => expect(save).toHaveBeenCalled());
    expect(save.mock.calls[0]![1].body.done).toEqual(['stands', 'rotor-hand']);
  });
});

describe('your data', () => {
  it('has a table for everything that is kept, by its name', () => {
    show(<Keep car="a car" />);
    const tables = screen.getAllByRole('link').filter((link) => link.getAttribute('href')!.startsWith('/api/archive/tables/'));
    expect(tables.map((link) => link.textContent)).toEqual(expect.arrayContaining(['pads', 'duct kits', 'inspections', 'days in full']));
    expect(tables.find((link) => link.textContent === 'duct kits')!.getAttribute('download')).toBe('duct-kits.csv');
    expect(screen.getByRole('link', { name: 'Days as CSV' }).getAttribute('href')).toBe('/api/log/a%20car/table?units=metric');
  });
});
