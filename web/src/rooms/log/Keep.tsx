import { base } from '../../api/base';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { readKept, restoreArchive, undoRestore, type KeptState, type RestorePreview } from '../../api/log';
import { counted } from '../../shared/counted';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';

const tables: [kind: string, name: string][] = [
  ['cars', 'cars'],
  ['circuits', 'circuits'],
  ['pads', 'pads'],
  ['rotors', 'rotors'],
  ['fluids', 'fluids'],
  ['lines', 'lines'],
  ['ducts', 'duct kits'],
  ['calipers', 'caliper kits'],
  ['cylinders', 'master cylinders'],
  ['session', 'days in full'],
  ['inspection', 'inspections'],
  ['event', 'events'],
  ['kit', 'paint kits'],
  ['work', 'work orders'],
];

/** When the data were last saved outside, and what lies beside the database. */
function savedWords(kept: KeptState | undefined): string {
  if (!kept) return '';
  const daily = kept.daily.length;
  const beside = daily > 0 ? ` Copies of ${counted(daily, 'days')} lie beside the database, the last of ${kept.daily[0]}.` : '';
  return (kept.savedOutside ? `Last saved outside: ${new Date(kept.savedOutside).toLocaleString()}.` : 'Never saved outside yet.') + beside;
}

/** Everything is the user's: out as one file, in again with a look first, or the database itself. */
export function Keep({ car }: { car?: string }) {
  const { system } = useUnits();
  const queries = useQueryClient();
  const kept = useQuery({ queryKey: ['kept'], queryFn: readKept, staleTime: 60_000 });
  const [waiting, setWaiting] = useState<{ file: File; name: string; preview: RestorePreview } | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [said, setSaid] = useState('');
  const [problem, setProblem] = useState<Error | null>(null);
  // The file is on its way once the server has noted it.
  const later = () => new Promise((settle) => setTimeout(settle, 1500)).then(() => queries.invalidateQueries({ queryKey: ['kept'] }));
  const attempt = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(error as Error);
    } finally {
      setShare(null);
    }
  };
  const renew = async (words: string) => {
    setWaiting(null);
    setSaid(words);
    await queries.invalidateQueries();
  };
  return (
    <section aria-label="Your data" className="keep">
      <h2>Your data</h2>
      <p>
        <a className="btn btn-outline-dark" href={`${base}/api/archive`} download="rimrock-archive.zip" onClick={() => void later()}>
          Save everything
        </a>{' '}
        <a className="btn btn-link" href={`${base}/api/archive/database`} download="rimrock.db" onClick={() => void later()}>
          A copy of the database
        </a>{' '}
        {car && (
          <a className="btn btn-link" href={`${base}/api/log/${encodeURIComponent(car)}/table?units=${system}`} download="days.csv">
            Days as CSV
          </a>
        )}{' '}
        <label className="btn btn-link">
          Restore an archive
          <input
            type="file"
            accept=".zip,.json,application/zip,application/json"
            className="visually-hidden"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file)
                void attempt(async () => {
                  setWaiting({ file, name: file.name.slice(0, 60), preview: await restoreArchive(file, true, setShare) });
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
            <a href={`${base}/api/archive/tables/${kind}`} download={`${name.replace(' ', '-')}.csv`}>
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
            everything; {waiting.preview.gone} things that are here now would be gone. They are kept beside the database, and one press
            brings them back.
          </p>
          <button
            type="button"
            className="btn btn-dark"
            onClick={() =>
              void attempt(async () => {
                await restoreArchive(waiting.file, false, setShare);
                await renew('Restored. What was here before is kept beside the database.');
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
      {kept.data?.beforeRestore && (
        <p>
          <button
            type="button"
            className="btn btn-outline-dark"
            onClick={() =>
              void attempt(async () => {
                await undoRestore();
                await renew('What was here before the restore is back.');
              })
            }
          >
            Bring back what the restore replaced
          </button>{' '}
          <span className="note">kept since {new Date(kept.data.beforeRestore).toLocaleString()}</span>
        </p>
      )}
      {share !== null && (
        <p role="status" className="note">
          <progress value={share} max={1} aria-label="Reading the archive" /> {Math.round(share * 100)} %
        </p>
      )}
      <p className="note">{savedWords(kept.data)}</p>
      <p role="status" className="note">
        {said}
      </p>
    </section>
  );
}
