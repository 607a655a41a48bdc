import type { Wishes } from '../../api/client';
import { scales, scaleWords, schools, schoolValue, withSchool } from './wishes';
import { classParts } from '../../plan/wishes';

/** The driver's scales and schools of thought: nothing that ranks is hidden. */
export function WhatMatters({ wishes, change }: { wishes: Wishes; change: (changes: Partial<Wishes>) => void }) {
  return (
    <>
      <section aria-label="What matters" className="matters">
        <h2>What matters</h2>
        {scales.map(({ key, label }) => (
          <label key={key} className="scale">
            <span>{label}</span>
            <span className="scale-word">{scaleWords[wishes[key] ?? 0]}</span>
            <input
              type="range"
              min={0}
              max={3}
              step={1}
              value={wishes[key] ?? 0}
              aria-valuetext={scaleWords[wishes[key] ?? 0]}
              onChange={(event) => change({ [key]: Number(event.target.value) })}
            />
          </label>
        ))}
      </section>
      <section aria-label="Schools of thought" className="schools">
        <h2>Schools of thought</h2>
        {schools.map(({ key, label, choices }) => {
          const chosen = choices.find((choice) => choice.value === schoolValue(wishes, key)) ?? choices[0]!;
          return (
            <label key={key} className="school">
              <span>{label}</span>
              <select className="phrase-select" value={chosen.value} onChange={(event) => change(withSchool(key, event.target.value))}>
                {choices.map((choice) => (
                  <option key={choice.value} value={choice.value}>
                    {choice.label}
                  </option>
                ))}
              </select>
              <span className="note">{chosen.implies}</span>
            </label>
          );
        })}
        <fieldset className="school class-keeps">
          <legend>Class: keeps as sold</legend>
          {classParts.map(({ value, label }) => {
            const kept = wishes.classKeeps ?? [];
            return (
              <label key={value} className="check">
                <input
                  type="checkbox"
                  checked={kept.includes(value)}
                  onChange={(event) =>
                    change({ classKeeps: event.target.checked ? [...kept, value] : kept.filter((one) => one !== value) })
                  }
                />{' '}
                {label}
              </label>
            );
          })}
        </fieldset>
      </section>
    </>
  );
}
