// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PredictionPlan } from '../api/client';
import * as log from '../api/log';
import { today } from '../plan/carKey';
import { sampleShelf } from './sampleShelf';
import { Season } from '../rooms/ready/Season';
import { UnitProvider, useUnits } from '../units/UnitContext';

const plan = { car: { name: 'Sample' }, circuit: { name: 'Sample ring' }, weather: { ambientC: 20 } } as unknown as PredictionPlan;
const kinds = sampleShelf.dayKinds;
const date = () => screen.getByLabelText(/at Sample ring on|^on$/);
const air = () => screen.getByLabelText(/^air/);

function UnitSwitch() {
  return <button onClick={useUnits().toggle}>switch</button>;
}

function show() {
  vi.spyOn(log, 'readEvents').mockResolvedValue({ total: 0, items: [] });
  const save = vi.spyOn(log, 'saveEvent').mockResolvedValue({ revision: 1 } as never);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <UnitProvider>
        <Season plan={plan} car="car" belief={{ key: '' }} kinds={kinds} />
      </UnitProvider>
    </QueryClientProvider>,
  );
  fireEvent.change(date(), { target: { value: today() } });
  return save;
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('a day ahead', () => {
  it.each([
    ['metric', 'air, °C', '31,5', 31.5],
    ['imperial', 'air, °F', '86', 30],
  ])('is kept in Celsius, typed in %s', async (system, label, typed, kept) => {
    localStorage.setItem('rimrock.units', system);
    const save = show();
    expect(screen.getByText(label)).toBeDefined();
    fireEvent.change(air(), { target: { value: typed } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(save).toHaveBeenCalled());
    expect(save.mock.calls[0]![1].body.ambientC).toBeCloseTo(kept, 9);
  });

  it('of another kind is kept as that, where it is driven at no circuit', async () => {
    const save = show();
    fireEvent.change(screen.getByLabelText('Kind of day'), { target: { value: 'weekday' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(save).toHaveBeenCalled());
    expect(save.mock.calls[0]![1].body).toMatchObject({ kind: 'weekday', circuit: undefined });
    expect(save.mock.calls[0]![1].body.name).not.toBe('Sample ring');
  });

  it('is the same air where the unit is switched before it is added', async () => {
    const save = vi.spyOn(log, 'saveEvent').mockResolvedValue({ revision: 1 } as never);
    vi.spyOn(log, 'readEvents').mockResolvedValue({ total: 0, items: [] });
    render(
      <QueryClientProvider client={new QueryClient()}>
        <UnitProvider>
          <UnitSwitch />
          <Season plan={plan} car="car" belief={{ key: '' }} kinds={kinds} />
        </UnitProvider>
      </QueryClientProvider>,
    );
    fireEvent.change(date(), { target: { value: today() } });
    fireEvent.change(air(), { target: { value: '22' } });
    fireEvent.click(screen.getByRole('button', { name: 'switch' }));
    expect(air()).toHaveProperty('value', '71.6');
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(save).toHaveBeenCalled());
    expect(save.mock.calls[0]![1].body.ambientC).toBeCloseTo(22, 9);
  });

  it.each(['warm', '', '90'])('with air of “%s” is refused in words, and what was typed stays', async (typed) => {
    const save = show();
    fireEvent.change(air(), { target: { value: typed } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    expect((await screen.findByRole('alert')).textContent).toContain(`“${typed}” will not do, it must be -20 to 50 °C`);
    expect(save).not.toHaveBeenCalled();
    expect(air()).toHaveProperty('value', typed);
    expect(date()).toHaveProperty('value', today());
  });
});
