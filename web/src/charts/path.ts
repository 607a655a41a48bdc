import { line } from 'd3-shape';

export type Point = readonly [x: number, y: number];

/** How far a drawn line may leave its points, px: less than a screen shows. */
const tolerancePx = 0.35;

const draw = line<Point>()
  .x((point) => point[0])
  .y((point) => point[1])
  .digits(1);

/**
 * The points that a line needs to stay within a tolerance of all of them: a point is kept where no straight line from the
 * last one kept passes near enough to all in between (the swinging-door rule). One pass; peaks and troughs survive.
 */
export function simplify(points: readonly Point[], tolerance = tolerancePx): Point[] {
  const first = points[0];
  if (!first || points.length < 3) return [...points];
  const kept: Point[] = [first];
  let from = first;
  let least = -Infinity;
  let most = Infinity;
  for (let i = 1; i < points.length; i += 1) {
    const point = points[i]!;
    const run = point[0] - from[0];
    const slope = (point[1] - from[1]) / run;
    if (!(run > 0) || slope < least || slope > most) {
      from = points[i - 1]!;
      kept.push(from);
      const step = point[0] - from[0];
      least = step > 0 ? (point[1] - tolerance - from[1]) / step : -Infinity;
      most = step > 0 ? (point[1] + tolerance - from[1]) / step : Infinity;
    } else {
      least = Math.max(least, (point[1] - tolerance - from[1]) / run);
      most = Math.min(most, (point[1] + tolerance - from[1]) / run);
    }
  }
  kept.push(points[points.length - 1]!);
  return kept;
}

/** A line through points, drawn with no more of them than the eye can tell. */
export const linePath = (points: readonly Point[]): string => draw(simplify(points)) ?? '';

/** The area between two lines over the same stretch. */
export const areaPath = (low: readonly Point[], high: readonly Point[]): string =>
  low.length === 0 ? '' : `${draw([...simplify(high), ...simplify(low).reverse()])}Z`;
