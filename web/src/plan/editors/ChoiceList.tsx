import type { ReactNode } from 'react';

export interface Choice {
  id: string;
  name: string;
  note: ReactNode;
}

interface Props {
  legend: string;
  choices: Choice[];
  chosen: string | null;
  onChoose: (id: string) => void;
  /** Told which choice is under the pointer or has the focus, and null when none is. */
  onPeek?: (id: string | null) => void;
}

/** A short list to pick from, as radio buttons so that arrows work. */
export function ChoiceList({ legend, choices, chosen, onChoose, onPeek }: Props) {
  return (
    <fieldset className="choices" onPointerLeave={() => onPeek?.(null)} onBlur={() => onPeek?.(null)}>
      <legend>{legend}</legend>
      {choices.map((choice) => (
        <label
          key={choice.id}
          className={choice.id === chosen ? 'choice chosen' : 'choice'}
          onPointerEnter={() => onPeek?.(choice.id)}
          onFocus={() => onPeek?.(choice.id)}
        >
          <input type="radio" name={legend} checked={choice.id === chosen} onChange={() => onChoose(choice.id)} />
          <span className="choice-name">{choice.name}</span>
          <span className="choice-note">{choice.note}</span>
        </label>
      ))}
    </fieldset>
  );
}
