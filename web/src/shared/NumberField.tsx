import { useId, useState } from 'react';
import type { FieldRange } from '../api/ranges';
import { conversion, digitsFor, parseNumber, type Conversion, type UnitSystem } from '../units/units';
import { useUnits } from '../units/UnitContext';

interface Props {
  label: string;
  value: number | undefined;
  range: FieldRange;
  onChange: (value: number) => void;
  /** Where the figure may be left out: told when the field is emptied. */
  onClear?: () => void;
  hint?: string;
  /** True where what stands beside it says what it is: the label is for who does not see that. */
  bare?: boolean;
}

/** Shows a stored value for editing, without trailing zeros. */
const asText = (value: number) => String(Number(value.toFixed(digitsFor(value) + 1)));

/** A number with its unit and its stated range. What is typed stays typed and is judged on leaving; only a good value is passed on. */
export function NumberField({ label, value, range, onChange, onClear, hint, bare = false }: Props) {
  const { system } = useUnits();
  const unit = conversion(range.unit, system);
  const id = useId();
  const shown = value === undefined ? '' : asText(unit.to(value));
  const [typed, setTyped] = useState<{ text: string; base: string; system: UnitSystem } | null>(null);
  // A good value follows the shown unit; what will not do stays as typed, judged in the unit it was typed in.
  const typedIn = conversion(range.unit, typed?.system ?? system);
  const stays = typed && ((typed.system === system && typed.base === shown) || fault(typed.text, typedIn));
  const text = stays ? typed.text : shown;
  // A figure half typed is not yet wrong; one that was found wrong is told until it is mended.
  const [judged, setJudged] = useState(false);

  function fault(candidate: string, unit: Conversion): string | null {
    if (onClear && candidate.trim() === '') return null;
    // The limits are allowed as they are stated, rounded in the shown unit.
    const [least, most] = [asText(unit.to(range.min)), asText(unit.to(range.max))];
    const number = parseNumber(candidate);
    if (number >= Math.min(unit.to(range.min), Number(least)) && number <= Math.max(unit.to(range.max), Number(most))) return null;
    const said = candidate.trim() === '' ? 'Nothing is typed' : `“${candidate.trim().slice(0, 24)}” will not do`;
    return `${said}: ${label.toLowerCase()} must be ${least} to ${most}${unit.unit ? ` ${unit.unit}` : ''}.`;
  }

  const wrong = stays ? fault(text, typedIn) : null;
  const problem = judged ? wrong : null;
  const edit = (next: string) => {
    setTyped({ text: next, base: shown, system });
    if (!fault(next, unit)) setJudged(false);
    if (onClear && next.trim() === '') {
      setTyped({ text: '', base: '', system });
      onClear();
    } else if (!fault(next, unit)) {
      const number = Math.min(range.max, Math.max(range.min, unit.from(parseNumber(next))));
      setTyped({ text: next, base: asText(unit.to(number)), system });
      onChange(number);
    }
  };

  return (
    <div className={bare ? 'field field-bare' : 'field'}>
      {!bare && <label htmlFor={id}>{label}</label>}
      <span className="field-entry">
        <input
          id={id}
          className={`form-control${problem ? ' is-invalid' : ''}`}
          aria-label={bare ? label : undefined}
          inputMode="decimal"
          autoComplete="off"
          value={text}
          aria-invalid={problem !== null}
          aria-describedby={`${id}-note`}
          onChange={(event) => edit(event.target.value)}
          onBlur={() => setJudged(true)}
        />
        <span className="field-unit">{unit.unit}</span>
      </span>
      <span id={`${id}-note`} className={problem ? 'field-problem' : 'field-hint'} role={problem ? 'alert' : undefined}>
        {problem ?? hint ?? ''}
      </span>
    </div>
  );
}
