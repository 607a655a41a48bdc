// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ApiProblem, type PredictionPlan, type PredictionResult } from '../api/client';
import * as log from '../api/log';
import { PeekedNote } from '../rooms/bench/PeekedNote';
import { LapTable } from '../rooms/log/LapTable';
import { Learned } from '../rooms/log/Learned';
import { Recorded } from '../rooms/log/Recorded';
import { Wear } from '../rooms/log/Wear';
import { UnitProvider } from '../units/UnitContext';
import { say } from './say';

vi.mock('../plan/PlanContext', () => ({ usePlan: () => ({ change: vi.fn() }) }));

const plan = { car: { name: 'Sample' } } as unknown as PredictionPlan;
const spread = (p10: number, p50: number, p90: number) => ({ p10, p50, p90 });
const laps = [
  { lap: 1, durationS: 130.4, topKmh: 180, predictedC: spread(300, 360, 430), measuredC: 340, inBand: true },
  { lap: 2, durationS: 121, topKmh: 191, predictedC: spread(380, 450, 540), measuredC: 600, inBand: false },
];
const zone = { atM: 912, metres: 88, seconds: 2.1, entryKmh: 180.2, exitKmh: 95, secondsToNext: 20.4, meanG: 1.149 };
const day = { verdict: say('In 1 of 2 laps.'), lengthM: 9000, durationS: 251, topKmh: 191, zones: [zone], circuit: { name: 'own' }, laps };

function show(element: ReactNode) {
  return render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <UnitProvider>{element}</UnitProvider>
    </QueryClientProvider>,
  );
}
const drop = (name: string, text: string) => {
  const file = new File([text], name);
  file.text = () => Promise.resolve(text);
  fireEvent.change(screen.getByLabelText(/Recording of a day/), { target: { files: [file] } });
};

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('recorded day', () => {
  const preview = { columns: ['clock', 'v', 'heat'], firstRows: [['0', '90', '300']], guess: { time: 'clock', speed: 'v' } };

  it('shows columns, sends what was chosen, and tells the laps', async () => {
    vi.spyOn(log, 'readColumns').mockResolvedValue(preview as log.ColumnsPreview);
    const read = vi.spyOn(log, 'readDriven').mockResolvedValue(day as unknown as log.DrivenDay);
    show(<Recorded car="own car" plan={plan} />);
    drop('my day.csv', 'clock,v,heat\n0,90,300');
    await waitFor(() => expect(screen.getByRole('columnheader', { name: 'heat' })).toBeDefined());
    expect(screen.queryByLabelText('It is in')).toBeNull();
    fireEvent.change(screen.getByLabelText('Front rotor’s face'), { target: { value: 'heat' } });
    fireEvent.change(screen.getByLabelText('It is in'), { target: { value: 'fahrenheit' } });
    fireEvent.change(screen.getByLabelText('Speed is in'), { target: { value: 'mph' } });
    fireEvent.click(screen.getByRole('button', { name: 'Set it against the prediction' }));
    await waitFor(() => expect(screen.getByText('In 1 of 2 laps.')).toBeDefined());
    const columns = { time: 'clock', speed: 'v', speedUnit: 'mph', rotor: 'heat', rotorUnit: 'fahrenheit' };
    expect(read).toHaveBeenCalledWith(plan, 'my day', 'clock,v,heat\n0,90,300', columns, false);
    expect(screen.getByRole('status').textContent).toContain('9.0 km in 4 min, up to 191 km/h.');
    fireEvent.click(screen.getByText('1 braking zone in the fastest lap'));
    expect(screen.getByRole('row', { name: /912 m/ }).textContent).toBe('912 m180 km/h95 km/h88 m1.15 g20.4 s');
  });

  it('asks nothing about columns for GPX', async () => {
    const columns = vi.spyOn(log, 'readColumns');
    const read = vi.spyOn(log, 'readDriven').mockResolvedValue(day as unknown as log.DrivenDay);
    show(<Recorded car="own car" plan={plan} />);
    drop('track.gpx', '<?xml version="1.0"?><gpx/>');
    fireEvent.click(await screen.findByRole('button', { name: 'Set it against the prediction' }));
    await waitFor(() => expect(read).toHaveBeenCalledWith(plan, 'track', '<?xml version="1.0"?><gpx/>', null, false));
    expect(columns).not.toHaveBeenCalled();
  });

  it('takes the first two columns where no guess is good, and shows what is refused', async () => {
    vi.spyOn(log, 'readColumns').mockResolvedValue({ ...preview, guess: null } as log.ColumnsPreview);
    vi.spyOn(log, 'readDriven').mockRejectedValue(
      new ApiProblem(
        'Some figures cannot be right.',
        '',
        [{ field: 'line 9', value: 'fast', allowed: 'a number', message: 'No number.' }],
        400,
      ),
    );
    show(<Recorded car="own car" plan={plan} />);
    drop('day.csv', 'clock,v\n0,90');
    await waitFor(() => expect(screen.getByLabelText('Speed')).toHaveProperty('value', 'v'));
    fireEvent.click(screen.getByRole('button', { name: 'Set it against the prediction' }));
    expect((await screen.findByRole('alert')).textContent).toContain('line 9');

    const mended = vi.spyOn(log, 'readDriven').mockResolvedValue({
      ...day,
      mended: [{ at: 'line 9', wasKmh: 0, nowKmh: 147 }],
    } as unknown as log.DrivenDay);
    fireEvent.click(screen.getByRole('button', { name: 'Read it again, with stray samples mended' }));
    expect((await screen.findByText(/Mended, by the line between/)).textContent).toContain('line 9: 0 km/h → 147 km/h');
    expect(mended.mock.lastCall?.[4]).toBe(true);
  });

  it('refuses a file that is too large before it is read', async () => {
    show(<Recorded car="own car" plan={plan} />);
    const file = new File(['x'], 'huge.csv');
    Object.defineProperty(file, 'size', { value: 30_000_000 });
    fireEvent.change(screen.getByLabelText(/Recording of a day/), { target: { files: [file] } });
    expect((await screen.findByRole('alert')).textContent).toContain('30.0 MB');
  });
});

