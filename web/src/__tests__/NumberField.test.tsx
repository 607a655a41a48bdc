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
      expect(screen.getByLabelText<HTMLInputElement>('Mass').value).toBe(text);
      expect(screen.getByRole('alert').textContent).toBe(said);
    }
    expect(onChange).not.toHaveBeenCalled();
    type('1620,5');
    expect(onChange).toHaveBeenLastCalledWith(1620.5);
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByLabelText<HTMLInputElement>('Mass').value).toBe('1620,5');
  });

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
