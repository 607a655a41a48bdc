// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { NumberField } from '../shared/NumberField';
import { UnitProvider } from '../units/UnitContext';

const range = { field: 'car.massKg', label: 'Mass', unit: 'kg', min: 350, max: 4000, allowed: '350 to 4000 kg' };

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

  it('shows and takes pounds in the imperial system', () => {
    localStorage.setItem('rimrock.units', 'imperial');
    const onChange = vi.fn();
    render(<Field onChange={onChange} />);
    expect(screen.getByLabelText<HTMLInputElement>('Mass').value).toBe('3306.9');
    type('2000');
    expect(onChange.mock.lastCall?.[0]).toBeCloseTo(907.185, 2);
  });
});
