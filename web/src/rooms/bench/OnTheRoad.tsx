import { memo } from 'react';
import type { PredictionPlan, PredictionResult, ShelfAnswer } from '../../api/client';
import { useUnits } from '../../units/UnitContext';

const word = (index: number, words: [string, string, string]) => (index <= 2 ? words[0] : index <= 5 ? words[1] : words[2]);

/** First stops on cold mornings and manners of the front pad. */
export const OnTheRoad = memo(function OnTheRoad({
  result,
  plan,
  shelf,
}: {
  result: PredictionResult;
  plan: PredictionPlan;
  shelf: ShelfAnswer;
}) {
  const { show, band } = useUnits();
  const family = shelf.padFamilies.find((row) => row.code === plan.frontPad.family);
  return (
    <section aria-label="On the road">
      <h2>
        On the road <span className="section-note">first stop, against the original pads</span>
      </h2>
      <table className="facts">
        <thead className="visually-hidden">
          <tr>
            <th>First stop</th>
            <th>Distance</th>
            <th>Against the original pads</th>
          </tr>
        </thead>
        <tbody>
          {result.coldStops.map((stop) => {
            const more = stop.metres.p50 - stop.originalMetres;
            return (
              <tr key={`${stop.speedKmh} ${stop.startC}`}>
                <th scope="row">
                  {show(stop.startC, 'C')}, from {show(stop.speedKmh, 'km/h')}
                </th>
                <td>{band(stop.metres, 'm', 1)}</td>
                <td>{stop.reachesAbs ? 'tyres limit, no difference' : `${more >= 0 ? '+' : '−'}${show(Math.abs(more), 'm', 1)}`}</td>
              </tr>
            );
          })}
          {family && (
            <tr>
              <th scope="row">Dust, noise, rotor wear</th>
              <td colSpan={2}>
                {word(plan.frontPad.traits?.dust ?? family.dust, ['clean', 'some dust', 'black wheels'])} ·{' '}
                {word(plan.frontPad.traits?.noise ?? family.noise, ['quiet', 'may squeal', 'squeals'])} ·{' '}
                {word(plan.frontPad.traits?.rotorWear ?? family.rotorWear, ['kind to rotors', 'wears rotors', 'eats rotors'])}
              </td>
            </tr>
          )}
        </tbody>
      </table>
      <p className="note">
        At the pedal force that gives 0.6 g on the warm original pads, {show(result.coldStops[0]?.pedalN ?? 0, 'N')}. In brackets: as pads
        differ from batch to batch, eight in ten.
      </p>
    </section>
  );
});
