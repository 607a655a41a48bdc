import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { PredictionPlan } from '../../api/client';
import { addPhoto, saveSession, type Entry, type Finding, type LogSession, type PaintKit } from '../../api/log';
import { newId, today } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';
import { NumberField } from '../../shared/NumberField';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';
import { Findings } from './Findings';
import { KitRow } from './KitRow';
import { jpegOf } from './photo';
import { useLogRange } from './useLogRange';
import { pedals, signs } from './words';

type Gone = number | null;
const after = (kit: PaintKit, gone: Gone) =>
  gone === null
    ? undefined
    : { aboveC: gone > 0 ? kit.marks[gone - 1]!.celsius : null, belowC: gone < kit.marks.length ? kit.marks[gone]!.celsius : null };
const goneOf = (kit: PaintKit, seen: LogSession['frontPaint']): Gone =>
  !seen ? null : seen.aboveC == null ? 0 : kit.marks.findIndex((mark) => mark.celsius === seen.aboveC) + 1 || null;

/** A day at the track, in thirty seconds and with cold fingers: big targets, nothing that must be typed. */
export function SessionEntry({
  car,
  plan,
  paints,
  stickers,
  entry,
  onDone,
}: {
  car: string;
  plan: PredictionPlan;
  paints: PaintKit;
  stickers: PaintKit;
  entry?: Entry<LogSession>;
  onDone: () => void;
}) {
  const queries = useQueryClient();
  const range = useLogRange();
  const { shelf } = usePlan();
  const { show, told } = useUnits();
  const old = entry?.body;
  const [id] = useState(entry?.id ?? newId());
  const [day, setDay] = useState(entry?.day ?? today());
  const [sessions, setSessions] = useState(old?.sessions ?? plan.stint.sessions ?? 1);
  const planned = old?.plan ?? plan;
  const [pace, setPace] = useState(planned.pace);
  const [weather, setWeather] = useState(planned.weather);
  const [laps, setLaps] = useState(old?.laps ?? 0);
  const [frontPaint, setFrontPaint] = useState<Gone>(goneOf(paints, old?.frontPaint));
  const [rearPaint, setRearPaint] = useState<Gone>(goneOf(paints, old?.rearPaint));
  const [frontSticker, setFrontSticker] = useState<Gone>(goneOf(stickers, old?.frontSticker));
  const [pedal, setPedal] = useState<LogSession['pedal']>(old?.pedal ?? 'unsaid');
  const [pedalLap, setPedalLap] = useState<number | undefined>(old?.pedalLap ?? undefined);
  const [noticed, setNoticed] = useState<NonNullable<LogSession['signs']>>(old?.signs ?? []);
  const [fluidLevelMm, setLevel] = useState<number | undefined>(old?.fluidLevelMm ?? undefined);
  const [pressureBar, setPressure] = useState<number | undefined>(old?.pressureBar ?? undefined);
  const [reading, setReading] = useState<{ c?: number; minutes?: number }>({
    c: old?.readingC ?? undefined,
    minutes: old?.readingMinutes ?? undefined,
  });
  const [note, setNote] = useState(old?.note ?? '');
  const [photos, setPhotos] = useState<File[]>([]);
  const [findings, setFindings] = useState<Finding[] | null>(null);
  const save = useMutation({
    mutationFn: async () => {
      const body: LogSession = {
        date: day,
        sessions,
        laps,
        plan: { ...planned, pace, weather },
        frontPaint: after(paints, frontPaint),
        rearPaint: after(paints, rearPaint),
        frontSticker: after(stickers, frontSticker),
        pedal,
        pedalLap: pedal === 'softHot' ? pedalLap : undefined,
        signs: noticed,
        fluidLevelMm,
        pressureBar,
        readingC: reading.c,
        readingMinutes: reading.minutes,
        note: note || undefined,
      };
      const logged = await saveSession(car, { id, day, revision: entry?.revision ?? 0, body });
      for (const photo of photos) await addPhoto(id, photo.name.slice(0, 80), await jpegOf(photo));
      return logged;
    },
    onSuccess: (logged) => {
      setFindings(logged.findings);
      setPhotos([]);
    },
    onSettled: () => queries.invalidateQueries({ queryKey: ['log', car] }),
  });
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
      <h2>{entry ? 'Correct the day' : 'A day at the track'}</h2>
      <p className="note">{planned.circuit.name}, with the parts in the sentence above.</p>
      <div className="paddock-row">
        <label className="field">
          Day
          <input type="date" className="form-control" value={day} max={today()} onChange={(event) => setDay(event.target.value)} />
        </label>
        <div className="stepper" role="group" aria-label="Sessions">
          <span>Sessions</span>
          <button type="button" aria-label="One session less" onClick={() => setSessions(Math.max(1, sessions - 1))}>
            −
          </button>
          <output>{sessions}</output>
          <button type="button" aria-label="One session more" onClick={() => setSessions(Math.min(10, sessions + 1))}>
            +
          </button>
        </div>
        <div className="stepper" role="group" aria-label="Hot laps">
          <span>Hot laps</span>
          <button type="button" aria-label="Five laps less" onClick={() => setLaps(Math.max(0, laps - 5))}>
            −
          </button>
          <output>{laps}</output>
          <button type="button" aria-label="Five laps more" onClick={() => setLaps(Math.min(400, laps + 5))}>
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
            onClick={() => setWeather({ ...weather, ambientC: Math.max(-20, weather.ambientC - 2) })}
          >
            −
          </button>
          <output>{show(weather.ambientC, 'C')}</output>
          <button
            type="button"
            aria-label="Two degrees warmer"
            onClick={() => setWeather({ ...weather, ambientC: Math.min(50, weather.ambientC + 2) })}
          >
            +
          </button>
        </div>
        <button
          type="button"
          className={weather.rain ? 'kit-mark chosen' : 'kit-mark'}
          aria-pressed={weather.rain ?? false}
          onClick={() => setWeather({ ...weather, rain: !weather.rain })}
        >
          rain
        </button>
        <fieldset className="kit-row">
          <legend>Pace</legend>
          {shelf.paces.map((item) => (
            <button
              key={item.code}
              type="button"
              className={item.code === pace ? 'kit-mark chosen' : 'kit-mark'}
              aria-pressed={item.code === pace}
              onClick={() => setPace(item.code)}
            >
              {told(item.name)}
            </button>
          ))}
        </fieldset>
      </div>
      <KitRow kit={paints} label="Front rotor’s paints" gone={frontPaint} onChange={setFrontPaint} />
      <KitRow kit={stickers} label="Front caliper’s stickers" gone={frontSticker} onChange={setFrontSticker} />
      <fieldset className="kit-row">
        <legend>Pedal</legend>
        {pedals.map((item) => (
          <button
            key={item.value}
            type="button"
            className={item.value === pedal ? 'kit-mark chosen' : 'kit-mark'}
            aria-pressed={item.value === pedal}
            onClick={() => setPedal(item.value)}
          >
            {item.label}
          </button>
        ))}
      </fieldset>
      {(pedal === 'softHot' || pedal === 'sinks') && (
        <p className="step-caution">
          {pedal === 'sinks'
            ? 'Stop driving: a pedal that sinks is a leak or a worn cylinder.'
            : 'It may feel firm again when cold: bleed before the next drive.'}
        </p>
      )}
      {pedal === 'softHot' && (
        <NumberField
          label="Soft from lap"
          hint="of its session, if you know"
          value={pedalLap}
          range={{ ...range('observation.lap'), min: 1 }}
          onChange={(lap) => setPedalLap(Math.round(lap))}
          onClear={() => setPedalLap(undefined)}
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
              setNoticed(noticed.includes(item.value) ? noticed.filter((sign) => sign !== item.value) : [...noticed, item.value])
            }
          >
            {item.label}
          </button>
        ))}
      </fieldset>
      <details>
        <summary>More: rear paints, readings, fluid level, photos, a note</summary>
        <KitRow kit={paints} label="Rear rotor’s paints" gone={rearPaint} onChange={setRearPaint} />
        <div className="field-grid">
          <NumberField
            label="Front rotor read"
            hint="in the paddock"
            value={reading.c}
            range={range('session.readingC')}
            onChange={(c) => setReading({ ...reading, c })}
            onClear={() => setReading({ ...reading, c: undefined })}
          />
          <NumberField
            label="Minutes after stopping"
            value={reading.minutes}
            range={range('session.readingMinutes')}
            onChange={(minutes) => setReading({ ...reading, minutes })}
            onClear={() => setReading({ ...reading, minutes: undefined })}
          />
          <NumberField
            label="Fluid below the upper mark"
            hint="do not top up without a leak"
            value={fluidLevelMm}
            range={range('session.fluidLevelMm')}
            onChange={setLevel}
            onClear={() => setLevel(undefined)}
          />
          <NumberField
            label="Highest line pressure"
            value={pressureBar}
            range={range('session.pressureBar')}
            onChange={setPressure}
            onClear={() => setPressure(undefined)}
          />
        </div>
        <label className="field">
          Photos (they stay on this machine; place and time are taken out)
          <input
            type="file"
            accept="image/*"
            multiple
            className="form-control"
            onChange={(event) => setPhotos([...(event.target.files ?? [])].slice(0, 8))}
          />
        </label>
        <label className="field">
          Note
          <textarea className="form-control" rows={3} maxLength={2000} value={note} onChange={(event) => setNote(event.target.value)} />
        </label>
      </details>
      {save.error && <ProblemNote error={save.error} />}
      <p className="paddock-do">
        <button type="button" className="btn btn-dark" disabled={save.isPending} onClick={() => save.mutate()}>
          Write it down
        </button>
        <button type="button" className="btn btn-link" onClick={onDone}>
          Leave it
        </button>
      </p>
    </section>
  );
}
