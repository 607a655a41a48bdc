// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { PredictionPlan, PredictionResult, SessionSeries } from '../api/client';
import { CoolingOverTime } from '../rooms/bench/CoolingOverTime';
import { FacesAndPedal } from '../rooms/bench/FacesAndPedal';
import { UnitProvider } from '../units/UnitContext';

afterEach(cleanup);

const series = {
  session: 1,
  startS: 0,
  parkedS: 200,
  timeS: [0, 100, 199, 300],
  parts: [],
  cooling: {
    timeS: [0, 100, 199, 300],
    kw: [0.1, 4, 5.4, 0.4],
    vanes: [30, 45, 42, 0],
    faces: [40, 35, 31, 35],
    radiation: [0, 6, 8, 30],
    conduction: [30, 14, 19, 35],
  },
} as unknown as SessionSeries;

const spread = (p50: number) => ({ p10: p50 * 0.8, p50, p90: p50 * 1.2 });
const result = {
  faces: {
    innerPeakC: 640,
    outerPeakC: 610,
    differenceK: spread(21),
    coneDegrees: spread(0.2),
    edgeMm: spread(0.21),
    hotBandsK: spread(100),
    innerWornMm: spread(14.3),
    outerWornMm: spread(6.1),
    quieterSidePeakC: spread(600),
  },
  pedal: { bar: 80, coldMm: spread(60), hotMm: spread(66) },
  ringMasses: [{ axle: 'front', geometryKg: spread(7.2), statedKg: 8, offPercent: 11.1 }],
} as unknown as PredictionResult;
const plan = { car: { kind: 'car', front: { padNewMm: 11 } }, frontRotor: { construction: 'onePiece' } } as unknown as PredictionPlan;

describe('cooling over time', () => {
  it('tells the shares just before parking, and at any moment by the arrow keys', () => {
    render(
      <UnitProvider>
        <CoolingOverTime series={series} />
      </UnitProvider>,
    );
    expect(screen.getByText(/Just before parking/).textContent).toContain('vanes 42 %');
    const slider = screen.getByRole('slider');
    fireEvent.keyDown(slider, { key: 'ArrowRight' });
    expect(slider.getAttribute('aria-valuetext')).toContain('radiation 30 %');
    expect(screen.getByText(/After 5.0 min/).textContent).toContain('0.4 kW');
    fireEvent.keyDown(slider, { key: 'ArrowLeft', shiftKey: true });
    expect(slider.getAttribute('aria-valuenow')).toBe('0');
    fireEvent.keyDown(slider, { key: 'Escape' });
    expect(slider.getAttribute('aria-valuenow')).toBe('2');
  });
});

describe('faces and pedal', () => {
  it('gives every figure its unit and its band', () => {
    render(
      <UnitProvider>
        <FacesAndPedal result={result} plan={plan} peaks={[{ part: 'frontPlate', p10C: 210, p50C: 260, p90C: 320 }]} />
      </UnitProvider>,
    );
    const text = screen.getByRole('region', { name: 'Faces and pedal' }).textContent;
    expect(text).toContain('inner face hotter by21 °C (17 to 25 °C)');
    expect(text).toContain('0.21 mm (0.17 to 0.25 mm)');
    expect(text).toContain('all 11.0 mm6.1 mm (4.9 to 7.3 mm)');
    expect(text).toContain('stated 8.0 kg (+11 %)');
    expect(text).toContain('pedal travel cold60 mm (48 to 72 mm)');
  });

  it('leaves discs out for a drum and says lever for a motorcycle', () => {
    const drum = { ...plan, car: { ...plan.car, kind: 'motorcycle' }, frontRotor: { construction: 'drum' } } as unknown as PredictionPlan;
    render(
      <UnitProvider>
        <FacesAndPedal result={result} plan={drum} peaks={undefined} />
      </UnitProvider>,
    );
    expect(screen.queryByText(/hot ring out of flat/)).toBeNull();
    expect(screen.getAllByText(/lever travel cold/)).toHaveLength(1);
  });
});
