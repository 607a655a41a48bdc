import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { saveCar } from '../../api/client';
import { ProblemNote } from '../../shared/ProblemNote';
import { entryOf, ownId } from '../keepCar';
import { usePlan } from '../PlanContext';

/** Puts the car of the plan, with what is fitted, on the shelf under a name of its own. */
export function KeepCar() {
  const { shelf, draft, plan, change } = usePlan();
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [error, setError] = useState<Error | null>(null);
  if (!draft || !plan || typeof draft.car === 'string') return null;
  if (!entryOf(draft, plan, '')) return null;
  // With other calipers or another cylinder on it, its figures are not the car's own.
  const isOwn = plan.frontKit == null && plan.rearKit == null && plan.cylinder == null;
  const itself = isOwn ? shelf.content.cars.find((item) => item.id === draft.logCar) : undefined;
  const keep = async (id: string, revision: number, as: string) => {
    try {
      await saveCar(id, revision, entryOf(draft, plan, as)!);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
      change((old) => ({ ...old, car: id, logCar: undefined, frontRotor: null, rearRotor: null }));
    } catch (problem) {
      setError(problem as Error);
    }
  };
  return (
    <div className="keep">
      <label htmlFor="keep-name">Keep this car on the shelf as</label>
      <span className="field-entry">
        <input id="keep-name" className="form-control" maxLength={80} value={name} onChange={(event) => setName(event.target.value)} />
        <button
          type="button"
          className="btn btn-outline-dark"
          disabled={name.trim() === ''}
          onClick={() => void keep(ownId(), 0, name.trim())}
        >
          Keep
        </button>
      </span>
      {itself && (
        <button type="button" className="btn btn-link" onClick={() => void keep(itself.id, itself.revision, itself.body.car.name)}>
          These are the {itself.body.car.name}’s own figures: change it on the shelf
        </button>
      )}
      {error && <ProblemNote error={error} />}
    </div>
  );
}
