import { useRef, useState } from 'react';

interface Props {
  label: string;
  /** What is lost, as a question. */
  question: string;
  ariaLabel?: string;
  /** What the way back is called. */
  keep?: string;
  onSure: () => void;
}

/** A button for what cannot be taken back: it asks once, in its own place, and what is at hand then is to leave it. */
export function SureButton({ label, question, ariaLabel, keep = 'Leave it', onSure }: Props) {
  const [asking, setAsking] = useState(false);
  const left = useRef(false);
  const leave = () => {
    left.current = true;
    setAsking(false);
  };
  if (!asking)
    return (
      <button
        type="button"
        className="btn btn-link"
        aria-label={ariaLabel}
        ref={(button) => {
          if (left.current) button?.focus();
          left.current = false;
        }}
        onClick={() => setAsking(true)}
      >
        {label}
      </button>
    );
  return (
    <span
      role="alertdialog"
      aria-label={question}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        leave();
      }}
    >
      <span className="bad">{question}</span>{' '}
      <button
        type="button"
        className="btn btn-dark"
        onClick={() => {
          setAsking(false);
          onSure();
        }}
      >
        {label}
      </button>{' '}
      <button type="button" className="btn btn-link" autoFocus onClick={leave}>
        {keep}
      </button>
    </span>
  );
}
