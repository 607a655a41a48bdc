import type { ReactNode } from 'react';
import type { PredictionResult, WheelCooling } from '../../api/client';
import { useUnits } from '../../units/UnitContext';
import { shareBand } from '../../units/units';

type Share = Exclude<keyof WheelCooling, 'wheel' | 'inMJ' | 'balanceError'>;

const paths: { key: Share; label: string; className: string }[] = [
  { key: 'vanesShare', label: 'vanes', className: 'path-vanes' },
  { key: 'facesShare', label: 'faces', className: 'path-faces' },
  { key: 'radiationShare', label: 'radiation', className: 'path-radiation' },
  { key: 'hubShare', label: 'hat and hub', className: 'path-hub' },
  { key: 'caliperShare', label: 'caliper and pads', className: 'path-caliper' },
];

/** Where one front and one rear wheel's heat went over the day. */
export function HeatAway({ result, children }: { result: PredictionResult; children?: ReactNode }) {
  const { summary } = result;
  const { show, band } = useUnits();
  return (
    <section aria-label="Where the heat goes">
      <h2>Where the heat goes</h2>
      {result.cooling.map((wheel) => (
        <div key={wheel.wheel} className="heat">
          <span className="heat-name">
            {wheel.wheel} wheel, {band(wheel.inMJ, 'MJ')}
          </span>
          <span
            className="heat-bar"
            role="img"
            aria-label={paths.map((path) => `${path.label} ${Math.round(wheel[path.key] * 100)} %`).join(', ')}
          >
            {paths.map((path) => (
              <span key={path.key} className={path.className} style={{ width: `${wheel[path.key] * 100}%` }}>
                {wheel[path.key] > 0.16 ? `${path.label} ${Math.round(wheel[path.key] * 100)}` : ''}
              </span>
            ))}
          </span>
        </div>
      ))}
      {children}
      <p className="note">
        {summary.hotLaps === 0 ? 'A round' : 'A hot lap'}: {summary.lapS.toFixed(1)} s, top {show(summary.topKmh, 'km/h')},{' '}
        {band(summary.brakingMJ, 'MJ', 1)} into the brakes, {band(summary.frontWheelKw, 'kW', 1)} at each front wheel;{' '}
        {shareBand(summary.frontShare)} at the front (ideal {Math.round(summary.idealFrontShare * 100)} % in the hardest stop). Brackets
        hold eight in ten drivers of this pace; time and top speed are the {summary.hotLaps === 0 ? 'round' : 'lap'} as reckoned, and shares
        the middle of the band.
      </p>
    </section>
  );
}
