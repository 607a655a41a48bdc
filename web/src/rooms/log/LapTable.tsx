import type { DrivenDay } from '../../api/log';
import { DataTable } from '../../shared/DataTable';
import { useUnits } from '../../units/UnitContext';

const width = 260;

/** Laps of a recording: the predicted band as a bar, what the sensor saw as a dot. */
export function LapTable({ laps }: { laps: DrivenDay['laps'] }) {
  const { show, band } = useUnits();
  const all = laps.flatMap((lap) => [lap.predictedC.p10, lap.predictedC.p90, ...(lap.measuredC == null ? [] : [lap.measuredC])]);
  const [low, high] = [Math.min(...all) - 10, Math.max(...all) + 10];
  const x = (c: number) => ((c - low) / (high - low)) * width;
  return (
    <DataTable
      className="lap-table"
      columns={['Lap', 'Time', 'Top speed', 'Hottest front face, predicted', 'Measured', null]}
      isBad={(row, cell) => cell === 3 && laps[row]?.inBand === false}
      rows={laps.map((lap, i) => ({
        key: i,
        head: lap.lap,
        cells: [
          `${Math.floor(lap.durationS / 60)}:${(lap.durationS % 60).toFixed(1).padStart(4, '0')}`,
          show(lap.topKmh, 'km/h'),
          band(lap.predictedC, 'C'),
          lap.measuredC == null ? 'none' : show(lap.measuredC, 'C'),
          <svg key="drawn" width={width} height={16} aria-hidden="true">
            <path className="lap-band" d={`M${x(lap.predictedC.p10)} 4H${x(lap.predictedC.p90)}V12H${x(lap.predictedC.p10)}z`} />
            <path className="lap-middle" d={`M${x(lap.predictedC.p50)} 2V14`} />
            {lap.measuredC != null && <circle className={lap.inBand ? 'lap-dot' : 'lap-dot out'} cx={x(lap.measuredC)} cy={8} r={4} />}
          </svg>,
        ],
      }))}
    />
  );
}
