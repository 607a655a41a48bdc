import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { PredictionPlan } from '../../api/client';
import { beddingPlan, type BeddingPlace } from '../../api/ready';
import { BeddingChart } from '../../charts/BeddingChart';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';

/** The bedding stops of this car, these pads and these rotors, reckoned by the engine. */
export function Bedding({ plan, fresh }: { plan: PredictionPlan; fresh: boolean }) {
  const { show, band, told } = useUnits();
  const [place, setPlace] = useState<BeddingPlace>(plan.frontPad.traits?.preBedded ? 'preBedded' : 'closedCourse');
  const query = useQuery({
    queryKey: ['bedding', plan, place],
    queryFn: ({ signal }) => beddingPlan(plan, place, signal),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  const bed = query.data;
  const last = bed?.stops[bed.stops.length - 1];
  return (
    <section aria-label="Bedding" className="bedding">
      <header className="section-head">
        <h2>Bedding</h2>
        <span className="section-note">
          {fresh ? 'the parts are new' : 'for when pads or rotors are new'};{' '}
          <select
            className="phrase-select"
            aria-label="Where they are bedded"
            value={place}
            onChange={(event) => setPlace(event.target.value as BeddingPlace)}
          >
            <option value="closedCourse">on a closed course, few hard stops</option>
            <option value="manyGentle">on a closed course, many gentle stops</option>
            <option value="gentleStreet">gently, street pads only</option>
            <option value="preBedded">they come bedded</option>
          </select>
        </span>
      </header>
      <p className="step-caution">Never test or bed hard on a public road: it is dangerous and often illegal.</p>
      {query.error && <ProblemNote error={query.error} />}
      {bed && !query.error && (
        <>
          {bed.stops.length > 0 && last && (
            <>
              <p>
                <b>
                  {bed.stops.length} stops from {show(bed.fromKmh, 'km/h')} to {show(bed.toKmh, 'km/h')} at {bed.g.toFixed(1)} g,{' '}
                  {bed.spacingS.toFixed(0)} s from one to the next
                </b>
                , then {band(bed.coolMinutes, 'min')} of rolling air, about {show(bed.coolKm, 'km')}, until the face is below{' '}
                {show(90, 'C')}. After the last stop the front face has {band(last.faceC, 'C')}, the rear {band(last.rearFaceC, 'C')}.
              </p>
              <BeddingChart plan={bed} />
            </>
          )}
          {bed.shock && <p>{told(bed.shock.sentence)}</p>}
          {bed.notes.map((note) => (
            <p key={told(note)} className="note">
              {told(note)}
            </p>
          ))}
          {bed.stops.length > 0 && (
            <details>
              <summary>Stop by stop</summary>
              <table className="facts">
                <thead>
                  <tr>
                    <th>Stop</th>
                    <th>Front face after it</th>
                    <th>Rear face</th>
                  </tr>
                </thead>
                <tbody>
                  {bed.stops.map((stop) => (
                    <tr key={stop.number}>
                      <th scope="row">{stop.number}</th>
                      <td>{band(stop.faceC, 'C')}</td>
                      <td>{band(stop.rearFaceC, 'C')}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </details>
          )}
        </>
      )}
    </section>
  );
}
