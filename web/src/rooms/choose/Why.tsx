import { useState } from 'react';
import type { Suggestion, WhyNot } from '../../api/client';
import { inUnits } from '../../units/units';
import { useUnits } from '../../units/UnitContext';
import { padsOf } from './words';

const heads = { fixes: 'What it fixes', costs: 'What it costs', stillFirst: 'What still gives', note: 'Worth knowing' } as const;

/** Why a setup stands where it does. */
export function Why({ setup }: { setup: Suggestion }) {
  const { system } = useUnits();
  return (
    <section aria-label="Why this one" className="why">
      <h2>Why {padsOf(setup)}?</h2>
      {(Object.keys(heads) as (keyof typeof heads)[]).map((kind) => {
        const mine = setup.reasons.filter((reason) => reason.kind === kind);
        return mine.length === 0 ? null : (
          <div key={kind}>
            <h3>{heads[kind]}</h3>
            <ul>
              {mine.map((reason) => (
                <li key={reason.code}>{inUnits(reason.sentence, system)}</li>
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}

const kinds: Record<string, string> = {
  frontPad: 'in front',
  rearPad: 'at the rear',
  rotor: 'as front rotor',
  duct: 'as duct',
  fluid: 'as fluid',
  lines: 'as lines',
};

/** Every part of the shelf that the best setup does not have answers "why not?". */
export function WhyNotThat({ all }: { all: WhyNot[] }) {
  const { system } = useUnits();
  const [text, setText] = useState('');
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found =
    words.length === 0
      ? []
      : all.filter((item) => words.every((word) => `${item.part.name} ${kinds[item.kind]}`.toLowerCase().includes(word))).slice(0, 8);
  return (
    <section aria-label="Why not another" className="why-not">
      <h2>Why not…</h2>
      <input
        className="form-control"
        type="search"
        aria-label="Part to ask about"
        placeholder="a pad, rotor, fluid, duct or line"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <ul aria-live="polite">
        {found.map((item) => (
          <li key={`${item.kind} ${item.part.id}`}>
            <b>
              {item.part.name} {kinds[item.kind]}
            </b>
            {item.hardStop && !item.hardStop.own ? <span className="stop-word"> must not be fitted</span> : null}:{' '}
            {inUnits(item.sentence, system)}
          </li>
        ))}
        {words.length > 0 && found.length === 0 && <li className="note">No such part on the shelf, or it is in the best setup already.</li>}
      </ul>
    </section>
  );
}
