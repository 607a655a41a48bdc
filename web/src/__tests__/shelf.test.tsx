import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { CurveEditor } from '../charts/CurveEditor';
import { axisFault, readClick, type AxisMarks } from '../charts/digitize';
import { valueAt, withValue } from '../rooms/shelf/kinds';
import { pick, type Row } from '../rooms/shelf/rows';
import { useHistory } from '../shared/useHistory';
import { UnitProvider } from '../units/UnitContext';

afterEach(cleanup);

const axis = (x1: number, y1: number, x2: number, y2: number, from: number, to: number): AxisMarks => ({
  first: { x: x1, y: y1 },
  second: { x: x2, y: y2 },
  from,
  to,
});

describe('digitizer', () => {
  it('reads a straight picture', () => {
    const read = readClick({ x: 300, y: 100 }, axis(100, 400, 500, 400, 0, 800), axis(100, 400, 100, 40, 0, 0.6));
    expect(read.temperature).toBeCloseTo(400, 9);
    expect(read.mu).toBeCloseTo(0.5, 9);
  });

  it('reads a turned and sheared picture: what is drawn comes back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.6, max: 0.6, noNaN: true }),
        fc.double({ min: -0.4, max: 0.4, noNaN: true }),
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        (turn, shear, temperature, mu) => {
          // The picture's own map: a turn, then a shear of the friction axis.
          const place = (t: number, m: number) => {
            const [u, v] = [t * 0.5 + shear * m * 400, -m * 400];
            return { x: 300 + u * Math.cos(turn) - v * Math.sin(turn), y: 500 + u * Math.sin(turn) + v * Math.cos(turn) };
          };
          const temperatureAxis: AxisMarks = { first: place(0, 0), second: place(600, 0), from: 0, to: 600 };
          const muAxis: AxisMarks = { first: place(0, 0.1), second: place(0, 0.6), from: 0.1, to: 0.6 };
          const read = readClick(place(temperature, mu), temperatureAxis, muAxis);
          expect(read.temperature).toBeCloseTo(temperature, 6);
          expect(read.mu).toBeCloseTo(mu, 6);
        },
      ),
    );
  });

  it('refuses clicks on one spot, equal figures and axes that run the same way', () => {
    const mu = axis(0, 100, 0, 0, 0, 1);
    expect(axisFault(axis(5, 5, 8, 5, 0, 600), mu)).toContain('one spot');
    expect(axisFault(axis(0, 100, 400, 100, 200, 200), mu)).toContain('same');
    expect(axisFault(axis(0, 100, 400, 100, 0, 600), axis(0, 100, 300, 100, 0, 1))).toContain('same way');
    expect(axisFault(axis(0, 100, 400, 100, 0, 600), mu)).toBeNull();
  });
});

describe('shelf rows', () => {
  const row = (name: string, price: number | null, extra: Partial<Row> = {}): Row => ({
    id: name,
    name,
    words: 'Track-day sport',
    price,
    heat: 0,
    road: true,
    own: false,
    archived: false,
    ...extra,
  });
  const rows = [row('Beta', 30), row('Alpha', null, { road: false }), row('Gamma', 10, { own: true }), row('Old', 5, { archived: true })];
  const all = { own: false, road: false, archived: false };

  it('finds by every word, filters and sorts', () => {
    expect(pick(rows, '', all, 'name').map((item) => item.name)).toEqual(['Alpha', 'Beta', 'Gamma']);
    expect(pick(rows, 'SPORT bet', all, 'name').map((item) => item.name)).toEqual(['Beta']);
    expect(pick(rows, '', { ...all, road: true }, 'price').map((item) => item.name)).toEqual(['Gamma', 'Beta']);
    expect(pick(rows, '', { ...all, own: true }, 'name').map((item) => item.name)).toEqual(['Gamma']);
    expect(pick(rows, '', { ...all, archived: true }, 'name').map((item) => item.name)).toEqual(['Old']);
  });

  it('changes one value deep in a part and leaves the rest', () => {
    const part = { name: 'x', traits: { dust: 3 } };
    const next = withValue(part, 'traits.noise', 5);
    expect(valueAt(next, 'traits.noise')).toBe(5);
    expect(valueAt(next, 'traits.dust')).toBe(3);
    expect(part).toEqual({ name: 'x', traits: { dust: 3 } });
    expect(valueAt(withValue({ name: 'x' }, 'finish.face', 'slotted'), 'finish.face')).toBe('slotted');
  });
});

describe('useHistory', () => {
  it('takes a run of changes back in one step', () => {
    const { result } = renderHook(() => useHistory(0));
    act(() => result.current.change(1, 'drag'));
    act(() => result.current.change(2, 'drag'));
    act(() => result.current.change(3));
    act(() => result.current.undo());
    expect(result.current.now).toBe(2);
    act(() => result.current.undo());
    expect(result.current.now).toBe(0);
    act(() => result.current.undo());
    expect(result.current.canUndo).toBe(false);
  });
});

describe('CurveEditor', () => {
  const points = [
    { temperatureC: 0, mu: 0.3 },
    { temperatureC: 200, mu: 0.4 },
    { temperatureC: 400, mu: 0.35 },
  ];
  const editor = () => {
    const onChange = vi.fn();
    render(
      <UnitProvider>
        <CurveEditor points={points} typical={false} reading={undefined} chosen={1} onChoose={vi.fn()} onChange={onChange} />
      </UnitProvider>,
    );
    return onChange;
  };

  it('moves a point by the arrow keys and never past its neighbour', () => {
    const onChange = editor();
    const point = screen.getByRole('slider', { name: 'Point 2 of 3' });
    fireEvent.keyDown(point, { key: 'ArrowUp' });
    expect(onChange.mock.lastCall![0][1]).toEqual({ temperatureC: 200, mu: 0.405 });
    fireEvent.keyDown(screen.getByRole('slider', { name: 'Point 1 of 3' }), { key: 'ArrowDown' });
    expect(onChange.mock.lastCall![0][0]).toEqual({ temperatureC: 0, mu: 0.295 });
  });

  it('adds and removes points, but keeps two', () => {
    const onChange = editor();
    const point = screen.getByRole('slider', { name: 'Point 2 of 3' });
    fireEvent.keyDown(point, { key: '+' });
    expect(onChange.mock.lastCall![0]).toHaveLength(4);
    expect(onChange.mock.lastCall![0][2]).toEqual({ temperatureC: 300, mu: 0.375 });
    fireEvent.keyDown(point, { key: 'Delete' });
    expect(onChange.mock.lastCall![0]).toHaveLength(2);
  });
});
