import { base } from '../api/base';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { deleteAside, readAside } from '../api/log';
import { ProblemNote } from './ProblemNote';
import { SureButton } from './SureButton';

/** Rows that cannot be read: set aside, so that the rest answers; saved or deleted here. */
export function AsideNote() {
  const queries = useQueryClient();
  const aside = useQuery({ queryKey: ['aside'], queryFn: readAside, staleTime: Infinity });
  const drop = useMutation({ mutationFn: deleteAside, onSettled: () => queries.invalidateQueries({ queryKey: ['aside'] }) });
  const rows = aside.data ?? [];
  if (rows.length === 0) return null;
  return (
    <section aria-label="Set aside" className="aside-rows">
      <h2>Set aside</h2>
      <p>
        {rows.length === 1 ? 'One thing that you keep cannot be read' : `${rows.length} things that you keep cannot be read`}. Everything
        else is here; these lie untouched until you save or delete them.
      </p>
      <ul>
        {rows.map((row) => {
          const address = `${base}/api/archive/aside/${row.table}/${row.kind}/${encodeURIComponent(row.id)}`;
          return (
            <li key={`${row.table} ${row.kind} ${row.id}`}>
              <b>{row.name}</b> ({row.table === 'log' ? `log, ${row.kind}` : row.kind}): {row.why[0]?.message}{' '}
              <a href={address} download={`${row.kind}-${row.id}.json`}>
                Save it
              </a>{' '}
              <SureButton
                label="Delete"
                ariaLabel={`Delete ${row.name} for good`}
                question="For good?"
                onSure={() => drop.mutateAsync(row)}
              />
            </li>
          );
        })}
      </ul>
      {drop.error && <ProblemNote error={drop.error} />}
    </section>
  );
}
