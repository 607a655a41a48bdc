import type { PhaseSummary } from '../api/client';

export const lapLabel = (phase: { kind: PhaseSummary['kind']; lap: number }) =>
  phase.kind === 'outLap' ? 'out' : phase.kind === 'coolDownLap' ? 'cool' : phase.kind === 'parked' ? 'parked' : String(phase.lap);

/** The narrowest stretch that is named, px. */
const namedPx = 26;

/** Laps and what else a session has, for the axis: where laps are too narrow to be named, as many as need be under the last one's number. */
export function lapMarks(phases: PhaseSummary[], widthOf: (phase: PhaseSummary) => number) {
  const hot = phases.filter((phase) => lapLabel(phase) === String(phase.lap));
  const narrowest = Math.min(...hot.map(widthOf));
  const each = [1, 2, 5, 10, 20, 50, 100].find((count) => count * narrowest >= namedPx) ?? 200;
  const marks: { startS: number; endS: number; label: string }[] = [];
  let from: number | null = null;
  phases.forEach((phase, i) => {
    const { startS, endS, lap } = phase;
    const label = lapLabel(phase);
    if (label !== String(lap)) {
      marks.push({
        startS,
        endS,
        label: label === 'parked' && widthOf(phase) > 80 ? `parked, ${Math.round((endS - startS) / 60)} min` : label,
      });
      return;
    }
    from ??= startS;
    const next = phases[i + 1];
    if (lap % each === 0 || !next || lapLabel(next) !== String(next.lap)) {
      marks.push({ startS: from, endS, label });
      from = null;
    }
  });
  return marks;
}
