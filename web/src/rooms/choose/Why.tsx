import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Suggestion, WhyNot } from '../../api/client';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';
import { padsOf } from './words';

const heads = { fixes: 'What it fixes', costs: 'What it costs', stillFirst: 'What still gives', note: 'Worth knowing' } as const;

/** Why a setup stands where it does. */
export function Why({ setup }: { setup: Suggestion }) {
  const { told } = useUnits();
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
                <li key={reason.code}>{told(reason.sentence)}</li>
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
  duct: 'as front duct',
  rearRotor: 'as rear rotor',
  rearDuct: 'as rear duct',
  fluid: 'as fluid',
  lines: 'as lines',
  caliper: 'as calipers',
};

/** Every part of the shelf that the best setup does not have answers "why not?": judged when it is asked, like everything else. */
export function WhyNotThat({ all, ask }: { all: WhyNot[]; ask: (kind: string, part: string, signal: AbortSignal) => Promise<WhyNot> }) {
  const { told } = useUnits();
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<{ kind: string; id: string; among: WhyNot[] } | null>(null);
  const judged = useQuery({
    queryKey: ['why', asked?.kind, asked?.id, asked?.among],
    queryFn: ({ signal }) => ask(asked!.kind, asked!.id, signal),
    enabled: asked !== null && asked.among === all,
    staleTime: Infinity,
    retry: false,
  });
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found =
    words.length === 0
      ? []
      : all.filter((item) => words.every((word) => `${item.part.name} ${kinds[item.kind]}`.toLowerCase().includes(word))).slice(0, 8);
  const isAsked = (item: WhyNot) => asked?.among === all && asked.kind === item.kind && asked.id === item.part.id;
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
            {told((isAsked(item) && judged.data ? judged.data : item).sentence)}{' '}
            {item.key && !(isAsked(item) && judged.data) && (
              <button
                type="button"
                className="why"
                disabled={isAsked(item) && judged.isFetching}
                onClick={() => setAsked({ kind: item.kind, id: item.part.id, among: all })}
              >
                {isAsked(item) && judged.isFetching ? 'judging…' : 'judge it'}
              </button>
            )}
            {isAsked(item) && judged.error && <ProblemNote error={judged.error} />}
          </li>
        ))}
        {words.length > 0 && found.length === 0 && <li className="note">No such part on the shelf, or it is in the best setup already.</li>}
      </ul>
    </section>
  );
}
