import type { Schemas } from '../api/client';
import { useUnits } from '../units/UnitContext';

/** What must not be driven on or ordered at all, before anything else is said. */
export function HardStopList({ stops, lead = 'Do not drive on it' }: { stops: Schemas['HardStop'][]; lead?: string }) {
  const { told } = useUnits();
  if (stops.length === 0) return null;
  return (
    <ul className="hard-stops" aria-label={lead}>
      {stops.map((stop) => (
        <li key={stop.code + told(stop.sentence)}>
          <b>
            <span aria-hidden="true">■</span> {lead}:
          </b>{' '}
          {told(stop.sentence)}
        </li>
      ))}
    </ul>
  );
}