describe('laps of a recording', () => {
  it('stand with band, reading and a picture of both, in the units chosen', () => {
    localStorage.setItem('rimrock.units', 'imperial');
    show(<LapTable laps={laps as never} />);
    const rows = screen.getAllByRole('row').slice(1);
    expect(rows[0]!.textContent).toContain('2:10.4');
    expect(rows[1]!.textContent).toContain('2:01.0');
    expect(rows[0]!.textContent).toContain('644 °F');
    expect(rows[1]!.querySelector('td.bad')!.textContent).toContain('°F');
    expect(rows[0]!.querySelector('td.bad')).toBeNull();
    const dots = [...document.querySelectorAll('circle')].map((dot) => Number(dot.getAttribute('cx')));
    expect(dots[0]).toBeLessThan(dots[1]!);
    expect(document.querySelectorAll('circle.out')).toHaveLength(1);
  });

  it('say where no sensor looked', () => {
    show(<LapTable laps={[{ ...laps[0], measuredC: null, inBand: null }] as never} />);
    expect(screen.getByText('none')).toBeDefined();
    expect(document.querySelector('circle')).toBeNull();
  });
});

describe('cost so far', () => {
  it('stands against the plan, part by part', async () => {
    vi.spyOn(log, 'forecastWear').mockResolvedValue({
      parts: [
        {
          code: 'front-rotors',
          part: say('front rotors'),
          factor: spread(0.8, 1.2, 1.7),
          readings: 1,
          left: 1.8,
          unit: 'mm',
          lapsLeft: spread(300, 476, 700),
        },
        {
          code: 'rear-rotors-mass',
          part: say('rear rotors by mass'),
          factor: spread(0.8, 1.2, 1.7),
          readings: 1,
          left: 0.143,
          unit: 'kg',
          lapsLeft: spread(90, 120, 170),
        },
      ],
      levelFallMm: null,
      cost: {
        perHour: 47.5,
        planned: spread(12, 24, 48),
        lines: [
          { code: 'front-pads', what: say('front pads'), spent: 40, perHour: 40, planned: spread(10, 20, 40) },
          { code: 'fluid', what: say('fluid'), spent: 24, perHour: 3, planned: spread(2, 2, 2) },
        ],
      },
    } as unknown as log.WearPage);
    show(<Wear car="car" plan={plan} />);
    const table = await screen.findByRole('table', { name: /Cost so far/ });
    const rows = within(table)
      .getAllByRole('row')
      .map((row) => row.textContent);
    expect(rows.slice(1)).toEqual(['front pads40.020.0 (10.0 to 40.0)40', 'fluid3.02.024', 'all47.524.0 (12.0 to 48.0)64']);
    expect(screen.getByRole('region', { name: 'Wear' }).textContent).toContain('cracks end a ring earlier');
    expect(screen.getByText('rear rotors by mass').parentElement!.textContent).toContain('0.14 kg above the limit');
  });
});

