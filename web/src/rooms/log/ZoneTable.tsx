import type { DrivenDay } from '../../api/log';
import { counted } from '../../shared/counted';
import { DataTable } from '../../shared/DataTable';
import { useUnits } from '../../units/UnitContext';

/** The braking zones of a recording's fastest lap, as they were driven. */
export function ZoneTable({ zones }: { zones: DrivenDay['zones'] }) {
  const { show } = useUnits();
  return (
    <details className="zone-table">
      <summary>{counted(zones.length, 'braking zones')} in the fastest lap</summary>
      <DataTable
        columns={['Zone at', 'Entry', 'Exit', 'Over', 'Deceleration', 'Until the next']}
        rows={zones.map((zone) => ({
          key: zone.atM,
          head: show(zone.atM, 'm'),
          cells: [
            show(zone.entryKmh, 'km/h'),
            show(zone.exitKmh, 'km/h'),
            show(zone.metres, 'm'),
            `${(zone.meanG ?? 0).toFixed(2)} g`,
            `${zone.secondsToNext.toFixed(1)} s`,
          ],
        }))}
      />
      <p className="note">As recorded: no band but the recorder’s own. Drag and the engine’s part are in the deceleration.</p>
    </details>
  );
}
