import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { saveCar } from '../../api/client';
import { ProblemNote } from '../../shared/ProblemNote';
import { usePlan } from '../PlanContext';

/** Puts the car of the plan, with what is fitted, on the shelf under a name of its own. */
export function KeepCar() {
  const { draft, plan, change } = usePlan();
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [error, setError] = useState<Error | null>(null);
  if (!draft || !plan || typeof draft.car === 'string') return null;
  const { frontPad, rearPad, fluid } = draft;
  if (typeof frontPad !== 'string' || typeof rearPad !== 'string' || typeof fluid !== 'string') return null;
  const keep = async () => {
    const id = `own-${Date.now().toString(36)}`;
    try {
      const car = { ...plan.car, name: name.trim() };
      await saveCar(id, 0, {
        car,
        frontRotor: plan.frontRotor,
        rearRotor: plan.rearRotor,
        frontPad,
        rearPad,
        fluid,
        fluidState: plan.fluidState,
        lines: plan.lines ?? 'rubber',
        hoseYears: plan.hoseYears,
        outsideHeat: plan.outsideHeat,
        frontDuct: plan.frontDuct,
        rearDuct: plan.rearDuct,
      });
      await queries.invalidateQueries({ queryKey: ['shelf'] });
      change((old) => ({ ...old, car: id, frontRotor: null, rearRotor: null }));
    } catch (problem) {
      setError(problem as Error);
    }
  };
  return (
    <div className="keep">
      <label htmlFor="keep-name">Keep this car on the shelf as</label>
      <span className="field-entry">
        <input id="keep-name" className="form-control" maxLength={80} value={name} onChange={(event) => setName(event.target.value)} />
        <button type="button" className="btn btn-outline-dark" disabled={name.trim() === ''} onClick={() => void keep()}>
          Keep
        </button>
      </span>
      {error && <ProblemNote error={error} />}
    </div>
  );
}
