import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Part } from '../../api/client';
import { savePart, typicalParts, type TypicalKind } from '../../api/shelf';
import { usePlan } from '../../plan/PlanContext';
import { ProblemNote } from '../../shared/ProblemNote';
import { partKinds } from './kinds';
import { newId } from './newId';

/** Parts as they usually are for the plan's car: one press copies one, and then it is the driver's own to edit. */
export function TypicalParts({ kind, onCopied }: { kind: TypicalKind; onCopied: (id: string) => void }) {
  const { plan } = usePlan();
  const queries = useQueryClient();
  const [shown, setShown] = useState(false);
  const [problem, setProblem] = useState<Error | null>(null);
  const found = useQuery({
    queryKey: ['typical', plan],
    queryFn: ({ signal }) => typicalParts(plan!, signal),
    enabled: shown && plan !== null,
    staleTime: Infinity,
    retry: false,
  });
  if (!plan) return null;
  const copy = async (part: Part) => {
    try {
      const id = newId(part.name);
      await savePart(kind, id, 0, part);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
      onCopied(id);
    } catch (error) {
      setProblem(error as Error);
    }
  };
  const parts: Part[] = found.data?.[kind] ?? [];
  return (
    <details className="typical-parts" onToggle={(event) => setShown(event.currentTarget.open)}>
      <summary>Typical {partKinds[kind].many} for this car</summary>
      <p className="note">
        As they usually are, with wide bands, and no maker’s: what to hold a leaflet against. A copy is yours to edit; Choose reckons with
        these only where your shelf has nothing of the kind.
      </p>
      {found.isFetching && <p className="loading">Looking…</p>}
      {(found.error ?? problem) && <ProblemNote error={(found.error ?? problem)!} />}
      <ul>
        {parts.map((part) => (
          <li key={part.name}>
            {part.name}{' '}
            <button type="button" className="btn btn-link" aria-label={`Copy ${part.name} to my shelf`} onClick={() => void copy(part)}>
              copy to mine
            </button>
          </li>
        ))}
      </ul>
      {found.data && parts.length === 0 && <p className="note">None goes on this car.</p>}
    </details>
  );
}
