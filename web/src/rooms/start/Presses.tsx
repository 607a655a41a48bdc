/** A few words to press, one of them or none: where none is pressed, a typical car stands in. */
export function Presses<T extends string>({
  label,
  choices,
  chosen,
  onChoose,
}: {
  label: string;
  choices: { value: T; label: string }[];
  chosen: T | undefined;
  onChoose: (value: T | undefined) => void;
}) {
  return (
    <div className="presses" role="group" aria-label={label}>
      <span className="presses-label">{label}</span>
      {choices.map((choice) => (
        <button
          key={choice.value}
          type="button"
          className={choice.value === chosen ? 'press chosen' : 'press'}
          aria-pressed={choice.value === chosen}
          onClick={() => onChoose(choice.value === chosen ? undefined : choice.value)}
        >
          {choice.label}
        </button>
      ))}
    </div>
  );
}
