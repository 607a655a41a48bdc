// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { PhaseSummary, SessionSeries, StopSummary, StrataLayer } from '../api/client';
import { LapStory } from '../charts/LapStory';
import { StrataChart } from '../charts/StrataChart';
import { UnitProvider } from '../units/UnitContext';
import { say } from './say';

const demand = {
  startC: -40,
  binK: 10,
  share: Array.from({ length: 60 }, (_, i) => (i === 40 ? 1 : 0)),
  p10C: 340,
  p50C: 365,
  p90C: 420,
  peakC: 450,
  lowC: 300,
  highC: 500,
};
const layers = [
  {
    part: 'frontFace',
    track: demand,
    road: null,
    capacity: {
      name: say('Soft'),
      curve: [
        { temperatureC: 0, mu: 0.3 },
        { temperatureC: 300, mu: 0.4 },
        { temperatureC: 500, mu: 0.2 },
      ],
      bandFromC: 50,
      bandToC: 360,
      lastC: 500,
      marks: [],
    },
    overlap: { fromC: 360, share: 0.62, label: say('fades from lap 3') },
  },
  {
    part: 'frontFluid',
    track: { ...demand, p10C: 80, p50C: 100, p90C: 120, peakC: 130, lowC: 70, highC: 160 },
    road: null,
    capacity: {
      name: say('Wet'),
      curve: null,
      marks: [
        { kind: 'wet', label: say('wet'), atC: 160 },
        { kind: 'today', label: say('vapour today'), atC: 190 },
        { kind: 'dry', label: say('new'), atC: 240 },
      ],
    },
  },
] as unknown as StrataLayer[];

const phases = [
  { session: 1, kind: 'outLap', lap: 0, startS: 0, endS: 100 },
  { session: 1, kind: 'hotLap', lap: 1, startS: 100, endS: 200 },
  { session: 1, kind: 'parked', lap: 1, startS: 200, endS: 800 },
] as unknown as PhaseSummary[];
const timeS = [0, 50, 100, 150, 200, 500, 800];
const series = {
  session: 1,
  startS: 0,
  parkedS: 200,
  timeS,
  parts: ['frontFace', 'rearFace', 'frontFluid'].map((part) => ({
    part,
    celsius: timeS.map((t) => 20 + t),
    lowC: timeS.map((t) => 10 + t),
    highC: timeS.map((t) => 40 + t),
  })),
} as unknown as SessionSeries;
const stop = (atS: number, times: number, pedalN: number) =>
  ({
    session: 1,
    lap: 1,
    atS,
    entryKmh: 150,
    exitKmh: 80,
    meanG: 1,
    frontC: 400,
    rearC: 300,
    frontMu: 0.3,
    rearMu: 0.35,
    frontShare: 0.72,
    pressureBar: 60,
    pedalN,
    effort: { p10: 0.9 * times, p50: times, p90: 1.1 * times },
  }) as StopSummary;

const inUnits = (element: ReactNode) => render(<UnitProvider>{element}</UnitProvider>);

afterEach(() => {
  cleanup();
  localStorage.clear();
});

describe('StrataChart', () => {
  it('names where demand leaves capacity, and says the same to a screen reader', () => {
    inUnits(<StrataChart layers={layers} stop={null} />);
    expect(screen.getByText('62 % beyond 360 °C, fades from lap 3')).toBeDefined();
    expect(screen.getByText('works 50 to 360 °C')).toBeDefined();
    expect(screen.getByText('unknown')).toBeDefined();
    expect(screen.getByText('vapour today from 190 °C')).toBeDefined();
    expect(screen.getByRole('row', { name: /Front face.*340 °C and 420 °C.*62 % beyond 360 °C/ })).toBeDefined();
  });

  it('reads every layer at the ruler, which the arrows move', () => {
    inUnits(<StrataChart layers={layers} stop={null} />);
    const chart = screen.getByRole('slider');
    expect(chart.getAttribute('aria-valuetext')).toBe('ruler off');
    fireEvent.keyDown(chart, { key: 'ArrowLeft' });
    expect(chart.getAttribute('aria-valuetext')).toBe('290 °C · front µ 0.40');
    for (let i = 0; i < 5; i++) fireEvent.keyDown(chart, { key: 'ArrowRight', shiftKey: true });
    expect(chart.getAttribute('aria-valuetext')).toBe('540 °C · front µ unknown');
    fireEvent.keyDown(chart, { key: 'Escape' });
    expect(chart.getAttribute('aria-valuetext')).toBe('ruler off');
  });

  it('marks a chosen stop', () => {
    inUnits(<StrataChart layers={layers} stop={{ frontC: 400, rearC: 300, label: 'lap 1, end of this stop' }} />);
    expect(screen.getByText('lap 1, end of this stop')).toBeDefined();
  });
});

describe('LapStory', () => {
  const story = (stops: StopSummary[], onChoose = vi.fn(), chosen: StopSummary | null = null) => {
    inUnits(
      <LapStory
        series={series}
        phases={phases}
        stops={stops}
        padBandC={360}
        vapourC={190}
        legN={600}
        chosen={chosen}
        onChoose={onChoose}
      />,
    );
    return onChoose;
  };

  it('names its laps, zooms to one and back', () => {
    story([stop(120, 1.1, 200)]);
    const laps = screen.getByRole('group', { name: 'Zoom to a lap' });
    expect([...laps.querySelectorAll('button')].map((button) => button.textContent)).toEqual(['out', '1', 'parked, 10 min']);
    fireEvent.click(screen.getByRole('button', { name: '1' }));
    fireEvent.click(screen.getByRole('button', { name: 'Show the whole session' }));
    expect(screen.queryByRole('button', { name: 'Show the whole session' })).toBeNull();
  });

  it('says the worst effort, or that no leg can do it', () => {
    story([stop(110, 1.1, 200), stop(150, 1.42, 260)]);
    expect(screen.getByText('Worst: ×1.4 (1.3 to 1.6), 260 N (234 to 286 N).')).toBeDefined();
    cleanup();
    story([stop(110, 1.1, 200), stop(150, 6, 1400)]);
    expect(screen.getByText(/At the end of what a leg gives: the worst stop takes all of 600 N/)).toBeDefined();
  });

  it('lets the arrows choose a stop and Escape drop it', () => {
    const stops = [stop(110, 1.1, 200), stop(150, 1.2, 210)];
    const onChoose = story(stops, vi.fn(), stops[0]);
    const strip = screen.getByRole('slider', { name: /Stops of the session/ });
    fireEvent.keyDown(strip, { key: 'ArrowRight' });
    expect(onChoose).toHaveBeenLastCalledWith(stops[1]);
    fireEvent.keyDown(strip, { key: 'Escape' });
    expect(onChoose).toHaveBeenLastCalledWith(null);
    expect(screen.getByText(/Chosen: lap 1, 150 km\/h to 80 km\/h, 200 N \(180 to 220 N\), 60 bar in the middle/)).toBeDefined();
  });
});
