import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { guessCar } from '../../api/shelf';
import { encodeDraft } from '../../plan/address';
import { usePlan } from '../../plan/PlanContext';
import { KeptNote } from '../../shared/KeptNote';
import { ProblemNote } from '../../shared/ProblemNote';
import { useKept } from '../../shared/useKept';
import { draftOfAnswers, firstAnswers, usualKind, type Answers } from './answers';
import { CarQuestions } from './CarQuestions';
import { FittedQuestions } from './FittedQuestions';
import { UseQuestions } from './UseQuestions';

/** Five answers to a first verdict; everything else starts from a typical value that can be refined on the Bench. */
export default function NewCarRoom() {
  const { shelf } = usePlan();
  const navigate = useNavigate();
  const blank = (): Answers => ({ ...firstAnswers, circuit: shelf.content.circuits[0]?.id ?? usualKind });
  const kept = useKept<Answers>('new-car', blank);
  // What was begun before a question was there has no answer to it.
  const now = { ...blank(), ...kept.now };
  const set = (changes: Partial<Answers>) => kept.set((old) => ({ ...old, ...changes }));
  const [error, setError] = useState<Error | null>(null);
  const { massKg, powerKw } = now;
  const missing = massKg === undefined ? (powerKw === undefined ? 'Mass and power are' : 'Mass is') : 'Power is';

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (massKg === undefined || powerKw === undefined) return;
    try {
      const { motorcycle, tyre, layout, body, rotorMm, rearDrums, carbonDiscs } = now;
      const guess = await guessCar({
        name: motorcycle ? 'My motorcycle' : 'My car',
        massKg,
        powerKw,
        tyre,
        motorcycle,
        layout,
        body,
        rotorMm,
        rearDrums,
        carbonDiscs,
      });
      kept.forget();
      void navigate(`/bench?p=${encodeDraft(draftOfAnswers(now, guess, shelf))}`);
    } catch (problem) {
      setError(problem as Error);
    }
  };

  return (
    <form className="new-car" onSubmit={(event) => void submit(event)} noValidate>
      <h1>Your car, in five answers</h1>
      <KeptNote takenUp={kept.takenUp} onThrow={() => kept.forget(blank())} />
      <CarQuestions now={now} set={set} />
      <UseQuestions now={now} set={set} />
      <FittedQuestions now={now} set={set} />
      {error && <ProblemNote error={error} />}
      <button type="submit" className="btn btn-dark" disabled={massKg === undefined || powerKw === undefined}>
        Show me what gives first
      </button>
      {(massKg === undefined || powerKw === undefined) && <span className="note">{missing} still missing.</span>}
    </form>
  );
}
