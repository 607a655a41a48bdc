import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { readRecording, saveCircuit, type BrakingZone, type Circuit, type RecordingPreview } from '../../api/client';
import { NumberField } from '../../shared/NumberField';
import { MendAgain, MendedSamples } from '../../shared/MendedSamples';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits, type Units } from '../../units/UnitContext';
import { typicalCircuit } from '../draft';
import { usePlan } from '../PlanContext';
import { ChoiceList } from './ChoiceList';
import { RibbonEditor } from './RibbonEditor';
import { useRange } from './useRange';
import { counted } from '../../shared/counted';

const describe = (circuit: Circuit, show: Units['show']) =>
  circuit.segments
    ? `${show(circuit.segments.reduce((sum, segment) => sum + segment.lengthM, 0) / 1000, 'km', 1)}, ${circuit.segments.filter((s) => s.radiusM).length} corners`
    : circuit.zones
      ? counted(circuit.zones.length, 'braking zones')
      : 'from a recording';

export function CircuitEditor() {
  const { show } = useUnits();
  const { shelf, draft, plan, change } = usePlan();
  if (!draft || !plan) return null;
  const withoutMap = [...shelf.typicalCircuits, ...shelf.provingGround];
  return (
    <div className="editor-columns">
      <RibbonEditor />
      <ChoiceList
        legend="Circuits on the shelf"
        choices={shelf.content.circuits.map((item) => ({ id: item.id, name: item.body.name, note: describe(item.body, show) }))}
        chosen={typeof draft.circuit === 'string' ? draft.circuit : null}
        onChoose={(circuit) => change((old) => ({ ...old, circuit }))}
      />
      <ChoiceList
        legend="Without a map"
        choices={withoutMap.map((circuit) => ({ id: circuit.name, name: circuit.name, note: describe(circuit, show) }))}
        chosen={typeof draft.circuit === 'string' ? null : draft.circuit.name}
        onChoose={(name) => {
          const circuit = withoutMap.find((item) => item.name === name);
          if (circuit) change((old) => ({ ...old, circuit }));
        }}
      />
      <ZoneTable />
      <RecordingDrop />
    </div>
  );
}

function ZoneTable() {
  const { plan, change } = usePlan();
  const range = useRange();
  if (!plan) return null;
  const own = plan.circuit.zones ? plan.circuit : null;
  const set = (zones: BrakingZone[]) =>
    change((old) => ({ ...old, circuit: { ...(own ?? typicalCircuit), name: own?.name ?? 'my braking zones', zones } }));
  if (!own?.zones) {
    return (
      <div>
        <h3>Or by braking zones</h3>
        <p className="note">Entry speed, exit speed, and seconds to the next braking point, as you drive them.</p>
        <button type="button" className="btn btn-outline-dark" onClick={() => set(typicalCircuit.zones ?? [])}>
          Write down braking zones
        </button>
      </div>
    );
  }
  const zones = own.zones;
  const bySpeedometer = (is: boolean) => change((old) => ({ ...old, circuit: { ...own, bySpeedometer: is } }));
  // Upon the zones as they stand then, which this page may not have drawn yet.
  const edit = (at: number, changes: Partial<BrakingZone>) =>
    change((old) => {
      const now = typeof old.circuit === 'string' ? own : old.circuit;
      return { ...old, circuit: { ...now, zones: (now.zones ?? zones).map((zone, i) => (i === at ? { ...zone, ...changes } : zone)) } };
    });
  return (
    <div className="zones">
      <h3>Braking zones, as driven</h3>
      <label className="check">
        <input type="checkbox" checked={own.bySpeedometer ?? false} onChange={(event) => bySpeedometer(event.target.checked)} /> read off
        the speedometer, which shows some 4 % too much
      </label>
      {zones.map((zone, i) => (
        <div className="zone" key={i}>
          <NumberField
            label={`Zone ${i + 1}: from`}
            value={zone.entryKmh}
            range={range('zone.entryKmh')}
            onChange={(entryKmh) => edit(i, { entryKmh })}
          />
          <NumberField label="down to" value={zone.exitKmh} range={range('zone.exitKmh')} onChange={(exitKmh) => edit(i, { exitKmh })} />
          <NumberField
            label="then, until the next"
            value={zone.secondsToNext}
            range={range('zone.secondsToNext')}
            onChange={(secondsToNext) => edit(i, { secondsToNext })}
          />
          <button
            type="button"
            className="btn btn-link"
            disabled={zones.length < 2}
            onClick={() => set(zones.filter((_, j) => j !== i))}
            aria-label={`Remove zone ${i + 1}`}
          >
            remove
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-outline-dark"
        onClick={() => set([...zones, { entryKmh: 130, exitKmh: 80, secondsToNext: 15 }])}
      >
        One more zone
      </button>
    </div>
  );
}

function RecordingDrop() {
  const { change } = usePlan();
  const { show } = useUnits();
  const queries = useQueryClient();
  const [over, setOver] = useState(false);
  const [state, setState] = useState<{ name: string; file?: File; preview?: RecordingPreview; error?: Error; busy?: boolean } | null>(null);

  const read = async (file: File, mend = false) => {
    const name = file.name.replace(/\.[^.]*$/, '').slice(0, 60) || 'recording';
    setState({ name, busy: true });
    try {
      setState({ name, preview: await readRecording(name, await file.text(), mend) });
    } catch (error) {
      setState({ name, file, error: error as Error });
    }
  };
  const use = async (preview: RecordingPreview) => {
    const id = `own-${Date.now().toString(36)}`;
    try {
      await saveCircuit(id, 0, preview.circuit);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
      change((old) => ({ ...old, circuit: id }));
    } catch (error) {
      setState({ name: preview.circuit.name, error: error as Error });
    }
  };

  return (
    <div>
      <h3>Or from a recording</h3>
      <label
        className={over ? 'drop over' : 'drop'}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(event) => {
          event.preventDefault();
          setOver(false);
          const file = event.dataTransfer.files[0];
          if (file) void read(file);
        }}
      >
        Drop a CSV with time_s and speed_kmh or a GPX 1.1 track here, or pick one
        <input
          type="file"
          accept=".csv,.gpx,text/csv,application/gpx+xml"
          onChange={(event) => event.target.files?.[0] && void read(event.target.files[0])}
        />
      </label>
      {state?.busy && <p className="note">Reading {state.name}…</p>}
      {state?.error && <ProblemNote error={state.error} />}
      {state?.file && <MendAgain error={state.error} onMend={() => state.file && void read(state.file, true)} />}
      {state?.preview && (
        <div className="found" role="status">
          <p>
            {state.preview.circuit.name}: {show(state.preview.lengthM / 1000, 'km', 2)} in {state.preview.durationS.toFixed(1)} s, top{' '}
            {show(state.preview.topKmh, 'km/h')}, {state.preview.zones.length} braking zones found.
          </p>
          <MendedSamples samples={state.preview.mended} />
          <button type="button" className="btn btn-dark" onClick={() => state.preview && void use(state.preview)}>
            Drive this lap
          </button>
        </div>
      )}
    </div>
  );
}
