import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { LoggerFrame, PhaseSummary } from '../api/client';
import { DuctDrawing } from '../charts/DuctDrawing';
import { VaneHand } from '../charts/VaneHand';
import { learntFrom, steadyPeak } from '../rooms/bench/LiveLogger';
import { inWords } from '../shared/seenWords';
import { show } from '../units/units';

const frame = (timeS: number, rotorC: number | null): LoggerFrame => ({ timeS, speedKmh: 100, pressureBar: 0, rotorC, caliperC: 60 });
const lap = (lapNumber: number, startS: number, endS: number, kind: PhaseSummary['kind'] = 'hotLap'): PhaseSummary => ({
  session: 1,
  kind,
  lap: lapNumber,
  startS,
  endS,
  frontMJ: 1,
  rearMJ: 1,
  lostS: 0,
  cameIn: false,
  pace: 1,
});

describe('a log', () => {
  it('counts no spike that its neighbours do not share, and skips drop-outs', () => {
    expect(steadyPeak([frame(0, 300), frame(1, 310), frame(2, 900), frame(3, 305), frame(4, null), frame(5, 320)], 'rotorC')).toBe(320);
    expect(steadyPeak([frame(0, 300)], 'rotorC')).toBeNull();
  });

  it('teaches up to its last finished lap only', () => {
    const phases = [lap(0, 0, 10, 'outLap'), lap(1, 10, 20), lap(2, 20, 30)];
    const frames = Array.from({ length: 26 }, (_, i) => frame(i, 100 + i * 10));
    const seen = learntFrom(frames, phases);
    expect(seen.map((item) => item.kind)).toEqual(['rotorPeak', 'caliperPeak']);
    expect(seen[0]).toMatchObject({ session: 1, lap: 1 });
    expect(seen[0]!.value).toBeLessThanOrEqual(300);
    expect(learntFrom(frames.slice(0, 5), phases)).toEqual([]);
  });
});

describe('observations in words', () => {
  const words = (value: number, unit: string, digits = 0) => show(value, unit, 'metric', digits);
  it('say what was seen with its unit', () => {
    expect(inWords({ kind: 'rotorPaint', rear: false, aboveC: 420, belowC: 500 }, words)).toBe(
      'front rim hotter than 420 °C, cooler than 500 °C',
    );
    expect(inWords({ kind: 'pedalSoft', rear: false, lap: 6 }, words)).toBe('pedal soft in lap 6');
    expect(inWords({ kind: 'pedalSoft', rear: false, lap: 0 }, words)).toBe('pedal stayed firm');
    expect(inWords({ kind: 'padWear', rear: true, value: 1.25 }, words)).toBe('rear pads worn by 1.3 mm');
  });
});

describe('drawings', () => {
  it('tell the hand of vanes and the aim of a duct to those who cannot see them', () => {
    render(<VaneHand wrong={false} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(/sweep back from the hub/);
    render(<DuctDrawing hoseMm={76} aim="eye" shield="closed" />);
    expect(screen.getAllByRole('img', { name: /stops nearly all/ })).toHaveLength(1);
    render(<DuctDrawing hoseMm={76} aim="face" shield="trimmed" />);
    expect(screen.getAllByText(/the ring bends/)).toHaveLength(1);
  });
});
