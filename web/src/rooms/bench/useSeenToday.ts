import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Observation } from '../../api/client';
import { deleteEntry, readSessions, saveSession, type LogSession } from '../../api/log';
import { carKey, newId, today } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';

/** What every day has, and tells of nothing that was noticed. */
const always: (keyof LogSession)[] = ['date', 'sessions', 'plan', 'seen'];

/** True where nothing else was written down: whatever a day may hold besides counts, so that nothing of it is lost. */
export const isBare = (body: LogSession) =>
  Object.entries({
    ...body,
    laps: body.laps || null,
    pedal: body.pedal === 'unsaid' ? null : body.pedal,
    signs: body.signs?.length || null,
  })
    .filter(([key]) => !always.includes(key as keyof LogSession))
    .every(([, value]) => value == null || value === '');

/** What was seen today: an entry of the log like any other, and nowhere else. */
export function useSeenToday() {
  const { draft, plan } = usePlan();
  const queries = useQueryClient();
  const car = draft ? carKey(draft) : '';
  const kept = useQuery({ queryKey: ['log', car, 'seen'], queryFn: () => readSessions(car), enabled: car !== '' });
  const entry = kept.data?.items.find((item) => item.day === today() && item.body.plan.circuit.name === plan?.circuit.name);
  const seen: Observation[] = entry?.body.seen ?? [];
  const save = useMutation({
    mutationFn: (next: Observation[]) =>
      saveSession(car, {
        id: entry?.id ?? newId(),
        day: today(),
        revision: entry?.revision ?? 0,
        body: {
          ...(entry?.body ?? { date: today(), sessions: plan!.stint.sessions ?? 1, laps: 0, plan: plan!, pedal: 'unsaid' as const }),
          seen: next,
        },
      }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['log', car] }),
  });
  const drop = useMutation({
    mutationFn: (bare: { id: string; revision: number }) => deleteEntry(bare.id, bare.revision),
    onSettled: () => queries.invalidateQueries({ queryKey: ['log', car] }),
  });
  return {
    seen,
    add: (one: Observation) => save.mutate([...seen, one]),
    // An entry that held nothing else goes with the last of it.
    remove: (at: number) =>
      entry && seen.length === 1 && isBare(entry.body) ? drop.mutate(entry) : save.mutate(seen.filter((_, i) => i !== at)),
    error: save.error ?? drop.error,
  };
}
