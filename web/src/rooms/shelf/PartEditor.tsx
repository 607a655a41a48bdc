import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { ApiProblem, type BrakeFluid, type Pad, type Part, type Rotor } from '../../api/client';
import { readRotor, archivePart, savePart } from '../../api/shelf';
import { RotorDrawing } from '../../charts/RotorDrawing';
import { VaneHand } from '../../charts/VaneHand';
import { usePlan } from '../../plan/PlanContext';
import { ConflictNote } from '../../shared/ConflictNote';
import { KeptNote } from '../../shared/KeptNote';
import { ProblemNote } from '../../shared/ProblemNote';
import { useHistory } from '../../shared/useHistory';
import { useKept } from '../../shared/useKept';
import { useUnits } from '../../units/UnitContext';
import { times } from '../../units/units';
import { partKinds, valueAt, type PartKind } from './kinds';
import { type Field } from './fields';
import { newId } from './newId';
import { PadCurve } from './PadCurve';
import { PartForm } from './PartForm';

export interface Opened {
  kind: PartKind;
  id: string;
  revision: number;
  origin: string;
  archived: boolean;
  body: Part;
  saved?: string | null;
}

/** What stands differently in two parts of a kind, by the names of its fields. */
const differs = (mine: Part, theirs: Part, fields: Field[]): string[] => [
  ...(mine.name === theirs.name ? [] : ['its name']),
  ...fields.filter((field) => valueAt(mine, field.path) !== valueAt(theirs, field.path)).map((field) => field.label.toLowerCase()),
  ...('curve' in mine && 'curve' in theirs && JSON.stringify(mine.curve) !== JSON.stringify(theirs.curve) ? ['its curve'] : []),
];

