import type { DrivenDay } from '../../api/log';
import { counted } from '../../shared/counted';
import { useUnits } from '../../units/UnitContext';

/** The braking zones of a recording's fastest lap, as they were driven. */
export function ZoneTable({ zones }: { zones: DrivenDay['zones'] }) {
  const { show } = useUnits();
  return (
    <details className="zone-table">
      <summary>{counted(zones.length, 'braking zones')} in the fastest lap</summary>
      <table className="facts">
        <thead>
          <tr>
            <th>Zone at</th>
            <th>Entry</th>
            <th>Exit</th>
            <th>Over</th>
            <th>Deceleration</th>
            <th>Until the next</th>
          </tr>
        </thead>
        <tbody>
          {zones.map((zone) => (
            <tr key={zone.atM}>
              <th scope="row">{show(zone.atM, 'm')}</th>
              <td>{show(zone.entryKmh, 'km/h')}</td>
              <td>{show(zone.exitKmh, 'km/h')}</td>
              <td>{show(zone.metres, 'm')}</td>
              <td>{(zone.meanG ?? 0).toFixed(2)} g</td>
              <td>{zone.secondsToNext.toFixed(1)} s</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="note">As recorded: no band but the recorder’s own. Drag and the engine’s part are in the deceleration.</p>
    </details>
  );
}
