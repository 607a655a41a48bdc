import type { Driving } from '../../api/client';
import { percentOf } from '../../shared/chance';
import { useUnits } from '../../units/UnitContext';

/** What costs nothing: the same car, driven otherwise, judged. */
export function DrivingList({ driving, asItStands }: { driving: Driving; asItStands: boolean }) {
  const { told } = useUnits();
  return (
    <section aria-label="Or drive it otherwise">
      <header className="section-head">
        <h2>Or drive it otherwise</h2>
        <span className="section-note">{asItStands ? 'with the car as it stands' : 'with every step done'}</span>
      </header>
      <ul className="ways">
        {driving.ways.map((way) => (
          <li key={way.code} className={way.holds ? 'way-holds' : undefined}>
            <span className="way-what">{told(way.what)}</span>
            <span className="way-chances">
              <span>danger {percentOf(way.danger)},</span> <span>damage {percentOf(way.damage)}</span>
              {way.fades.share >= 0.05 && (
                <>
                  , pads out of their heat <span>{percentOf(way.fades)}</span>
                </>
              )}
              {way.holds && <b> holds</b>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
