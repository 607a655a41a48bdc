import { ApiProblem } from '../api/client';

/** Says what went wrong, which fields are meant, and offers the way on. */
export function ProblemNote({ error, retry }: { error: Error; retry?: () => void }) {
  const problem = error instanceof ApiProblem ? error : null;
  return (
    <div className="problem" role="alert">
      <strong>{problem?.title ?? 'Rimrock did not answer.'}</strong>{' '}
      {problem && problem.faults.length > 0 ? (
        <ul>
          {problem.faults.slice(0, 8).map((fault) => (
            <li key={fault.field + fault.message}>
              <b>{fault.field}</b>: {fault.message} Given: {fault.value}; allowed: {fault.allowed}.
            </li>
          ))}
        </ul>
      ) : (
        <span>{problem?.detail ?? 'Is it still running on this machine?'}</span>
      )}
      {retry && (
        <button type="button" className="btn btn-link" onClick={retry}>
          Try again
        </button>
      )}
    </div>
  );
}
