import { useId, useState } from 'react';
import type { FieldRange } from '../api/client';
import { digitsFor, parseNumber } from '../units/units';
import { conversion } from '../units/units';
import { useUnits } from '../units/UnitContext';

interface Props {
  label: string;
  value: number | undefined;
  range: FieldRange;
  onChange: (value: number) => void;
  /** Where the figure may be left out: told when the field is emptied. */
  onClear?: () => void;
  hint?: string;
}

/** Shows a stored value for editing, without trailing zeros. */
const asText = (value: number) => String(Number(value.toFixed(digitsFor(value) + 1)));

/** A number with its unit and its stated range. What is typed stays typed; only a good value is passed on. */
export function NumberField({ label, value, range, onChange, onClear, hint }: Props) {
  const { system } = useUnits();
  const unit = conversion(range.unit, system);
  const id = useId();
  const shown = value === undefined ? '' : asText(unit.to(value));
  const [typed, setTyped] = useState<{ text: string; base: string } | null>(null);
  const text = typed && typed.base === shown ? typed.text : typed && fault(typed.text) ? typed.text : shown;

  function fault(candidate: string): string | null {
    if (onClear && candidate.trim() === '') return null;
    const number = unit.from(parseNumber(candidate));
    const tiny = 1e-9 * Math.max(1, Math.abs(range.max));
    if (number >= range.min - tiny && number <= range.max + tiny) return null;
    const said = candidate.trim() === '' ? 'Nothing is typed' : `“${candidate.trim().slice(0, 24)}” will not do`;
    return `${said}: ${label.toLowerCase()} must be ${asText(unit.to(range.min))} to ${asText(unit.to(range.max))}${unit.unit ? ` ${unit.unit}` : ''}.`;
  }

  const problem = typed ? fault(text) : null;
  const edit = (next: string) => {
    setTyped({ text: next, base: shown });
    if (onClear && next.trim() === '') {
      setTyped({ text: '', base: '' });
      onClear();
    } else if (!fault(next)) {
      const number = Math.min(range.max, Math.max(range.min, unit.from(parseNumber(next))));
      setTyped({ text: next, base: asText(unit.to(number)) });
      onChange(number);
    }
  };

  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <span className="field-entry">
        <input
          id={id}
          className={`form-control${problem ? ' is-invalid' : ''}`}
          inputMode="decimal"
          autoComplete="off"
          value={text}
          aria-invalid={problem !== null}
          aria-describedby={`${id}-note`}
          onChange={(event) => edit(event.target.value)}
        />
        <span className="field-unit">{unit.unit}</span>
      </span>
      <span id={`${id}-note`} className={problem ? 'field-problem' : 'field-hint'} role={problem ? 'alert' : undefined}>
        {problem ?? hint ?? ''}
      </span>
    </div>
  );
}
