import type { DrivenDay } from '../../api/log';
import { useUnits } from '../../units/UnitContext';

const width = 260;

/** Laps of a recording: the predicted band as a bar, what the sensor saw as a dot. */
export function LapTable({ laps }: { laps: DrivenDay['laps'] }) {
  const { show, band } = useUnits();
  const all = laps.flatMap((lap) => [lap.predictedC.p10, lap.predictedC.p90, ...(lap.measuredC == null ? [] : [lap.measuredC])]);
  const [low, high] = [Math.min(...all) - 10, Math.max(...all) + 10];
  const x = (c: number) => ((c - low) / (high - low)) * width;
  return (
    <table className="facts lap-table">
      <thead>
        <tr>
          <th>Lap</th>
          <th>Time</th>
          <th>Top speed</th>
          <th>Hottest front face, predicted</th>
          <th>Measured</th>
          <th aria-hidden="true" />
        </tr>
      </thead>
      <tbody>
        {laps.map((lap, i) => (
          <tr key={i}>
            <th scope="row">{lap.lap}</th>
            <td>{`${Math.floor(lap.durationS / 60)}:${(lap.durationS % 60).toFixed(1).padStart(4, '0')}`}</td>
            <td>{show(lap.topKmh, 'km/h')}</td>
            <td>{band(lap.predictedC, 'C')}</td>
            <td className={lap.inBand === false ? 'bad' : ''}>{lap.measuredC == null ? 'none' : show(lap.measuredC, 'C')}</td>
            <td aria-hidden="true">
              <svg width={width} height={16}>
                <path className="lap-band" d={`M${x(lap.predictedC.p10)} 4H${x(lap.predictedC.p90)}V12H${x(lap.predictedC.p10)}z`} />
                <path className="lap-middle" d={`M${x(lap.predictedC.p50)} 2V14`} />
                {lap.measuredC != null && <circle className={lap.inBand ? 'lap-dot' : 'lap-dot out'} cx={x(lap.measuredC)} cy={8} r={4} />}
              </svg>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
