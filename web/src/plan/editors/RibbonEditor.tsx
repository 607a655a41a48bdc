import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { bendRibbon, readRibbon, saveCircuit } from '../../api/client';
import { Ribbon } from '../../charts/Ribbon';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';
import { newId } from '../carKey';
import { usePlan } from '../PlanContext';

/** The circuit as a ribbon; straights and corners are bent into one's own, which one press keeps on the shelf. */
export function RibbonEditor() {
  const { plan, draft, change } = usePlan();
  const { show } = useUnits();
  const queries = useQueryClient();
  const ribbon = useQuery({
    queryKey: ['ribbon', plan],
    queryFn: ({ signal }) => readRibbon(plan!, signal),
    enabled: plan !== null,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
  const bend = useMutation({
    mutationFn: (asked: { segment: number; toKmh: number | undefined; longerM: number }) =>
      bendRibbon(plan!, asked.segment, asked.toKmh, asked.longerM),
    onSuccess: (circuit) => change((old) => ({ ...old, circuit: { ...circuit, name: bentName(circuit.name) } })),
  });
  const keep = useMutation({
    mutationFn: async () => {
      const id = `own-${newId().slice(0, 8)}`;
      await saveCircuit(id, 0, plan!.circuit);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
      change((old) => ({ ...old, circuit: id }));
    },
  });
  if (!plan || !draft || !ribbon.data) return ribbon.error ? <ProblemNote error={ribbon.error} /> : null;
  const bends = ribbon.data.corners.length > 0;
  return (
    <section aria-label="The lap" className="ribbon-editor">
      <h3>The lap</h3>
      <Ribbon
        ribbon={ribbon.data}
        onBend={bends ? (corner, toKmh, longerM) => bend.mutate({ segment: corner.segment, toKmh, longerM }) : undefined}
      />
      <p className="note">
        {show(ribbon.data.lengthM / 1000, 'km', 2)} in {ribbon.data.lapS.toFixed(0)} s, {show(ribbon.data.megajoules, 'MJ', 1)} into the
        brakes. The line is speed over distance; it is as thick below as the braking is hard.{' '}
        {bends
          ? 'Drag a corner up or down for its speed, along for the straight before it, or use the arrow keys.'
          : 'This lap is taken as it was driven, so that neither pace nor power changes it.'}
        {typeof draft.circuit !== 'string' && bends && (
          <>
            {' '}
            <button type="button" className="btn btn-link" onClick={() => keep.mutate()}>
              Keep {plan.circuit.name} on the shelf
            </button>
          </>
        )}
      </p>
      {(bend.error ?? keep.error) && <ProblemNote error={(bend.error ?? keep.error)!} />}
    </section>
  );
}

const bentName = (name: string) => (name.startsWith('my ') ? name : `my ${name}`).slice(0, 80);
