import type { SystemChange } from '../../api/client';
import { useUnits } from '../../units/UnitContext';
import { shareBand } from '../../units/units';

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** What other calipers or another cylinder do to balance, force and the pedal's way. */
export function CaliperReading({ swap, nowMm }: { swap: SystemChange['reading']; nowMm: number }) {
  const { band, told, show } = useUnits();
  return (
    <>
      <p role="status">
        One-side piston area ×{swap.areaRatio.toFixed(2)}; front to rear {swap.frontRatio.toFixed(2)} (now{' '}
        {swap.frontRatioBefore.toFixed(2)}). Front share {percent(swap.frontShare)} with equal pads (now {percent(swap.frontShareBefore)};
        ideal {shareBand(swap.idealShare)} at 0.9 g). Pedal {band(swap.pedalMm, 'mm')} at {show(60, 'bar')} (now{' '}
        {band(swap.pedalBeforeMm, 'mm')}). For 1 g it takes {show(swap.forceN, 'N')} (now {show(swap.forceBeforeN, 'N')}).
        {swap.leverRatio !== 1 && ` The rotor’s lever alone gives ×${swap.leverRatio.toFixed(2)}.`} The master cylinder that brings the way
        back has {show(swap.restoringMm, 'mm', 1)} (now {show(nowMm, 'mm', 1)}).
        {swap.locksG != null && ` The rear locks first from ${swap.locksG.toFixed(2)} g on.`}
        {swap.clears == null ? ' The wheel’s barrel is unknown: measure before you buy.' : ''}
      </p>
      <ul>
        {swap.notes.map((note) => (
          <li key={told(note)}>{told(note)}</li>
        ))}
      </ul>
    </>
  );
}
