import { useLayoutEffect, useRef, useState } from 'react';
import { announce } from './announce';

const homeOf = (button: HTMLElement | null) => button?.closest<HTMLElement>('section, main') ?? null;

/** Where what is deleted takes its button along, the reader goes on in the section that it stood in. */
function goOn(home: HTMLElement | null) {
  if (!home) return;
  home.tabIndex = -1;
  setTimeout(() => home.isConnected && document.activeElement === document.body && home.focus({ preventScroll: true }));
}

interface Props {
  label: string;
  /** What is lost, as a question. */
  question: string;
  ariaLabel?: string;
  /** What the way back is called. */
  keep?: string;
  /** What is done; where it takes a while, what ends when it is done. */
  onSure: () => void | Promise<unknown>;
}

/** A button for what cannot be taken back: it asks once, in its own place, and what is at hand then is to leave it. */
export function SureButton({ label, question, ariaLabel, keep = 'Leave it', onSure }: Props) {
  const [asking, setAsking] = useState(false);
  const left = useRef(false);
  const plain = useRef<HTMLButtonElement | null>(null);
  useLayoutEffect(
    () => () => {
      if (document.activeElement === plain.current) goOn(homeOf(plain.current));
    },
    [],
  );
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
          if (button) plain.current = button;
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
        onClick={(event) => {
          goOn(homeOf(event.currentTarget));
          leave();
          // What fails is told where it was asked for.
          void Promise.resolve(onSure()).then(
            () => announce(`${ariaLabel ?? label}: done.`),
            () => undefined,
          );
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
