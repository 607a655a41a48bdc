import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { type CurvePoint, type DynamometerStop, type Pad } from '../../api/client';
import { readFriction, readPad, runDynamometer } from '../../api/shelf';
import { CurveEditor } from '../../charts/CurveEditor';
import { Digitizer } from '../../charts/Digitizer';
import { useRange } from '../../plan/editors/useRange';
import { usePlan } from '../../plan/PlanContext';
import { NumberField } from '../../shared/NumberField';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';

const mostBytes = 1_000_000;

/** The friction curve of a pad: drawn, typed, imported, measured or traced from a picture. */
export function PadCurve({ pad, onChange }: { pad: Pad; onChange: (pad: Pad, run: string) => void }) {
  const { shelf } = usePlan();
  const { show, told } = useUnits();
  const range = useRange();
  const [chosen, setChosen] = useState<number | null>(null);
  const [stops, setStops] = useState<{ stops: DynamometerStop[]; scatterMu: number } | null>(null);
  const [digitizing, setDigitizing] = useState(false);
  const [problem, setProblem] = useState<Error | null>(null);
  const [said, setSaid] = useState('');
  const family = shelf.padFamilies.find((row) => row.code === pad.family);
  const typical = !pad.curve;
  const points = pad.curve ?? family?.curve ?? [];
  const reading = useQuery({
    queryKey: ['reading', pad],
    queryFn: ({ signal }) => readPad(pad, signal),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  const setCurve = (curve: CurvePoint[], run = '') => onChange({ ...pad, curve }, run);
  const take = async (text: string, from: string) => {
    try {
      const file = await readFriction(text);
      setProblem(null);
      setStops(file.stops && file.scatterMu != null ? { stops: file.stops, scatterMu: file.scatterMu } : null);
      onChange({ ...pad, curve: file.points, basis: file.stops ? 'initialEmbedded' : pad.basis }, '');
      setSaid(
        file.stops
          ? `${from}: a curve through ${file.stops.length} stops, which scatter by ±${(file.scatterMu ?? 0).toFixed(3)} about it. Its temperature is that before the stop.`
          : `${from}: ${file.points.length} points.`,
      );
      setChosen(null);
    } catch (error) {
      setProblem(error as Error);
    }
  };
  const open = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > mostBytes)
      return setProblem(new Error(`${file.name.slice(0, 60)} has ${(file.size / 1e6).toFixed(1)} MB; a curve has at most 1 MB.`));
    await take(await file.text(), file.name.slice(0, 60));
  };
  const point = chosen === null || typical ? undefined : points[chosen];
  const read = reading.data;
  return (
    <section aria-label="Friction curve">
      <header className="section-head">
        <h3>Friction curve</h3>
        <span className="section-note">
          {typical
            ? 'typical of its family, with a wide band; enter the pad’s own chart when you have it'
            : 'drag a point; double-click for a new one; arrow keys move, + adds, Delete removes'}
        </span>
      </header>
      <CurveEditor
        points={points}
        typical={typical}
        reading={read}
        stops={stops?.stops}
        chosen={chosen}
        onChoose={setChosen}
        onChange={setCurve}
      />
      {reading.error ? (
        <ProblemNote error={reading.error} />
      ) : (
        read && (
          <p className="curve-says">
            Works from <b>{show(read.band.fromC, 'C')}</b> to <b>{show(read.band.toC, 'C')}</b>
            {read.band.stated ? ', as its maker says' : ', where friction stays at nine tenths of its best'}
            {read.bandSpreadK > 0 && `; either edge ±${show(read.bandSpreadK, 'K')}`}. Best friction {read.band.plateauMu.toFixed(2)} ±{' '}
            {read.muSpread.toFixed(2)}. {read.letters && `A curve like this earns the edge code ${read.letters}. `}
            {read.edgeCode && <span>{told(read.edgeCode)} </span>}
            {!read.edgeCodeFits && <strong className="bad">The pad’s edge code and this curve do not fit together: check both.</strong>}
          </p>
        )
      )}
      {read && (
        <table className="facts mu-at">
          <tbody>
            {read.at.map((at) => (
              <tr key={at.celsius}>
                <th scope="row">
                  {told(at.what)}, {show(at.celsius, 'C')}
                </th>
                <td>{at.mu == null ? 'beyond its chart: counts as faded' : `µ ${at.mu.toFixed(2)} ± ${read.muSpread.toFixed(2)}`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {typical ? (
        <p>
          <button type="button" className="btn btn-outline-dark" onClick={() => setCurve(points)}>
            Start from the family’s curve
          </button>
        </p>
      ) : (
        <details open={point !== undefined}>
          <summary>{point ? `Point ${chosen! + 1}` : 'Points as figures'}</summary>
          <div className="field-grid curve-points">
            {points.map((item, i) => (
              <div key={i} className={i === chosen ? 'curve-row current' : 'curve-row'}>
                <NumberField
                  label={`Point ${i + 1}`}
                  value={item.temperatureC}
                  range={{
                    ...range('curve.temperatureC'),
                    min: (points[i - 1]?.temperatureC ?? range('curve.temperatureC').min - 1) + 1,
                    max: (points[i + 1]?.temperatureC ?? range('curve.temperatureC').max + 1) - 1,
                  }}
                  onChange={(temperatureC) =>
                    setCurve(
                      points.map((old, j) => (i === j ? { ...old, temperatureC } : old)),
                      `temperature ${i}`,
                    )
                  }
                />
                <NumberField
                  label="Friction"
                  value={item.mu}
                  range={range('curve.mu')}
                  onChange={(mu) =>
                    setCurve(
                      points.map((old, j) => (i === j ? { ...old, mu } : old)),
                      `mu ${i}`,
                    )
                  }
                />
                <button
                  type="button"
                  className="btn btn-link"
                  disabled={points.length <= 2}
                  aria-label={`Remove point ${i + 1}`}
                  onClick={() => setCurve(points.filter((_, j) => j !== i))}
                >
                  Remove
                </button>
              </div>
            ))}
          </div>
          <button type="button" className="btn btn-link" onClick={() => onChange({ ...pad, curve: undefined }, '')}>
            Forget the chart, use the family’s
          </button>
        </details>
      )}
      <p className="curve-from">
        <label className="btn btn-outline-dark">
          From a CSV file
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="visually-hidden"
            onChange={(event) => {
              void open(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </label>
        <button
          type="button"
          className="btn btn-link"
          onClick={() => void runDynamometer(1 + Math.floor(Math.random() * 1_000_000)).then((csv) => take(csv, 'Simulated dynamometer'))}
        >
          Try a simulated dynamometer
        </button>
        <button type="button" className="btn btn-link" aria-expanded={digitizing} onClick={() => setDigitizing(!digitizing)}>
          Trace a printed chart
        </button>
      </p>
      <p className="note">
        CSV: <code>temperature_c,mu</code> for a curve, <code>initial_temperature_c,mean_mu</code> for a dynamometer’s stops;{' '}
        <code>_f</code> for Fahrenheit.
      </p>
      <p role="status" className="note">
        {said}
      </p>
      {problem && <ProblemNote error={problem} />}
      {digitizing && (
        <Digitizer
          onClose={() => setDigitizing(false)}
          onCurve={(curve) => {
            setCurve(curve);
            setStops(null);
            setDigitizing(false);
            setSaid(`${curve.length} points from the picture.`);
          }}
        />
      )}
    </section>
  );
}
