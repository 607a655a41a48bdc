import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { saveCircuit, type PredictionPlan } from '../../api/client';
import { readColumns, readDriven, saveSession, type ColumnsPreview, type RecordingColumns } from '../../api/log';
import { rangeOf } from '../../api/ranges';
import { newId, today } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';
import { MendAgain, MendedSamples } from '../../shared/MendedSamples';
import { ProblemNote } from '../../shared/ProblemNote';
import { SelectField } from '../../shared/SelectField';
import { useUnits } from '../../units/UnitContext';
import { LapTable } from './LapTable';
import { ZoneTable } from './ZoneTable';

const mostBytes = 8_000_000;
const none = '';
const longestMin = rangeOf('stint.minutesEach').max;

interface Opened {
  name: string;
  text: string;
  /** Null for GPX, which needs no telling. */
  preview: ColumnsPreview | null;
}

/** A recording of a day: which column is which, a look at it, then lap by lap against the prediction. */
export function Recorded({ car, plan }: { car: string; plan: PredictionPlan }) {
  const { change } = usePlan();
  const { show, told } = useUnits();
  const queries = useQueryClient();
  const [columns, setColumns] = useState<RecordingColumns | null>(null);
  const open = useMutation({
    mutationFn: async (file: File): Promise<Opened> => {
      if (file.size > mostBytes) throw new Error(`The file has ${(file.size / 1e6).toFixed(1)} MB; a recording has at most 8 MB.`);
      const text = await file.text();
      const preview = text.trimStart().startsWith('<') ? null : await readColumns(text);
      setColumns(preview && (preview.guess ?? { time: preview.columns[0]!, speed: preview.columns[1] ?? preview.columns[0]! }));
      return { name: file.name.replace(/\.[^.]*$/, '').slice(0, 60) || 'recording', text, preview };
    },
  });
  const read = useMutation({ mutationFn: async (mend: boolean) => readDriven(plan, open.data!.name, open.data!.text, columns, mend) });
  const keep = useMutation({
    mutationFn: async () => {
      const id = `own-${Date.now().toString(36)}`;
      await saveCircuit(id, 0, read.data!.circuit);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
      change((old) => ({ ...old, circuit: id }));
    },
  });
  const note = useMutation({
    mutationFn: async () => {
      const driven = read.data!;
      const seen = driven.laps.flatMap((lap) => lap.measuredC ?? []);
      const stint = { ...plan.stint, sessions: 1, minutesEach: Math.min(longestMin, Math.max(1, Math.round(driven.durationS / 60))) };
      await saveSession(car, {
        id: newId(),
        day: today(),
        revision: 0,
        body: {
          date: today(),
          sessions: 1,
          laps: driven.laps.length,
          plan: { ...plan, circuit: driven.circuit, stint },
          pedal: 'unsaid',
          seen: seen.length > 0 ? [{ kind: 'rotorPeak', rear: false, value: Math.max(...seen) }] : [],
        },
      });
    },
    onSettled: () => queries.invalidateQueries({ queryKey: ['log', car] }),
  });
  const edit = (changes: Partial<RecordingColumns>) => setColumns((old) => old && { ...old, ...changes });
  const preview = open.data?.preview;
  const names = (preview?.columns ?? []).map((name) => ({ value: name, label: name }));
  const orNone = [{ value: none, label: 'not recorded' }, ...names];
  const day = read.data;
  return (
    <section aria-label="Recorded day" className="recorded">
      <header className="section-head">
        <h2>Recorded day</h2>
        <span className="section-note">speed, and a front rotor’s face if a sensor looks at it: CSV with any columns, or GPX 1.1</span>
      </header>
      <label className="field">
        Recording of a day with what the sentence above says is fitted
        <input
          type="file"
          accept=".csv,.txt,.gpx,text/csv,application/gpx+xml"
          className="form-control"
          onChange={(event) => {
            const file = event.target.files?.[0];
            read.reset();
            if (file) open.mutate(file);
          }}
        />
      </label>
      {open.error && <ProblemNote error={open.error} />}
      {preview && columns && (
        <>
          <div className="paddock-row">
            <SelectField label="Time, in seconds" value={columns.time} options={names} onChange={(time) => edit({ time })} />
            <SelectField label="Speed" value={columns.speed} options={names} onChange={(speed) => edit({ speed })} />
            <SelectField
              label="Speed is in"
              value={columns.speedUnit ?? 'kmh'}
              options={[
                { value: 'kmh', label: 'km/h' },
                { value: 'metresPerSecond', label: 'm/s' },
                { value: 'mph', label: 'mph' },
              ]}
              onChange={(speedUnit) => edit({ speedUnit })}
            />
            <SelectField
              label="Front rotor’s face"
              value={columns.rotor ?? none}
              options={orNone}
              onChange={(rotor) => edit({ rotor: rotor || null })}
            />
            {columns.rotor && (
              <SelectField
                label="It is in"
                value={columns.rotorUnit ?? 'celsius'}
                options={[
                  { value: 'celsius', label: '°C' },
                  { value: 'fahrenheit', label: '°F' },
                ]}
                onChange={(rotorUnit) => edit({ rotorUnit })}
              />
            )}
            <SelectField
              label="Lap"
              value={columns.lap ?? none}
              options={[{ value: none, label: 'by distance' }, ...names]}
              onChange={(lap) => edit({ lap: lap || null })}
            />
          </div>
          <div className="scroll-x">
            <table className="facts">
              <thead>
                <tr>
                  {preview.columns.map((name) => (
                    <th key={name}>{name}</th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {preview.firstRows.map((row, i) => (
                  <tr key={i}>
                    {row.map((field, j) => (
                      <td key={j}>{field.slice(0, 24)}</td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
      {open.data && (
        <button type="button" className="btn btn-outline-dark" disabled={read.isPending} onClick={() => read.mutate(false)}>
          {read.isPending ? 'Driving it again…' : 'Set it against the prediction'}
        </button>
      )}
      {read.error && <ProblemNote error={read.error} />}
      <MendAgain error={read.error} busy={read.isPending} onMend={() => read.mutate(true)} />
      {day && (
        <div role="status">
          <p>
            <b>{told(day.verdict)}</b> {show(day.lengthM / 1000, 'km', 1)} in {(day.durationS / 60).toFixed(0)} min, up to{' '}
            {show(day.topKmh, 'km/h')}. Predicted for this very driving, with brakes as cold as the air at the first sample.
          </p>
          <MendedSamples samples={day.mended} />
          <div className="scroll-x" role="group" aria-label="Laps and zones" tabIndex={0}>
            <LapTable laps={day.laps} />
            <ZoneTable zones={day.zones} />
          </div>
          <button type="button" className="btn btn-link" disabled={keep.isPending || keep.isSuccess} onClick={() => keep.mutate()}>
            {keep.isSuccess ? 'It is the plan’s circuit now' : 'Make its fastest lap the plan’s circuit'}
          </button>
          <button type="button" className="btn btn-link" disabled={note.isPending || note.isSuccess} onClick={() => note.mutate()}>
            {note.isSuccess ? 'Written down: correct its day below' : 'Write this day into the log'}
          </button>
          {(keep.error ?? note.error) && <ProblemNote error={(keep.error ?? note.error)!} />}
        </div>
      )}
    </section>
  );
}
