import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { compareTraces } from '../../api/log';
import { MendAgain, MendedSamples } from '../../shared/MendedSamples';
import { ProblemNote } from '../../shared/ProblemNote';
import { DataTable } from '../../shared/DataTable';
import { useUnits } from '../../units/UnitContext';

const mostBytes = 8_000_000;

/** Two recordings of one road side by side: that is how a pad is proved. */
export function Traces() {
  const { show } = useUnits();
  const [files, setFiles] = useState<[File | null, File | null]>([null, null]);
  const compare = useMutation({
    mutationFn: async (mend: boolean) => {
      const [first, second] = files as [File, File];
      for (const file of [first, second])
        if (file.size > mostBytes)
          throw new Error(`${file.name.slice(0, 60)} has ${(file.size / 1e6).toFixed(1)} MB; a recording has at most 8 MB.`);
      return compareTraces(await first.text(), await second.text(), mend);
    },
  });
  const pick = (place: 0 | 1, label: string) => (
    <label className="field">
      {label}
      <input
        type="file"
        accept=".csv,.gpx,text/csv,application/gpx+xml"
        className="form-control"
        onChange={(event) =>
          setFiles(files.map((old, i) => (i === place ? (event.target.files?.[0] ?? null) : old)) as [File | null, File | null])
        }
      />
    </label>
  );
  const answer = compare.data;
  return (
    <section aria-label="Two recordings" className="traces">
      <header className="section-head">
        <h2>Two recordings</h2>
        <span className="section-note">before and after a change, on the same road: CSV (time_s, speed_kmh) or GPX 1.1</span>
      </header>
      <div className="paddock-row">
        {pick(0, 'Before')}
        {pick(1, 'After')}
        <button
          type="button"
          className="btn btn-outline-dark"
          disabled={!files[0] || !files[1] || compare.isPending}
          onClick={() => compare.mutate(false)}
        >
          Compare
        </button>
      </div>
      {compare.error && <ProblemNote error={compare.error} />}
      <MendAgain error={compare.error} busy={compare.isPending} onMend={() => compare.mutate(true)} />
      {answer && (
        <>
          <DataTable
            columns={['Zone at', 'Entry', 'Deceleration', 'Between equal speeds', 'Gained']}
            rows={answer.zones.map((zone) => ({
              key: zone.atM,
              head: show(zone.atM, 'm'),
              cells: [
                `${show(zone.entryFirstKmh, 'km/h')} → ${show(zone.entrySecondKmh, 'km/h')}`,
                `${zone.firstG.toFixed(2)} → ${zone.secondG.toFixed(2)} g`,
                `${show(zone.firstM, 'm', 1)} → ${show(zone.secondM, 'm', 1)}`,
                `${zone.gainedS >= 0 ? '+' : '−'}${Math.abs(zone.gainedS).toFixed(2)} s`,
              ],
            }))}
          />
          <MendedSamples samples={answer.mended} />
          <p className="note">
            As recorded: no band but the recorder’s own. {answer.unpaired > 0 && `${answer.unpaired} zones stand in one recording only.`}
          </p>
        </>
      )}
    </section>
  );
}
