// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { NumberField } from '../shared/NumberField';
import { ranges, type FieldRange } from '../api/ranges';
import { UnitProvider, useUnits } from '../units/UnitContext';

const range = { field: 'car.massKg', label: 'Mass', unit: 'kg', min: 350, max: 4000 };

function Field({ onChange }: { onChange: (value: number) => void }) {
  const [value, setValue] = useState(1500);
  return (
    <UnitProvider>
      <NumberField
        label="Mass"
        value={value}
        range={range}
        onChange={(next) => {
          setValue(next);
          onChange(next);
        }}
      />
    </UnitProvider>
  );
}

const type = (text: string) => fireEvent.change(screen.getByLabelText('Mass'), { target: { value: text } });

afterEach(() => {
  cleanup();
  localStorage.clear();
});

describe('NumberField', () => {
  it('keeps what was typed, says why it will not do, and passes only good values on', () => {
    const onChange = vi.fn();
    render(<Field onChange={onChange} />);
    for (const [text, said] of [
      ['abc', '“abc” will not do: mass must be 350 to 4000 kg.'],
      ['90', '“90” will not do: mass must be 350 to 4000 kg.'],
      ['', 'Nothing is typed: mass must be 350 to 4000 kg.'],
    ] as const) {
      type(text);
      fireEvent.blur(screen.getByLabelText('Mass'));
      expect(screen.getByLabelText<HTMLInputElement>('Mass').value).toBe(text);
      expect(screen.getByRole('alert').textContent).toBe(said);
    }
    expect(onChange).not.toHaveBeenCalled();
    type('1620,5');
    expect(onChange).toHaveBeenLastCalledWith(1620.5);
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByLabelText<HTMLInputElement>('Mass').value).toBe('1620,5');
  });

  it('judges a figure on leaving, not while it is being typed', () => {
    render(<Field onChange={vi.fn()} />);
    type('1');
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.blur(screen.getByLabelText('Mass'));
    expect(screen.getByRole('alert').textContent).toContain('“1” will not do');
    type('15');
    expect(screen.getByRole('alert').textContent).toContain('“15” will not do');
    type('1500');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('takes every limit as it is stated, in either system', () => {
    for (const system of ['metric', 'imperial'] as const) {
      localStorage.setItem('rimrock.units', system);
      const all = Object.values(ranges).flat();
      const alike = (a: FieldRange, b: FieldRange) => a.unit === b.unit && a.min === b.min && a.max === b.max;
      for (const one of all.filter((range, i) => all.findIndex((other) => alike(range, other)) === i)) {
        const onChange = vi.fn();
        render(
          <UnitProvider>
            <NumberField label="Field" value={undefined} range={one} onChange={onChange} />
          </UnitProvider>,
        );
        const field = screen.getByLabelText('Field');
        fireEvent.change(field, { target: { value: 'x' } });
        fireEvent.blur(field);
        const stated = /must be (-?\d+(?:\.\d+)?) to (-?\d+(?:\.\d+)?)/.exec(screen.getByRole('alert').textContent)!;
        for (const [i, limit] of [one.min, one.max].entries()) {
          fireEvent.change(field, { target: { value: stated[i + 1] } });
          expect(screen.queryByRole('alert'), `${one.field} ${stated[i + 1]} ${system}`).toBeNull();
          expect(Math.abs((onChange.mock.lastCall![0] as number) - limit)).toBeLessThanOrEqual(0.01 * Math.max(1, Math.abs(limit)));
        }
        cleanup();
      }
    }
  }, 30_000);

  it('keeps the same value in its base unit where the shown unit is switched in the middle, for every unit there is', () => {
    function Both({ one, told }: { one: FieldRange; told: (value: number) => void }) {
      const { toggle } = useUnits();
      const [value, setValue] = useState((one.min + one.max) / 2);
      return (
        <>
          <button onClick={toggle}>switch</button>
          <NumberField
            label="Field"
            value={value}
            range={one}
            onChange={(next) => {
              setValue(next);
              told(next);
            }}
          />
        </>
      );
    }
    const all = Object.values(ranges).flat();
    for (const one of all.filter(({ unit }, i) => all.findIndex((other) => other.unit === unit) === i)) {
      const told = vi.fn();
      render(
        <UnitProvider>
          <Both one={one} told={told} />
        </UnitProvider>,
      );
      const typed = String(Number((one.min + (one.max - one.min) * 0.3).toPrecision(3)));
      fireEvent.change(screen.getByLabelText('Field'), { target: { value: typed } });
      fireEvent.click(screen.getByRole('button', { name: 'switch' }));
      fireEvent.click(screen.getByRole('button', { name: 'switch' }));
      expect(
        told.mock.calls.map(([value]) => value as number),
        one.field,
      ).toEqual([expect.closeTo(Number(typed), 6)]);
      fireEvent.click(screen.getByRole('button', { name: 'switch' }));
      expect(told, one.field).toHaveBeenCalledTimes(1);
      expect(screen.queryByRole('alert'), one.field).toBeNull();
      cleanup();
      localStorage.clear();
    }
  });

  it('shows and takes pounds in the imperial system', () => {
    localStorage.setItem('rimrock.units', 'imperial');
    const onChange = vi.fn();
    render(<Field onChange={onChange} />);
    expect(screen.getByLabelText<HTMLInputElement>('Mass').value).toBe('3306.9');
    type('2000');
    expect(onChange.mock.lastCall?.[0]).toBeCloseTo(907.185, 2);
  });
});