/** One part open for editing: drawing first, figures below, undo for every change. */
export function PartEditor({
  opened,
  onSaved,
  onStartOver,
}: {
  opened: Opened;
  onSaved: (id: string | null) => void;
  /** Opens it anew as it stands on the shelf. */
  onStartOver: () => void;
}) {
  const { kind } = opened;
  const { plan, shelf } = usePlan();
  const { show, band, told } = useUnits();
  const queries = useQueryClient();
  const kept = useKept(`part:${kind}:${opened.id}`, () => ({ revision: opened.revision, body: opened.body }));
  const { now, change, undo, canUndo } = useHistory<Part>(kept.now.body);
  const { revision } = kept.now;
  const theirs = kept.unsaved && revision !== opened.revision;
  const [problem, setProblem] = useState<Error | null>(null);
  const [busy, setBusy] = useState(false);
  // Every change is kept, undo too.
  const { set: keep, forget, unsaved } = kept;
  const lastKept = useRef(now);
  useEffect(() => {
    if (lastKept.current === now) return;
    lastKept.current = now;
    if (revision === opened.revision && JSON.stringify(now) === JSON.stringify(opened.body)) forget();
    else keep((old) => ({ ...old, body: now }));
  }, [now, keep, forget, revision, opened]);
  // Where nothing was typed, what others saved is simply shown.
  const stale = !unsaved && revision !== opened.revision;
  useEffect(() => {
    if (stale) onStartOver();
  }, [stale, onStartOver]);
  const changed = JSON.stringify(now) !== JSON.stringify(opened.body) || opened.revision === 0;
  const rotor = kind === 'rotors' ? (now as Rotor) : null;
  const rotorReading = useQuery({
    queryKey: ['rotorReading', rotor],
    queryFn: ({ signal }) => readRotor(rotor!, signal),
    enabled: rotor !== null,
    retry: false,
    staleTime: Infinity,
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key === 'z') {
        event.preventDefault();
        undo();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo]);
  const run = async (work: () => Promise<string | null>) => {
    setBusy(true);
    try {
      const id = await work();
      kept.forget();
      await queries.invalidateQueries({ queryKey: ['shelf'] });
      setProblem(null);
      onSaved(id);
    } catch (error) {
      setProblem(error as Error);
      // Whose is newer shows once the shelf is read again.
      if (error instanceof ApiProblem && error.status === 409) await queries.invalidateQueries({ queryKey: ['shelf'] });
    } finally {
      setBusy(false);
    }
  };
  const save = (over: number) =>
    run(async () => {
      const id = opened.revision === 0 ? newId(now.name) : opened.id;
      await savePart(kind, id, over, now);
      return id;
    });
  const startOver = () => {
    kept.forget();
    onStartOver();
  };
  const copy = () =>
    run(async () => {
      const name = `${now.name} (copy)`.slice(0, 80);
      const id = newId(name);
      await savePart(kind, id, 0, { ...now, name });
      return id;
    });
  const archive = () =>
    run(async () => {
      await archivePart(kind, opened.id, opened.revision, !opened.archived);
      return opened.archived ? opened.id : null;
    });
  const fluid = kind === 'fluids' ? (now as BrakeFluid) : null;
  const fluidClass = fluid && shelf.fluidClasses.find((row) => row.code === fluid.class);
  const { one, fields } = partKinds[kind];
  return (
    <section aria-label={`Edit ${opened.body.name}`} className="part-editor">
      <header className="section-head">
        <h2>{now.name || 'No name yet'}</h2>
        <span className="section-note">
          {opened.revision === 0
            ? `a new ${one}`
            : opened.origin === 'demo'
              ? 'a made-up demo part; saving makes it yours'
              : `yours, saved ${opened.revision} ${opened.revision === 1 ? 'time' : 'times'}`}
          {opened.archived && '; archived, offered no longer'}
        </span>
      </header>
      <KeptNote takenUp={kept.takenUp} onThrow={startOver} />
      {kind === 'pads' && <PadCurve pad={now as Pad} onChange={change} />}
      {rotor && (
        <div className="rotor-look">
          <RotorDrawing rotor={rotor} barrelMm={plan?.car.wheelBarrelMm} />
          {rotor.vanes === 'curved' && <VaneHand wrong={false} />}
          {rotorReading.data && (
            <p>
              The ring weighs <b>{band(rotorReading.data.ringKg, 'kg', 1)}</b>
              {rotor.ringMassKg == null ? ' by its measures' : ', as stated'} and takes {show(rotorReading.data.kilojoulePerK, 'kJ/K', 2)}{' '}
              at {show(200, 'C')}; {show(rotorReading.data.wearMm, 'mm', 1)} may be worn.{' '}
              {rotorReading.data.stressRaiser.p50 > 1 &&
                `Holes or slots raise the strain at the face ×${times(rotorReading.data.stressRaiser)}. `}
              {rotorReading.data.notes.map(told).join(' ')}
            </p>
          )}
          {rotorReading.error && <ProblemNote error={rotorReading.error} />}
        </div>
      )}
      {fluid && fluidClass && (
        <p>
          {told(fluidClass.name)} must boil at {show(fluidClass.dryC, 'C')} dry and {show(fluidClass.wetC, 'C')} wet or higher and be
          thinner than {show(fluidClass.viscosityMm2S, 'mm2/s')} at {show(-40, 'C')} ({told(fluidClass.source)}). This one has{' '}
          <b className={fluid.dryC < fluidClass.dryC ? 'bad' : ''}>{show(fluid.dryC - fluidClass.dryC, 'K')}</b> dry and{' '}
          <b className={fluid.wetC < fluidClass.wetC ? 'bad' : ''}>{show(fluid.wetC - fluidClass.wetC, 'K')}</b> wet in hand.{' '}
          {fluid.viscosityMm2S == null
            ? 'Its viscosity is unknown: ask before trusting it to stability control in frost.'
            : fluid.viscosityMm2S > shelf.thinEnoughForAbsMm2S
              ? `Thicker when cold than ABS valves like (${show(shelf.thinEnoughForAbsMm2S, 'mm2/s')}).`
              : 'Thin enough for ABS in frost.'}{' '}
          {fluidClass.silicone && 'Silicone: never mixes with glycol, is more compressible, and is not for ABS.'}
        </p>
      )}
      <PartForm part={now} fields={fields} onChange={change} />
      {theirs && (
        <ConflictNote
          name={opened.body.name}
          saved={opened.saved}
          differs={differs(now, opened.body, fields)}
          busy={busy}
          onTheirs={startOver}
          onMine={() => void save(opened.revision)}
        />
      )}
      {problem && !(theirs && problem instanceof ApiProblem && problem.status === 409) && <ProblemNote error={problem} />}
      <p className="part-do">
        <button type="button" className="btn btn-dark" disabled={busy || !changed || theirs} onClick={() => void save(revision)}>
          {opened.revision === 0 ? `Put on the shelf` : 'Save'}
        </button>
        <button type="button" className="btn btn-link" disabled={!canUndo} onClick={undo}>
          Undo
        </button>
        {opened.revision > 0 && (
          <>
            <button type="button" className="btn btn-link" disabled={busy} onClick={() => void copy()}>
              Copy
            </button>
            <button type="button" className="btn btn-link" disabled={busy || changed} onClick={() => void archive()}>
              {opened.archived ? 'Put back on offer' : 'Archive'}
            </button>
          </>
        )}
      </p>
    </section>
  );
}
