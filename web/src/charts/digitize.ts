/** A click on a picture, px. */
export interface Click {
  x: number;
  y: number;
}

/** Two clicks on an axis with the figures that stand there. */
export interface AxisMarks {
  first: Click;
  second: Click;
  from: number;
  to: number;
}

/** Why two axes cannot be read, in words; null where they can. */
export function axisFault(temperature: AxisMarks, mu: AxisMarks): string | null {
  const along = temperature.second.x - temperature.first.x;
  const up = mu.second.y - mu.first.y;
  if (Math.hypot(along, temperature.second.y - temperature.first.y) < 10)
    return 'The two clicks on the temperature axis are on one spot: they must lie at least 10 pixels apart.';
  if (Math.hypot(up, mu.second.x - mu.first.x) < 10)
    return 'The two clicks on the friction axis are on one spot: they must lie at least 10 pixels apart.';
  if (temperature.from === temperature.to) return 'The two figures on the temperature axis are the same.';
  if (mu.from === mu.to) return 'The two figures on the friction axis are the same.';
  if (Math.abs(determinant(temperature, mu)) < 1e-6) return 'The two axes run the same way.';
  return null;
}

const determinant = (temperature: AxisMarks, mu: AxisMarks) => {
  const a = { x: temperature.second.x - temperature.first.x, y: temperature.second.y - temperature.first.y };
  const b = { x: mu.second.x - mu.first.x, y: mu.second.y - mu.first.y };
  const size = Math.hypot(a.x, a.y) * Math.hypot(b.x, b.y);
  return size === 0 ? 0 : (a.x * b.y - a.y * b.x) / size;
};

/**
 * What a click on the picture means. Both axes are linear; the picture may be turned or sheared, since a point is taken
 * apart along the two axes as they were clicked. An axis' figure holds all along the other axis' direction.
 */
export function readClick(click: Click, temperature: AxisMarks, mu: AxisMarks): { temperature: number; mu: number } {
  const a = { x: temperature.second.x - temperature.first.x, y: temperature.second.y - temperature.first.y };
  const b = { x: mu.second.x - mu.first.x, y: mu.second.y - mu.first.y };
  const area = a.x * b.y - a.y * b.x;
  const from = (origin: Click) => ({ x: click.x - origin.x, y: click.y - origin.y });
  const t = from(temperature.first);
  const m = from(mu.first);
  return {
    temperature: temperature.from + ((t.x * b.y - t.y * b.x) / area) * (temperature.to - temperature.from),
    mu: mu.from + ((a.x * m.y - a.y * m.x) / area) * (mu.to - mu.from),
  };
}
