import { scaleLinear } from 'd3-scale';
import { linePath, type Point } from '../../charts/path';

const width = 92;
const height = 24;
const x = scaleLinear().domain([0, 900]).range([0, width]);
const y = scaleLinear().domain([0, 0.65]).range([height, 0]);

/** A friction curve at the size of a word. */
export function Sparkline({ points, dashed }: { points: { temperatureC: number; mu: number }[]; dashed: boolean }) {
  return (
    <svg width={width} height={height} aria-hidden="true" className="sparkline">
      <line className="baseline" x1={0} x2={width} y1={height - 0.5} y2={height - 0.5} />
      <path
        className={dashed ? 'capacity-edge typical' : 'capacity-edge'}
        d={linePath(points.map((point): Point => [x(point.temperatureC), y(point.mu)]))}
      />
    </svg>
  );
}
