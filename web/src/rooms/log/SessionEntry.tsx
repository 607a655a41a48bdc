import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ApiProblem, type PredictionPlan } from '../../api/client';
import { addPhoto, saveSession, type Entry, type Finding, type LogSession, type PaintKit } from '../../api/log';
import { usePlan } from '../../plan/PlanContext';
import { ConflictNote } from '../../shared/ConflictNote';
import { DayField } from '../../shared/DayField';
import { KeptNote } from '../../shared/KeptNote';
import { LeaveForm } from '../../shared/LeaveForm';
import { NumberField } from '../../shared/NumberField';
import { ProblemNote } from '../../shared/ProblemNote';
import { useKept } from '../../shared/useKept';
import { useUnits } from '../../units/UnitContext';
import { dayDiffers, dayOf, sessionOf, type DayDraft } from './dayDraft';
import { Findings } from './Findings';
import { KitRow } from './KitRow';
import { jpegOf } from './photo';
import { useLogRange } from './useLogRange';
import { SessionMore } from './SessionMore';
import { usePhotos } from './usePhotos';
import { pedals, signs } from './words';

/** A day at the track, in thirty seconds and with cold fingers: big targets, nothing that must be typed. */
export function SessionEntry({
  car,
  plan,
  paints,
  stickers,
  editing,
  entry,
  stored,
  onDone,
}: {
  car: string;
  plan: PredictionPlan;
  paints: PaintKit;
  stickers: PaintKit;
  /** The id of the day that is corrected; none for a new one. */
  editing?: string;
  /** That day as it is stored; none where it was deleted elsewhere. */
  entry?: Entry<LogSession>;
  /** What is stored under an id: also a new day's, once its answer was lost on the way. */
  stored?: (id: string) => Entry<LogSession> | undefined;
  onDone: () => void;
}) {
  const queries = useQueryClient();
  const range = useLogRange();
  const { shelf } = usePlan();
  const { show, told } = useUnits();
  const first = () => dayOf(entry, plan, paints, stickers);
  const kept = useKept(editing ? `day:${car}:${editing}` : `day:${car}`, first);
  const draft = kept.now;
  const planned = entry?.body.plan ?? plan;
  const set = (changes: Partial<DayDraft>) => kept.set((old) => ({ ...old, ...changes }));
  const [photos, setPhotos] = usePhotos(draft.id);
  const [findings, setFindings] = useState<Finding[] | null>(null);
  const there = stored?.(draft.id) ?? entry;
  const theirs = there && there.revision !== draft.revision ? there : undefined;
  const gone = editing !== undefined && !entry;
  const save = useMutation({
    mutationFn: async (revision: number) => {
      const { id, day } = draft;
      const logged = await saveSession(car, { id, day, revision, body: sessionOf(draft, planned, paints, stickers) });
      // What is stored is the start of what is added to it: a photo that fails leaves an entry to be saved again.
      if (photos.length > 0) set({ revision: logged.revision });
      for (const photo of photos) await addPhoto(id, photo.name.slice(0, 80), await jpegOf(photo));
      return logged;
    },
    onSuccess: (logged) => {
      kept.forget();
      setPhotos([]);
      setFindings(logged.findings);
    },
    onSettled: () => queries.invalidateQueries({ queryKey: ['log', car] }),
  });
  const throwAway = () => {
    setPhotos([]);
    kept.forget(first());
  };
  const { weather, signs: noticed } = draft;
  if (findings)
    return (
      <section aria-label="Stop or go" className="stop-or-go">
        <h2>Stop or go</h2>
        <Findings findings={findings} />
        <button type="button" className="btn btn-dark" onClick={onDone}>
          Done
        </button>
      </section>
    );
  return (
    <section aria-label="A day at the track" className="paddock">
      <h2>{editing ? 'Correct the day' : 'A day at the track'}</h2>
      <p className="note">{planned.circuit.name}, with the parts in the sentence above.</p>
      <KeptNote takenUp={kept.takenUp} onThrow={throwAway} />
      <div className="paddock-row">
        <DayField day={draft.day} onChange={(day) => set({ day })} />
        <div className="stepper" role="group" aria-label="Sessions">
          <span>Sessions</span>
          <button type="button" aria-label="One session less" onClick={() => set({ sessions: Math.max(1, draft.sessions - 1) })}>
            −
          </button>
          <output>{draft.sessions}</output>
          <button type="button" aria-label="One session more" onClick={() => set({ sessions: Math.min(10, draft.sessions + 1) })}>
            +
          </button>
        </div>
        <div className="stepper" role="group" aria-label="Hot laps">
          <span>Hot laps</span>
          <button type="button" aria-label="Five laps less" onClick={() => set({ laps: Math.max(0, draft.laps - 5) })}>
            −
          </button>
          <output>{draft.laps}</output>
          <button type="button" aria-label="Five laps more" onClick={() => set({ laps: Math.min(400, draft.laps + 5) })}>
            +
          </button>
        </div>
      </div>
      <div className="paddock-row">
        <div className="stepper" role="group" aria-label="Air">
          <span>Air</span>
          <button
            type="button"
            aria-label="Two degrees cooler"
            onClick={() => set({ weather: { ...weather, ambientC: Math.max(-20, weather.ambientC - 2) } })}
          >
            −
          </button>
          <output>{show(weather.ambientC, 'C')}</output>
          <button
            type="button"
            aria-label="Two degrees warmer"
            onClick={() => set({ weather: { ...weather, ambientC: Math.min(50, weather.ambientC + 2) } })}
          >
            +
          </button>
        </div>
        <button
          type="button"
          className={weather.rain ? 'kit-mark chosen' : 'kit-mark'}
          aria-pressed={weather.rain ?? false}
          onClick={() => set({ weather: { ...weather, rain: !weather.rain } })}
        >
          rain
        </button>
        <fieldset className="kit-row">
          <legend>Pace</legend>
          {shelf.paces.map((item) => (
            <button
              key={item.code}
              type="button"
              className={item.code === draft.pace ? 'kit-mark chosen' : 'kit-mark'}
              aria-pressed={item.code === draft.pace}
              onClick={() => set({ pace: item.code })}
            >
              {told(item.name)}
            </button>
          ))}
        </fieldset>
      </div>
      <KitRow kit={paints} label="Front rotor’s paints" gone={draft.frontPaint} onChange={(frontPaint) => set({ frontPaint })} />
      <KitRow
        kit={stickers}
        label="Front caliper’s stickers"
        gone={draft.frontSticker}
        onChange={(frontSticker) => set({ frontSticker })}
      />
      <fieldset className="kit-row">
        <legend>Pedal</legend>
        {pedals.map((item) => (
          <button
            key={item.value}
            type="button"
            className={item.value === draft.pedal ? 'kit-mark chosen' : 'kit-mark'}
            aria-pressed={item.value === draft.pedal}
            onClick={() => set({ pedal: item.value })}
          >
            {item.label}
          </button>
        ))}
      </fieldset>
      {(draft.pedal === 'softHot' || draft.pedal === 'sinks') && (
        <p className="step-caution">
          {draft.pedal === 'sinks'
            ? 'Stop driving: a pedal that sinks is a leak or a worn cylinder.'
            : 'It may feel firm again when cold: bleed before the next drive.'}
        </p>
      )}
      {draft.pedal === 'softHot' && (
        <NumberField
          label="Soft from lap"
          hint="of its session, if you know"
          value={draft.pedalLap}
          range={{ ...range('observation.lap'), min: 1 }}
          onChange={(lap) => set({ pedalLap: Math.round(lap) })}
          onClear={() => set({ pedalLap: undefined })}
        />
      )}
      <fieldset className="kit-row">
        <legend>Noticed</legend>
        {signs.map((item) => (
          <button
            key={item.value}
            type="button"
            className={noticed.includes(item.value) ? 'kit-mark chosen' : 'kit-mark'}
            aria-pressed={noticed.includes(item.value)}
            onClick={() =>
              set({ signs: noticed.includes(item.value) ? noticed.filter((sign) => sign !== item.value) : [...noticed, item.value] })
            }
          >
            {item.label}
          </button>
        ))}
      </fieldset>
      <SessionMore draft={draft} set={set} paints={paints} onPhotos={setPhotos} />
      {(theirs || gone) && (
        <ConflictNote
          name={`The day at ${planned.circuit.name}`}
          saved={theirs?.saved}
          gone={gone}
          differs={theirs && dayDiffers(draft, dayOf(theirs, plan, paints, stickers))}
          busy={save.isPending}
          onTheirs={() => {
            setPhotos([]);
            kept.forget(theirs && dayOf(theirs, plan, paints, stickers));
            if (gone) onDone();
          }}
          onMine={() => {
            set({ revision: theirs?.revision ?? 0 });
            save.mutate(theirs?.revision ?? 0);
          }}
        />
      )}
      {save.error && !((theirs || gone) && save.error instanceof ApiProblem && save.error.status === 409) && (
        <ProblemNote error={save.error} />
      )}
      <p className="paddock-do">
        <button
          type="button"
          className="btn btn-dark"
          disabled={save.isPending || gone || !!theirs || draft.day === ''}
          onClick={() => save.mutate(draft.revision)}
        >
          Write it down
        </button>
        <LeaveForm unsaved={kept.unsaved || photos.length > 0} onLeave={onDone} onThrow={throwAway} />
      </p>
    </section>
  );
}
