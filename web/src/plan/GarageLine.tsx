import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { useUnits } from '../units/UnitContext';
import { differences } from './garage';
import { usePlan } from './PlanContext';
import { useGarage } from './useGarage';

/** Whether the sentence tells of the car as it stands, or of a wish laid over it; one press leads back. */
export function GarageLine() {
  const { plan, change, search } = usePlan();
  const { show, band } = useUnits();
  const garage = useGarage();
  const stood = useRef<typeof plan>(null);
  // A plan that told of the car as it stood goes on doing so when the log moves the car on; a wish stays a wish.
  useEffect(() => {
    const before = stood.current;
    stood.current = garage?.plan ?? null;
    if (!plan || !garage || !before || before === garage.plan) return;
    if (differences(plan, before).length === 0 && differences(plan, garage.plan).length > 0)
      change((old) => ({ ...garage.draft, seen: old.seen, wishes: old.wishes, pins: old.pins, withoutLog: old.withoutLog }));
  }, [plan, garage, change]);
  if (!plan || !garage) return null;
  const wished = differences(plan, garage.plan);
  const stops =
    garage.stops.length > 0 ? (
      <Link className="garage-stops" to={{ pathname: '/shelf', search }}>
        <span aria-hidden="true">■</span> {garage.stops.length === 1 ? 'One sign stops' : `${garage.stops.length} signs stop`} this car
        until {garage.stops.length === 1 ? 'it is' : 'they are'} answered
      </Link>
    ) : null;
  if (wished.length > 0)
    return (
      <p className="garage-line wished">
        {stops} <b>What if:</b> {wished.join('; ')}.{' '}
        <button
          type="button"
          className="btn btn-link"
          onClick={() =>
            change((old) => ({ ...garage.draft, seen: old.seen, wishes: old.wishes, pins: old.pins, withoutLog: old.withoutLog }))
          }
        >
          Back to the car as it stands
        </button>
      </p>
    );
  const { front, rear } = garage.state.pads;
  const known = [front, rear].flatMap((set) => (set && (set.by === 'measured' || set.by === 'reckoned') ? [set] : []));
  if (known.length === 0) return stops && <p className="garage-line">{stops}</p>;
  const { fluid } = garage.state;
  return (
    <p className="garage-line">
      {stops} As the car stands:{' '}
      {known
        .map(
          (set) =>
            `${set.axle} pads ${set.by === 'measured' ? `${show(set.leftMm.p50, 'mm', 1)}, measured ${set.measuredOn}` : `${band(set.leftMm, 'mm', 1)}, reckoned${set.measuredOn ? ` from ${set.measuredOn}` : ''}`}`,
        )
        .join('; ')}
      {fluid.filled && `; fluid filled ${fluid.filled}`}.
    </p>
  );
}
