import { useState } from 'react';

interface Props {
  label: string;
  /** What is lost, as a question. */
  question: string;
  ariaLabel?: string;
  onSure: () => void;
}

/** A button for what cannot be taken back: it asks once, in its own place. */
export function SureButton({ label, question, ariaLabel, onSure }: Props) {
  const [asking, setAsking] = useState(false);
  if (!asking)
    return (
      <button type="button" className="btn btn-link" aria-label={ariaLabel} onClick={() => setAsking(true)}>
        {label}
      </button>
    );
  return (
    <span role="group" aria-label={question}>
      <span className="bad">{question}</span>{' '}
      <button
        type="button"
        className="btn btn-dark"
        autoFocus
        onClick={() => {
          setAsking(false);
          onSure();
        }}
      >
        {label}
      </button>{' '}
      <button type="button" className="btn btn-link" onClick={() => setAsking(false)}>
        Leave it
      </button>
    </span>
  );
}