describe('learning', () => {
  it('tells how far it is, can be stopped, and goes on when asked', async () => {
    vi.stubGlobal(
      'EventSource',
      class {
        onmessage: ((event: { data: string }) => void) | null = null;
        constructor() {
          queueMicrotask(() => this.onmessage?.({ data: '0.43' }));
        }
        close() {}
      },
    );
    const asked = vi.spyOn(log, 'learn').mockImplementation((_car, _plan, _ticket, signal) => {
      return new Promise((_resolve, reject) => signal!.addEventListener('abort', () => reject(new Error('stopped'))));
    });
    show(<Learned car="car" plan={plan} count={3} />);
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('43 %'));
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Weigh what was seen' }));
    await waitFor(() => expect(asked).toHaveBeenCalledTimes(2));
    expect(asked.mock.calls[0]![3]!.aborted).toBe(true);
    vi.unstubAllGlobals();
  });
});

describe('a part that is looked at', () => {
  const layer = (part: string, p90C: number) => ({ part, track: { p50C: p90C - 100, p90C }, capacity: { name: 'x', marks: [] } });
  const result = (faceC: number, vapourC: number, gives: string[]) =>
    ({
      strata: [layer('frontFace', faceC), layer('rearFace', 300), layer('frontFluid', 110)],
      fluid: { vapourC },
      limits: gives.map((title) => ({ title: say(title), gives: true })),
      hardStops: [],
    }) as unknown as PredictionResult;

  it('is told by what it changes', () => {
    const tried = result(540, 198, []);
    show(<PeekedNote fitted={result(650, 198, ['Front pads fade'])} peeked={{ result: tried, layers: tried.strata }} />);
    const text = screen.getByText(/With the one looked at/).parentElement!.textContent;
    expect(text).toContain('nine tenths of the braking below 540 °C instead of 650 °C (front face)');
    expect(text).not.toContain('rear face');
    expect(text).not.toContain('vapour');
    expect(text).toContain('everything holds; as fitted, first to give: front pads fade.');
  });

  it('says where nothing but the fluid changes', () => {
    const tried = result(650, 249, ['Front pads fade']);
    show(
      <PeekedNote
        fitted={result(650, 198, ['Front pads fade'])}
        peeked={{ result: tried, layers: [layer('frontFluid', 130)] as unknown as typeof tried.strata }}
      />,
    );
    const text = screen.getByText(/With the one looked at/).parentElement!.textContent;
    expect(text).toContain('nine tenths of the time below 130 °C instead of 110 °C (front fluid); ');
    expect(text).not.toContain('braking');
    expect(text).toContain('vapour from 249 °C instead of 198 °C; still first to give: front pads fade.');
  });
});
