import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { counted } from '../shared/counted';
import { conversion, parseNumber, show, told } from '../units/units';

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

  it('joins told text in the shown unit and keeps differences differences', () => {
    const figure = (value: number, unit: string, digits = 0, band: { low?: number; high?: number } = {}) => ({
      words: null,
      figure: { value, unit, digits, ...band },
    });
    const words = (text: string) => ({ words: text, figure: null });
    const text = [figure(8, 'K'), words(' (+-'), figure(6, 'K'), words(') below '), figure(282, 'C'), words(', in '), figure(22, 'm', 1)];
    expect(told(text, 'metric')).toBe('8 °C (+-6 °C) below 282 °C, in 22.0 m');
    expect(told(text, 'imperial')).toBe('14 °F (+-11 °F) below 540 °F, in 72.2 ft');
    expect(told([figure(4.26, 'mm', 1)], 'imperial')).toBe('0.168 in');
    expect(told([figure(400, 'C', 0, { low: 380, high: 430 })], 'imperial')).toBe('752 °F (716 to 806)');
    expect(told([{ words: null, figure: { value: null, unit: 'kg', digits: 0, low: 350, high: 4000 } }], 'metric')).toBe('350 to 4000 kg');
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
