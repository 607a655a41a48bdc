import { SureButton } from './SureButton';

interface Props {
  /** True where something was typed that is not saved. */
  unsaved: boolean;
  onLeave: () => void;
  /** Drops what was typed. */
  onThrow: () => void;
}

/** The ways out of a form: what was typed waits for later, and only throwing it away asks. */
export function LeaveForm({ unsaved, onLeave, onThrow }: Props) {
  if (!unsaved)
    return (
      <button type="button" className="btn btn-link" onClick={onLeave}>
        Leave it
      </button>
    );
  return (
    <>
      <button type="button" className="btn btn-link" onClick={onLeave}>
        Later
      </button>{' '}
      <SureButton
        label="Throw it away"
        question="Throw away what you typed?"
        keep="Go on"
        onSure={() => {
          onThrow();
          onLeave();
        }}
      />
    </>
  );
}
