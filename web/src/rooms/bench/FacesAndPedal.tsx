import { memo } from 'react';
import type { BrakePart, PeakBand, PredictionPlan, PredictionResult, Spread } from '../../api/client';
import { useUnits } from '../../units/UnitContext';

const behindTheFace: { part: BrakePart; name: string }[] = [
  { part: 'frontPadCore', name: 'pad core at its hottest' },
  { part: 'frontPlate', name: 'backing plate at its hottest' },
  { part: 'frontBoots', name: 'piston and boot at their hottest' },
  { part: 'frontCaliper', name: 'caliper at its hottest' },
];

/** Inner against outer face, the ring's cone, hot bands, the quieter side, pedal travel and ring masses. */
export const FacesAndPedal = memo(function FacesAndPedal({
  result,
  plan,
  peaks,
}: {
  result: PredictionResult;
  plan: PredictionPlan;
  peaks: PeakBand[] | undefined;
}) {
  const { show, band } = useUnits();
  const { faces, pedal, ringMasses } = result;
  const front = ringMasses.find((mass) => mass.axle === 'front');
  const hotter = faces.differenceK.p50 >= 0 ? 'inner' : 'outer';
  const fresh = plan.frontPadMm ?? plan.car.front.padNewMm;
  const worn = (mm: Spread) => (mm.p50 >= fresh ? `all ${show(fresh, 'mm', 1)}` : band({ ...mm, p90: Math.min(fresh, mm.p90) }, 'mm', 1));
  const drums = plan.frontRotor.construction === 'drum';
  return (
    <section aria-label="Faces and pedal">
      <h2>
        Faces and pedal <span className="section-note">front, middle and band</span>
      </h2>
      <table className="facts">
        <tbody>
          {!drums && (
            <>
              <tr>
                <th scope="row">{hotter} face hotter by</th>
                <td>
                  {band(
                    {
                      p10: Math.min(Math.abs(faces.differenceK.p10), Math.abs(faces.differenceK.p90)),
                      p50: Math.abs(faces.differenceK.p50),
                      p90: Math.max(Math.abs(faces.differenceK.p10), Math.abs(faces.differenceK.p90)),
                    },
                    'K',
                  )}
                </td>
              </tr>
              <tr>
                <th scope="row">pads worn today, inner / outer</th>
                <td>
                  {worn(faces.innerWornMm)}
                  <br />
                  {worn(faces.outerWornMm)}
                </td>
              </tr>
              <tr>
                <th scope="row">hot ring out of flat</th>
                <td>{band(faces.edgeMm, 'mm', 2)}</td>
              </tr>
              <tr>
                <th scope="row">hot bands above the face</th>
                <td>+{band(faces.hotBandsK, 'K')}</td>
              </tr>
              <tr>
                <th scope="row">quieter front wheel peaks at</th>
                <td>{band(faces.quieterSidePeakC, 'C')}</td>
              </tr>
            </>
          )}
          {behindTheFace.map(({ part, name }) => {
            const peak = peaks?.find((one) => one.part === part);
            return (
              peak && (
                <tr key={part}>
                  <th scope="row">{name}</th>
                  <td>{band({ p10: peak.p10C, p50: peak.p50C, p90: peak.p90C }, 'C')}</td>
                </tr>
              )
            );
          })}
          <tr>
            <th scope="row">{plan.car.kind === 'motorcycle' ? 'lever' : 'pedal'} travel cold</th>
            <td>{band(pedal.coldMm, 'mm')}</td>
          </tr>
          <tr>
            <th scope="row">the same hot, nothing boiling</th>
            <td>{band(pedal.hotMm, 'mm')}</td>
          </tr>
          {front && (
            <tr>
              <th scope="row">front ring, from its measures</th>
              <td>
                {band(front.geometryKg, 'kg', 1)}
                {front.statedKg != null &&
                  `, stated ${show(front.statedKg, 'kg', 1)} (${(front.offPercent ?? 0) >= 0 ? '+' : ''}${(front.offPercent ?? 0).toFixed(0)} %)`}
              </td>
            </tr>
          )}
        </tbody>
      </table>
    </section>
  );
});
