import type { PhaseSummary, StopSummary } from '../../api/client';
import { useUnits } from '../../units/UnitContext';

/** What a driver makes of the brakes that are left, in the middle of the band: nothing where every stop is driven as planned. */
export function DriverStory({ phases, stops }: { phases: PhaseSummary[]; stops: StopSummary[] }) {
  const { show } = useUnits();
  const most = <T,>(list: T[], of: (one: T) => number) =>
    list.reduce<T | null>((top, one) => (of(one) > (top ? of(top) : 0) ? one : top), null);
  const missed = most(stops, (stop) => stop.overKmh);
  const earlier = most(stops, (stop) => stop.earlierM);
  const slowest = most(phases, (phase) => (phase.kind === 'hotLap' && phase.pace === 1 ? phase.lostS : 0));
  const last = phases.find((phase) => phase.cameIn);
  const onTheRoad = phases.some((phase) => phase.kind === 'road');
  const later = last && phases.some((phase) => phase.kind === 'hotLap' && phase.lap > last.lap);
  const said = [
    missed &&
      missed.overKmh >= 1 &&
      `${onTheRoad ? 'The worst stop' : `Stop ${missed.place} of lap ${missed.lap}`} ends ${show(missed.overKmh, 'km/h')} too fast with all that a leg gives: ${show(missed.missingM, 'm')} more road.`,
    earlier &&
      earlier.earlierM >= 1 &&
      `Brakes go on up to ${show(earlier.earlierM, 'm')} earlier as the pads give less${slowest && slowest.lostS >= 0.1 ? `, ${show(slowest.lostS, 's', 1)} a lap are lost` : ''}.`,
    later && `Over after lap ${last.lap}: too little is left at the pedal, the driver comes in.`,
  ].filter(Boolean);
  return said.length > 0 ? (
    <p className="note driver-story">
      <b>The driver, in the middle of the band.</b> {said.join(' ')}
    </p>
  ) : null;
}
