import { moment } from './useKept';
import { SureButton } from './SureButton';

/** Says that what stands in the form was begun earlier, and offers to begin anew. */
export function KeptNote({ takenUp, onThrow }: { takenUp: string | null; onThrow: () => void }) {
  if (takenUp === null) return null;
  return (
    <p role="status" className="note kept">
      Taken up where you left it, begun {moment(takenUp)}; not saved yet.{' '}
      <SureButton label="Start over" question="Throw away what you typed?" keep="Go on" onSure={onThrow} />
    </p>
  );
}
