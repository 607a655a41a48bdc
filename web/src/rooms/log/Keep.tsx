import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { restoreArchive, type RestorePreview } from '../../api/log';
import { ProblemNote } from '../../shared/ProblemNote';

const tables: [kind: string, name: string][] = [
  ['cars', 'cars'],
  ['circuits', 'circuits'],
  ['pads', 'pads'],
  ['rotors', 'rotors'],
  ['fluids', 'fluids'],
  ['lines', 'lines'],
  ['ducts', 'duct kits'],
  ['session', 'days in full'],
  ['inspection', 'inspections'],
  ['event', 'events'],
  ['kit', 'paint kits'],
  ['work', 'work orders'],
];

/** Everything is the user's: out as one file, in again with a look first, or the database itself. */
export function Keep({ car }: { car: string }) {
  const queries = useQueryClient();
  const [waiting, setWaiting] = useState<{ text: string; name: string; preview: RestorePreview } | null>(null);
  const [said, setSaid] = useState('');
  const [problem, setProblem] = useState<Error | null>(null);
  const attempt = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(error as Error);
    }
  };
  return (
    <section aria-label="Your data" className="keep">
      <h2>Your data</h2>
      <p>
        <a className="btn btn-outline-dark" href="/api/archive" download="rimrock-archive.json">
          Save everything
        </a>{' '}
        <a className="btn btn-link" href="/api/archive/database" download="rimrock.db">
          A copy of the database
        </a>{' '}
        <a className="btn btn-link" href={`/api/log/${encodeURIComponent(car)}/table`} download="days.csv">
          Days as CSV
        </a>{' '}
        <label className="btn btn-link">
          Restore an archive
          <input
            type="file"
            accept=".json,application/json"
            className="visually-hidden"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file)
                void attempt(async () => {
                  const text = await file.text();
                  setWaiting({ text, name: file.name.slice(0, 60), preview: await restoreArchive(text, true) });
                });
            }}
          />
        </label>
      </p>
      <p className="note">
        One table as CSV:{' '}
        {tables.map(([kind, name], i) => (
          <span key={kind}>
            {i > 0 && ', '}
            <a href={`/api/archive/tables/${kind}`} download={`${name.replace(' ', '-')}.csv`}>
              {name}
            </a>
          </span>
        ))}
        .
      </p>
      {problem && <ProblemNote error={problem} />}
      {waiting && (
        <div role="status">
          <p>
            {waiting.name} holds {waiting.preview.shelf} things of the shelf ({waiting.preview.newShelf} new here), {waiting.preview.log}{' '}
            entries of the log ({waiting.preview.newLog} new here) and {waiting.preview.photos} photos. Restoring puts it in the place of
            everything; {waiting.preview.gone} things that are here now would be gone.
          </p>
          <button
            type="button"
            className="btn btn-dark"
            onClick={() =>
              void attempt(async () => {
                await restoreArchive(waiting.text, false);
                setWaiting(null);
                setSaid('Restored.');
                await queries.invalidateQueries();
              })
            }
          >
            Restore it
          </button>{' '}
          <button type="button" className="btn btn-link" onClick={() => setWaiting(null)}>
            Leave it
          </button>
        </div>
      )}
      <p role="status" className="note">
        {said}
      </p>
    </section>
  );
}
