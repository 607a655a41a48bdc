import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { counted } from '../shared/counted';
import { conversion, inUnits, parseNumber, show } from '../units/units';

describe('units', () => {
  it('comes back to the same value from every imperial unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('C', 'K', 'm', 'km', 'km/h', 'kg', 'kW', 'N', 'bar', 'cm2', 'mm'),
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        (unit, value) => {
          const c = conversion(unit, 'imperial');
          expect(c.from(c.to(value))).toBeCloseTo(value, 6);
        },
      ),
    );
  });

  it('knows fixed points of the scales', () => {
    expect(show(100, 'C', 'imperial')).toBe('212 °F');
    expect(show(10, 'K', 'imperial')).toBe('18 °F');
    expect(show(100, 'km/h', 'imperial')).toBe('62 mph');
    expect(show(1000, 'kg', 'imperial')).toBe('2205 lb');
    expect(show(452.4, 'C', 'metric')).toBe('452 °C');
  });

  it('converts the figures of a sentence and keeps differences differences', () => {
    expect(inUnits('works to 282 °C; boils 34 K higher; stops in 22.0 m from 50 km/h', 'imperial')).toBe(
      'works to 540 °F; boils 61 °F higher; stops in 72.2 ft from 31 mph',
    );
    expect(inUnits('11.0 mm left, 5 min later', 'imperial')).toBe('11.0 mm left, 5 min later');
    expect(inUnits('34 K higher at 282 °C', 'metric')).toBe('34 °C higher at 282 °C');
  });

  it('reads decimal commas and nothing that is no number', () => {
    expect(parseNumber(' 1 560,5 ')).toBe(1560.5);
    expect(parseNumber('−10')).toBe(-10);
    for (const nonsense of ['', 'abc', '12kg', '1e9', '1,2,3', 'NaN', '--4', '<b>']) expect(parseNumber(nonsense)).toBeNaN();
  });
});

describe('counting', () => {
  it('leaves the s off one thing only', () => {
    expect([0, 1, 2].map((count) => counted(count, 'braking zones'))).toEqual(['0 braking zones', '1 braking zone', '2 braking zones']);
  });
});
