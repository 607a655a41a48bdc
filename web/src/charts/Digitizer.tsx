import { useEffect, useRef, useState } from 'react';
import type { CurvePoint } from '../api/client';
import { axisFault, readClick, type AxisMarks, type Click } from './digitize';
import { parseNumber, showRange } from '../units/units';
import { useUnits } from '../units/UnitContext';

const mostBytes = 12_000_000;
const steps = [
  'Click the first mark on the temperature axis.',
  'Click a second mark on the temperature axis, far from the first.',
  'Click the first mark on the friction axis.',
  'Click a second mark on the friction axis.',
];
const names = ['temperature, first mark', 'temperature, second mark', 'friction, first mark', 'friction, second mark'];

/** A printed chart becomes a curve: two clicks on each axis, then clicks along the line. The picture never leaves the page. */
export function Digitizer({ onCurve, onClose }: { onCurve: (points: CurvePoint[]) => void; onClose: () => void }) {
  const { show, system } = useUnits();
  const [picture, setPicture] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [clicks, setClicks] = useState<Click[]>([]);
  const [figures, setFigures] = useState(['0', '600', '0', '0.6']);
  const [fahrenheit, setFahrenheit] = useState(false);
  const [cursor, setCursor] = useState<Click>({ x: 40, y: 40 });
  const held = useRef<string | null>(null);
  useEffect(() => () => void (held.current && URL.revokeObjectURL(held.current)), []);

  const open = (file: File | undefined) => {
    if (!file) return;
    if (file.size > mostBytes)
      return setProblem(`${file.name.slice(0, 60)} has ${(file.size / 1e6).toFixed(1)} MB; a picture may have at most 12 MB.`);
    if (!/^image\/(png|jpeg|webp|gif|bmp)$/.test(file.type))
      return setProblem(`${file.name.slice(0, 60)} is no picture that can be shown (PNG, JPEG, WebP, GIF or BMP).`);
    if (held.current) URL.revokeObjectURL(held.current);
    held.current = URL.createObjectURL(file);
    setProblem(null);
    setClicks([]);
    setPicture(held.current);
  };

  const click = (at: Click) => setClicks((old) => (old.length < 204 ? [...old, at] : old));
  const [t1, t2, m1, m2, ...traced] = clicks;
  const values = figures.map(parseNumber);
  const axes =
    t1 && t2 && m1 && m2
      ? {
          temperature: { first: t1, second: t2, from: values[0]!, to: values[1]! } satisfies AxisMarks,
          mu: { first: m1, second: m2, from: values[2]!, to: values[3]! } satisfies AxisMarks,
        }
      : null;
  const wrong = values.some(Number.isNaN)
    ? 'The figures at the four marks must be numbers.'
    : axes
      ? axisFault(axes.temperature, axes.mu)
      : null;
  const read = axes && !wrong ? traced.map((at) => readClick(at, axes.temperature, axes.mu)) : [];
  const points = read
    .map(({ temperature, mu }) => ({
      temperatureC: Math.round(fahrenheit ? (temperature - 32) / 1.8 : temperature),
      mu: Number(mu.toFixed(3)),
    }))
    .sort((a, b) => a.temperatureC - b.temperatureC)
    .filter((point, i, all) => i === 0 || point.temperatureC > all[i - 1]!.temperatureC);
  const outside = points.find((point) => point.mu < 0 || point.mu > 1.2 || point.temperatureC < -40 || point.temperatureC > 1100);

  return (
    <section aria-label="Chart from a picture" className="digitizer">
      <h3>A curve from a printed chart</h3>
      <p className="note">The picture stays on this page; nothing of it is sent or stored. Both axes must be linear.</p>
      <p>
        <label className="btn btn-outline-dark">
          Choose a picture
          <input type="file" accept="image/*" className="visually-hidden" onChange={(event) => open(event.target.files?.[0])} />
        </label>{' '}
        <button type="button" className="btn btn-link" onClick={onClose}>
          Close
        </button>
      </p>
      {problem && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
      {picture && (
        <>
          <p role="status">
            <strong>{steps[clicks.length] ?? `Click along the line, from cold to hot: ${points.length} points.`}</strong> With the keyboard:
            arrow keys move the cross, Enter clicks.
          </p>
          <div
            className="digitizer-sheet"
            role="application"
            aria-label="The chart's picture: arrow keys move the cross, Enter clicks, Backspace takes the last click back"
            tabIndex={0}
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => {
              event.preventDefault();
              open(event.dataTransfer.files[0]);
            }}
            onClick={(event) => {
              const box = event.currentTarget.getBoundingClientRect();
              click({ x: event.clientX - box.left, y: event.clientY - box.top });
            }}
            onKeyDown={(event) => {
              const step = event.shiftKey ? 20 : 4;
              const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
              if (by) setCursor((old) => ({ x: Math.max(0, old.x + by[0]!), y: Math.max(0, old.y + by[1]!) }));
              else if (event.key === 'Enter') click(cursor);
              else if (event.key === 'Backspace') setClicks((old) => old.slice(0, -1));
              else return;
              event.preventDefault();
              event.stopPropagation();
            }}
          >
            <img
              src={picture}
              alt="The chart to be traced"
              draggable={false}
              onError={() => {
                setPicture(null);
                setProblem('That file cannot be read as a picture.');
              }}
            />
            <svg aria-hidden="true">
              {clicks.map((at, i) => (
                <g key={i} className={i < 4 ? 'digit-axis' : 'digit-point'}>
                  <path d={`M${at.x - 6} ${at.y}h12M${at.x} ${at.y - 6}v12`} />
                  {i < 4 && (
                    <text x={at.x + 8} y={at.y - 6}>
                      {figures[i]}
                    </text>
                  )}
                </g>
              ))}
              <path className="digit-cursor" d={`M${cursor.x - 9} ${cursor.y}h18M${cursor.x} ${cursor.y - 9}v18`} />
            </svg>
          </div>
          <div className="field-grid">
            {names.map((name, i) => (
              <div className="field" key={name}>
                <label htmlFor={`figure-${i}`}>{name}</label>
                <input
                  id={`figure-${i}`}
                  className="form-control"
                  inputMode="decimal"
                  value={figures[i]}
                  onChange={(event) => setFigures(figures.map((old, j) => (i === j ? event.target.value : old)))}
                />
              </div>
            ))}
            <label className="check">
              <input type="checkbox" checked={fahrenheit} onChange={(event) => setFahrenheit(event.target.checked)} /> the chart is in °F
            </label>
          </div>
          {(wrong ?? outside) && (
            <p className="problem" role="alert">
              {wrong ??
                `A point reads ${show(outside!.temperatureC, 'C')} and ${outside!.mu.toFixed(2)}: friction must be 0 to 1.2, temperature ${showRange(-40, 1100, 'C', system)}. Check the figures at the marks.`}
            </p>
          )}
          <p>
            <button
              type="button"
              className="btn btn-dark"
              disabled={points.length < 2 || wrong !== null || outside !== undefined}
              onClick={() => onCurve(points)}
            >
              Use these {points.length} points
            </button>{' '}
            <button type="button" className="btn btn-link" disabled={clicks.length === 0} onClick={() => setClicks(clicks.slice(0, -1))}>
              Take the last click back
            </button>
          </p>
        </>
      )}
    </section>
  );
}
