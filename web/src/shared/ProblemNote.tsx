import { ApiProblem } from '../api/client';

/** Says what went wrong, which fields are meant, and offers the way on. */
export function ProblemNote({ error, retry }: { error: Error; retry?: () => void }) {
  const problem = error instanceof ApiProblem ? error : null;
  // What the page itself refuses says so in its own words; a failed connection is a TypeError by the Fetch standard.
  const own = problem || error instanceof TypeError ? null : error.message;
  return (
    <div className="problem" role="alert">
      <strong>{problem?.title ?? own ?? 'Rimrock did not answer.'}</strong>{' '}
      {problem && problem.faults.length > 0 ? (
        <ul>
          {problem.faults.slice(0, 8).map((fault) => (
            <li key={fault.field + fault.message}>
              <b>{fault.field}</b>: {fault.message} Given: {fault.value}; allowed: {fault.allowed}.
            </li>
          ))}
        </ul>
      ) : (
        <span>{problem?.detail ?? (own ? '' : 'Is it still running on this machine?')}</span>
      )}
      {retry && (
        <button type="button" className="btn btn-link" onClick={retry}>
          Try again
        </button>
      )}
    </div>
  );
}
