import { moment } from './useKept';

interface Props {
  name: string;
  /** When theirs was saved, ISO 8601; null where nobody noted it or it is gone. */
  saved?: string | null;
  /** True where they deleted it. */
  gone?: boolean;
  /** What stands differently in theirs. */
  differs?: string[];
  busy?: boolean;
  onTheirs: () => void;
  onMine: () => void;
}

/** Two have changed the same thing: whose is kept is the reader's to say, and nothing is lost until then. */
export function ConflictNote({ name, saved, gone = false, differs = [], busy, onTheirs, onMine }: Props) {
  return (
    <div className="problem conflict" role="alert">
      <strong>
        {name} was {gone ? 'deleted' : 'changed'} elsewhere{saved ? ` on ${moment(saved)}` : ''}, after you began to edit it.
      </strong>{' '}
      {differs.length > 0 && <span>Theirs differs in {differs.join(', ')}. </span>}
      Yours is still here.
      <p className="actions">
        <button type="button" className="btn btn-outline-dark" disabled={busy} onClick={onTheirs}>
          {gone ? 'Let it go' : 'Load theirs'}
        </button>{' '}
        <button type="button" className="btn btn-dark" disabled={busy} onClick={onMine}>
          Keep mine
        </button>
      </p>
    </div>
  );
}
