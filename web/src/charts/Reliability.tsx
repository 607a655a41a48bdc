import { scaleSqrt } from 'd3-scale';
import type { LearningPage } from '../api/log';
import { useWidth } from '../shared/useWidth';

const height = 230;
const margin = { left: 50, right: 14, top: 28, bottom: 34 };
const ticks = [0, 0.02, 0.1, 0.3, 0.6, 1];
const percent = (share: number) => `${Math.round(share * 100)} %`;

type Group = LearningPage['scores']['withLog'][number];

/**
 * What was told against how often it came: what is told truly lies within its bar, which is what luck alone does in 8 of 10 such
 * logs. Small chances have most of the room, for most that is told is small.
 */
export function Reliability({ scores }: { scores: LearningPage['scores'] }) {
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const x = scaleSqrt()
    .domain([0, 1])
    .range([margin.left, width - margin.right]);
  const y = scaleSqrt()
    .domain([0, 1])
    .range([height - margin.bottom, margin.top]);
  const dot = (group: Group, style: string, off: number) => {
    const at = x(group.told) + off;
    return (
      <g key={`${style} ${group.fromChance}`}>
        <path className="luck" d={`M${at} ${y(group.low)}V${y(group.high)}M${at - 4} ${y(group.low)}h8M${at - 4} ${y(group.high)}h8`} />
        <circle className={style} cx={at} cy={y(group.came)} r={4.5}>
          <title>{`told ${percent(group.told)}, came ${percent(group.came)} of ${group.count}`}</title>
        </circle>
      </g>
    );
  };
  return (
    <div ref={ref} className="chart reliability">
      <svg
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`With the log: ${scores.withLog.map((group) => `told ${percent(group.told)}, came ${percent(group.came)} of ${group.count}`).join('; ')}`}
      >
        {ticks.map((share) => (
          <g key={share}>
            <line className="grid" x1={margin.left} x2={width - margin.right} y1={y(share)} y2={y(share)} />
            <text className="tick" x={margin.left - 6} y={y(share) + 4} textAnchor="end">
              {percent(share)}
            </text>
            <text className="tick" x={x(share)} y={height - margin.bottom + 15} textAnchor={share === 1 ? 'end' : 'middle'}>
              {percent(share)}
            </text>
          </g>
        ))}
        <path className="true-word" d={`M${x(0)} ${y(0)}L${x(1)} ${y(1)}`} />
        <text className="tick" x={width - margin.right} y={height - 4} textAnchor="end">
          chance that was told
        </text>
        <text className="tick" x={4} y={11}>
          how often it came
        </text>
        {scores.withoutLog.map((group) => dot(group, 'told-without', 5))}
        {scores.withLog.map((group) => dot(group, 'told-with', -5))}
      </svg>
    </div>
  );
}
