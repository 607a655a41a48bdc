import { ApiProblem } from '../api/client';
import { useUnits } from '../units/UnitContext';

/** After a refused recording: read it again and let stray samples be mended; the driver decides. */
export function MendAgain({ error, onMend, busy }: { error: Error | null | undefined; onMend: () => void; busy?: boolean }) {
  if (!(error instanceof ApiProblem) || error.faults.length === 0) return null;
  return (
    <button type="button" className="btn btn-outline-dark" disabled={busy} onClick={onMend}>
      Read it again, with stray samples mended
    </button>
  );
}

/** What was put in the place of stray samples. */
export function MendedSamples({ samples }: { samples: { at: string; wasKmh: number; nowKmh: number }[] | null | undefined }) {
  const { show } = useUnits();
  if (!samples || samples.length === 0) return null;
  return (
    <p className="note">
      Mended, by the line between their neighbours:{' '}
      {samples.map((sample) => `${sample.at}: ${show(sample.wasKmh, 'km/h')} → ${show(sample.nowKmh, 'km/h')}`).join('; ')}.
    </p>
  );
}
