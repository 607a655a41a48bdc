import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { archivePart } from '../../api/shelf';
import { saveCircuit, type Circuit } from '../../api/client';
import { usePlan } from '../../plan/PlanContext';
import { useTakeCar } from '../../plan/useTakeCar';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';
import { Rename } from './Rename';
import { counted } from '../../shared/counted';

const lengthOf = (circuit: Circuit) => circuit.segments?.reduce((sum, segment) => sum + segment.lengthM, 0);

/** Cars and circuits: taken into the plan, renamed, archived. Cars are changed in the plan sentence, where their every figure has its field. */
export function CarsAndCircuits({ kind }: { kind: 'cars' | 'circuits' }) {
  const { shelf, change } = usePlan();
  const take = useTakeCar();
  const { show } = useUnits();
  const queries = useQueryClient();
  const [problem, setProblem] = useState<Error | null>(null);
  const [said, setSaid] = useState('');
  const attempt = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(null);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
    } catch (error) {
      setProblem(error as Error);
    }
  };
  const archive = (id: string, revision: number, archived: boolean) => void attempt(() => archivePart(kind, id, revision, archived));
  return (
    <section aria-label={kind === 'cars' ? 'All cars' : 'All circuits'} className="shelf-places">
      {problem && <ProblemNote error={problem} />}
      <p role="status" className="note">
        {said}
      </p>
      <ul>
        {kind === 'cars' &&
          shelf.content.cars.map((item) => (
            <li key={item.id} className={item.archived ? 'archived' : ''}>
              <h3>{item.body.car.name}</h3>
              <p>
                {show(item.body.car.massKg, 'kg')}, {show(item.body.car.powerKw, 'kW')}, front {item.body.frontRotor.name}, rear{' '}
                {item.body.rearRotor.name}
              </p>
              <p>
                <button
                  type="button"
                  className="btn btn-link"
                  onClick={() => {
                    void take(item.id);
                    setSaid(`${item.body.car.name} is in the plan; press its name above to change a figure, u to undo.`);
                  }}
                >
                  Take it into the plan
                </button>
                <button type="button" className="btn btn-link" onClick={() => archive(item.id, item.revision, !item.archived)}>
                  {item.archived ? 'Put back' : 'Archive'}
                </button>
              </p>
            </li>
          ))}
        {kind === 'circuits' &&
          shelf.content.circuits.map((item) => {
            const length = lengthOf(item.body);
            return (
              <li key={item.id} className={item.archived ? 'archived' : ''}>
                <h3>{item.body.name}</h3>
                <p>
                  {item.body.segments
                    ? `${show(length ?? 0, 'm')}, ${item.body.segments.length} straights and corners`
                    : item.body.zones
                      ? counted(item.body.zones.length, 'braking zones')
                      : `a recording of ${((item.body.recording?.timeS.at(-1) ?? 0) / 60).toFixed(1)} min`}
                  , {show(item.body.altitudeM ?? 0, 'm')} above the sea
                </p>
                <div className="actions">
                  <button
                    type="button"
                    className="btn btn-link"
                    onClick={() => {
                      change((old) => ({ ...old, circuit: item.id }));
                      setSaid(`The plan is at ${item.body.name} now; press u to undo.`);
                    }}
                  >
                    Drive here
                  </button>
                  <Rename
                    name={item.body.name}
                    onRename={(name) => void attempt(() => saveCircuit(item.id, item.revision, { ...item.body, name }))}
                  />
                  <button type="button" className="btn btn-link" onClick={() => archive(item.id, item.revision, !item.archived)}>
                    {item.archived ? 'Put back' : 'Archive'}
                  </button>
                </div>
              </li>
            );
          })}
      </ul>
      <p>
        {kind === 'cars' ? (
          <Link className="btn btn-outline-dark" to="/new">
            Add a car from five answers
          </Link>
        ) : (
          'Add a circuit in the plan sentence: press the circuit’s name, enter braking zones or drop a recording, and keep it.'
        )}
      </p>
    </section>
  );
}
