import { base } from '../../api/base';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { type CatalogueImport } from '../../api/client';
import { importCatalogue, undoImport } from '../../api/shelf';
import { usePlan } from '../../plan/PlanContext';
import { useUnits } from '../../units/UnitContext';
import { ProblemNote } from '../../shared/ProblemNote';

const mostBytes = 4_000_000;

/** The shelf as a file: out, and in with a look before anything is stored and a way back after. */
export function CatalogueFile() {
  const queries = useQueryClient();
  const { told } = useUnits();
  const { draft, plan } = usePlan();
  const car = typeof draft?.car === 'string' ? draft.car : undefined;
  const [waiting, setWaiting] = useState<{ text: string; name: string; preview: CatalogueImport } | null>(null);
  const [done, setDone] = useState<CatalogueImport | null>(null);
  const [problem, setProblem] = useState<Error | null>(null);
  const attempt = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(error as Error);
    }
  };
  const open = (file: File | undefined) =>
    attempt(async () => {
      setWaiting(null);
      setDone(null);
      if (!file) return;
      if (file.size > mostBytes)
        throw new Error(`${file.name.slice(0, 60)} has ${(file.size / 1e6).toFixed(1)} MB; a catalogue has at most 4 MB.`);
      const text = await file.text();
      setWaiting({ text, name: file.name.slice(0, 60), preview: await importCatalogue(text, true, car) });
    });
  const take = () =>
    attempt(async () => {
      setDone(await importCatalogue(waiting!.text, false));
      setWaiting(null);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
    });
  const back = () =>
    attempt(async () => {
      await undoImport(done!.ticket!);
      setDone(null);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
    });
  const misfitOf = (preview: CatalogueImport, row: { kind: string; id: string }) =>
    preview.misfits?.find((one) => one.kind === row.kind && one.id === row.id)?.reason;
  const count = (preview: CatalogueImport, change: string) => preview.changes.filter((row) => row.change === change).length;
  return (
    <section aria-label="The shelf as a file" className="catalogue-file">
      <h3>The shelf as a file</h3>
      <p>
        <a className="btn btn-outline-dark" href={`${base}/api/shelf/catalogue`} download="rimrock-catalogue.json">
          Save every part
        </a>{' '}
        <label className="btn btn-link">
          Read a catalogue
          <input
            type="file"
            accept=".json,application/json"
            className="visually-hidden"
            onChange={(event) => {
              void open(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </label>
      </p>
      {problem && <ProblemNote error={problem} />}
      {waiting && (
        <div role="status">
          <p>
            {waiting.name} would add {count(waiting.preview, 'new')} parts, replace {count(waiting.preview, 'replaces')} and leave{' '}
            {count(waiting.preview, 'same')} as they are.
          </p>
          <ul>
            {waiting.preview.changes
              .filter((row) => row.change !== 'same')
              .slice(0, 12)
              .map((row) => (
                <li key={`${row.kind} ${row.id}`}>
                  {row.change === 'new' ? 'new' : 'replaces'}: {row.name} ({row.kind})
                  {misfitOf(waiting.preview, row) && (
                    <span className="step-caution">
                      {' '}
                      not for the {plan?.car.name}: {told(misfitOf(waiting.preview, row)!)}
                    </span>
                  )}
                </li>
              ))}
          </ul>
          <button type="button" className="btn btn-dark" onClick={() => void take()}>
            Put them on the shelf
          </button>{' '}
          <button type="button" className="btn btn-link" onClick={() => setWaiting(null)}>
            Leave it
          </button>
        </div>
      )}
      {done && (
        <p role="status">
          {done.changes.length} parts read.{' '}
          <button type="button" className="btn btn-link" onClick={() => void back()}>
            Take it back
          </button>
        </p>
      )}
    </section>
  );
}
