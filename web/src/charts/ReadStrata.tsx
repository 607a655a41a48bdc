import type { BandResult, PredictionResult } from '../api/client';
import { withError } from '../shared/chance';
import { useUnits } from '../units/UnitContext';
import { partNames } from './parts';

/** The drawing read step by step, on this car's own figures: first what a row is, then what it says. */
export function ReadStrata({ result, band }: { result: PredictionResult; band?: BandResult }) {
  const { show, told } = useUnits();
  const face = result.strata.find((layer) => layer.part === 'frontFace' && layer.track) ?? result.strata.find((layer) => layer.track);
  const fluid = result.strata.find((layer) => layer.part === 'frontFluid');
  if (!face?.track)
    return <p className="note">On these days nothing is driven against the clock: there is one row for each part on the road.</p>;
  const peak = band?.peaks.find((one) => one.part === face.part);
  const fluidPeak = band?.peaks.find((one) => one.part === 'frontFluid');
  const today = fluid?.capacity.marks.find((mark) => mark.kind === 'today');
  const { bandFromC, bandToC } = face.capacity;
  return (
    <ol className="read-strata">
      <li>
        <b>One row is one part.</b> The first is your {partNames[face.part].toLowerCase()}, {told(face.capacity.name)}; cold is left, hot is
        right.
      </li>
      <li>
        <b>Above the line: what the day asks.</b> The hill shows at which temperatures this part takes its braking energy. Half of it comes
        below {show(face.track.p50C, 'C')}; the bar under it holds eight tenths, {show(face.track.p10C, 'C')} to{' '}
        {show(face.track.p90C, 'C')}.
      </li>
      {peak && (
        <li>
          <b>The bracket: the hottest moment.</b> Nobody knows your car exactly. Of ten cars like it on ten days like this, eight peak
          between {show(peak.p10C, 'C')} and {show(peak.p90C, 'C')}; one stays below, one goes beyond. That is what <i>8 in 10</i> means
          everywhere here.
        </li>
      )}
      {bandFromC != null && bandToC != null && (
        <li>
          <b>Below the line: what the part can take.</b> This pad works from {show(bandFromC, 'C')} to {show(bandToC, 'C')}. Where hill or
          bracket stand right of that the drawing is hatched, the hot edge: there it fades
          {face.overlap ? `, from ${show(face.overlap.fromC, 'C')} on today` : '; today hardly anything does'}.
        </li>
      )}
      {fluid && (
        <li>
          <b>Fluid is its own row.</b> It gets to{' '}
          {fluidPeak ? `${show(fluidPeak.p10C, 'C')} to ${show(fluidPeak.p90C, 'C')}` : show(fluid.track?.peakC ?? 20, 'C')},
          {today
            ? ` and vapour shows from ${show(today.atC, 'C')} today: the mark moves left as it drinks water.`
            : ' and boils at its mark.'}
        </li>
      )}
      <li>
        <b>Cone</b> is the ring’s edge bending off flat when it is hot: the pedal grows long, and the pad touches on one side.
      </li>
      {band && (
        <li>
          <b>The chance</b> in the first line counts members: of {band.members} likely cars on such a day, something dangerous happens in{' '}
          {withError(band.danger)}.
        </li>
      )}
    </ol>
  );
}
