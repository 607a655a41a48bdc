import { useId, useState } from 'react';
import { today } from '../../plan/carKey';
import { useRange } from '../../plan/editors/useRange';
import { usePlan } from '../../plan/PlanContext';
import { NumberField } from '../../shared/NumberField';
import { SelectField } from '../../shared/SelectField';
import { valueAt, withValue } from './kinds';
import { type Field } from './fields';

/** A part's name and fields, from the table of its kind. */
export function PartForm<T extends { name: string }>({
  part,
  fields,
  onChange,
}: {
  part: T;
  fields: Field[];
  onChange: (part: T, run: string) => void;
}) {
  const range = useRange();
  const { shelf } = usePlan();
  const id = useId();
  const set = (path: string, value: unknown) => onChange(withValue(part, path, value), path);
  return (
    <div className="field-grid part-form">
      <div className="field part-name">
        <label htmlFor={`${id}-name`}>Name</label>
        <input
          id={`${id}-name`}
          className={`form-control${part.name.trim() === '' || part.name.length > 80 ? ' is-invalid' : ''}`}
          value={part.name}
          onChange={(event) => set('name', event.target.value)}
        />
        <span className="field-problem">{part.name.trim() === '' || part.name.length > 80 ? 'A name needs 1 to 80 characters.' : ''}</span>
      </div>
      {fields.map((field) => {
        const value = valueAt(part, field.path);
        switch (field.type) {
          case 'number':
            return (
              <NumberField
                key={field.path}
                label={field.label}
                hint={field.hint}
                value={value as number | undefined}
                range={range(field.range)}
                onChange={(next) => set(field.path, next)}
                onClear={field.optional ? () => set(field.path, undefined) : undefined}
              />
            );
          case 'select': {
            const options = typeof field.options === 'function' ? field.options(shelf) : field.options;
            return (
              <SelectField
                key={field.path}
                label={field.label}
                hint={field.hint}
                value={(value as string | undefined) ?? options[0]!.value}
                options={options}
                onChange={(next) => set(field.path, next)}
              />
            );
          }
          case 'check':
            return (
              <label key={field.path} className="check">
                <input type="checkbox" checked={value === true} onChange={(event) => set(field.path, event.target.checked)} /> {field.label}
              </label>
            );
          case 'day':
            return (
              <div key={field.path} className="field">
                <label htmlFor={`${id}-${field.path}`}>{field.label}</label>
                <input
                  id={`${id}-${field.path}`}
                  type="date"
                  className="form-control"
                  max={today()}
                  value={(value as string | undefined) ?? ''}
                  onChange={(event) => set(field.path, event.target.value === '' ? undefined : event.target.value)}
                />
                <span className="field-hint">{field.hint ?? ''}</span>
              </div>
            );
          case 'list':
            return (
              <ListField
                key={field.path}
                label={field.label}
                hint={field.hint}
                value={(value as string[] | undefined) ?? []}
                onChange={(next) => set(field.path, next.length > 0 ? next : undefined)}
              />
            );
          case 'text':
            return (
              <div key={field.path} className="field">
                <label htmlFor={`${id}-${field.path}`}>{field.label}</label>
                <input
                  id={`${id}-${field.path}`}
                  className="form-control"
                  maxLength={120}
                  value={(value as string | undefined) ?? ''}
                  onChange={(event) => set(field.path, event.target.value === '' ? undefined : event.target.value)}
                />
                <span className="field-hint">{field.hint ?? ''}</span>
              </div>
            );
        }
      })}
    </div>
  );
}

/** Words with commas between; what is typed stays as typed while it is typed. */
function ListField({
  label,
  hint,
  value,
  onChange,
}: {
  label: string;
  hint?: string;
  value: string[];
  onChange: (value: string[]) => void;
}) {
  const id = useId();
  const [typed, setTyped] = useState(() => value.join(', '));
  const listOf = (text: string) => [
    ...new Set(
      text
        .split(',')
        .map((one) => one.trim())
        .filter((one) => one !== ''),
    ),
  ];
  const shown = listOf(typed).join() === value.join() ? typed : value.join(', ');
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className="form-control"
        maxLength={400}
        value={shown}
        onChange={(event) => {
          setTyped(event.target.value);
          onChange(listOf(event.target.value));
        }}
      />
      <span className="field-hint">{hint ?? ''}</span>
    </div>
  );
}
