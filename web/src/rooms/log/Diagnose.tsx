import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { PredictionPlan } from '../../api/client';
import { diagnose, type RankedCause } from '../../api/log';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';
import { useLogTables } from './useLogRange';

/** From a symptom to ranked causes, with what this car's own log says for each. */
export function Diagnose({ car, plan }: { car: string; plan: PredictionPlan }) {
  const { told } = useUnits();
  const tables = useLogTables();
  const [symptom, setSymptom] = useState('');
  const offered = (needs: string) => needs !== 'electronics' || plan.car.electronics;
  const ask = useMutation({ mutationFn: (code: string) => diagnose(car, code, plan) });
  const row = ({ cause, share, evidence }: RankedCause) => (
    <li key={cause.code}>
      <p>
        <b>{told(cause.name)}</b>
        {!cause.first && (
          <>
            <span className="cause-share" aria-hidden="true">
              <span style={{ width: `${Math.round(share * 100)}%` }} />
            </span>
            <span className="note">weight {Math.round(share * 100)} of 100</span>
          </>
        )}
        {cause.stop && <span className="stop-word"> Do not drive before it is mended.</span>}
      </p>
      {evidence.map((sentence) => (
        <p key={told(sentence)} className="cause-evidence">
          Your car: {told(sentence)}
        </p>
      ))}
      <p className="note">Tell it apart: {told(cause.test)}</p>
      <p className="note">Cure: {told(cause.cure)}</p>
    </li>
  );
  return (
    <section aria-label="Diagnosis" className="diagnose">
      <header className="section-head">
        <h2>Something is wrong</h2>
        <span className="section-note">ranked by how often it is met and by what your own log says</span>
      </header>
      <label className="field">
        What is it?
        <select
          className="form-select"
          value={symptom}
          onChange={(event) => {
            setSymptom(event.target.value);
            if (event.target.value) ask.mutate(event.target.value);
          }}
        >
          <option value="">choose</option>
          {tables.data?.symptoms
            .filter((row) => offered(row.needs ?? 'brakes'))
            .map((row) => (
              <option key={row.code} value={row.code}>
                {told(row.name)}
              </option>
            ))}
        </select>
      </label>
      {ask.error && <ProblemNote error={ask.error} />}
      {ask.data && (
        <>
          <h3>Rule out first</h3>
          <ul className="causes">{ask.data.filter((one) => one.cause.first).map(row)}</ul>
          <h3>Then, the likeliest first</h3>
          <ol className="causes">{ask.data.filter((one) => !one.cause.first).map(row)}</ol>
        </>
      )}
    </section>
  );
}
