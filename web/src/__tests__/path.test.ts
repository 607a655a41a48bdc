import fc from 'fast-check';
import { expect, it } from 'vitest';
import { areaPath, linePath, simplify, type Point } from '../charts/path';

/** Height of a broken line at a place between its ends. */
function at(points: readonly Point[], x: number): number {
  const next = Math.max(
    1,
    points.findIndex((point) => point[0] >= x),
  );
  const [a, b] = [points[next - 1]!, points[next]!];
  return a[1] + ((b[1] - a[1]) * (x - a[0])) / (b[0] - a[0]);
}

it('keeps within its tolerance of every point, whatever the line does', () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: -300, max: 300, noNaN: true }), { minLength: 2, maxLength: 200 }), (heights) => {
      const points = heights.map((y, x): Point => [x, y]);
      const drawn = simplify(points, 0.35);
      for (const [x, y] of points) expect(Math.abs(at(drawn, x) - y)).toBeLessThanOrEqual(0.3501);
    }),
  );
});

it('draws a straight line with its two ends, and keeps a peak', () => {
  const straight = Array.from({ length: 100 }, (_, i): Point => [i, 2 * i]);
  expect(linePath(straight)).toBe('M0,0L99,198');
  const peaked = straight.map(([x, y]): Point => [x, x === 50 ? 500 : y]);
  expect(linePath(peaked)).toContain('50,500');
});

it('closes an area and draws nothing from nothing', () => {
  expect(
    areaPath(
      [
        [0, 0],
        [10, 0],
      ],
      [
        [0, 5],
        [10, 5],
      ],
    ),
  ).toBe('M0,5L10,5L10,0L0,0Z');
  expect(areaPath([], [])).toBe('');
});
