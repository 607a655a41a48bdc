import LatLonEllipsoidal from 'geodesy/latlon-ellipsoidal-vincenty.js';
import LatLonSpherical from 'geodesy/latlon-spherical.js';
import { describe, expect, it } from 'vitest';
import table from '../../../tests/Rimrock.Formats.Tests/great-circles.csv?raw';

/** The server's tests read their expected distances from this file; here a geodesy package says that they are right. */
const rows = table
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => line.split(',').map(Number) as [number, number, number, number, number, number]);

describe('great circles', () => {
  it('are what a geodesy package says, on the mean sphere and on the ellipsoid', () => {
    expect(rows.length).toBeGreaterThan(20);
    for (const [latitude1, longitude1, latitude2, longitude2, sphere, ellipsoid] of rows) {
      const from = new LatLonSpherical(latitude1, longitude1);
      expect(from.distanceTo(new LatLonSpherical(latitude2, longitude2), 6371008.8)).toBeCloseTo(sphere, 3);
      const on = new LatLonEllipsoidal(latitude1, longitude1).distanceTo(new LatLonEllipsoidal(latitude2, longitude2));
      expect(on).toBeCloseTo(ellipsoid, 2);
    }
  });
});
