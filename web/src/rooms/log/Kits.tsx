import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { saveKit, type Entry, type PaintKit } from '../../api/log';
import { newId, today } from '../../plan/carKey';
import { NumberField } from '../../shared/NumberField';
import { ProblemNote } from '../../shared/ProblemNote';
import { useLogRange } from './useLogRange';

/** One's own paints and stickers: thresholds with own names and colours. */
export function Kits({ car, kits, first }: { car: string; kits: Entry<PaintKit>[]; first: PaintKit[] }) {
  return (
    <details className="kits">
      <summary>My paints and stickers</summary>
      {first.map((blank) => {
        const mine = kits.find((item) => item.body.stickers === blank.stickers);
        return <KitEditor key={`${blank.stickers} ${mine?.revision ?? 0}`} car={car} entry={mine} kit={mine?.body ?? blank} />;
      })}
    </details>
  );
}

function KitEditor({ car, entry, kit }: { car: string; entry?: Entry<PaintKit>; kit: PaintKit }) {
  const queries = useQueryClient();
  const range = useLogRange();
  const [now, setNow] = useState(kit);
  const save = useMutation({
    mutationFn: () => saveKit(car, { id: entry?.id ?? newId(), day: entry?.day ?? today(), revision: entry?.revision ?? 0, body: now }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['log', car] }),
  });
  const edit = (i: number, changes: Partial<PaintKit['marks'][number]>) =>
    setNow({ ...now, marks: now.marks.map((mark, j) => (i === j ? { ...mark, ...changes } : mark)) });
  return (
    <div className="kit-editor">
      <h3>{now.stickers ? 'Stickers on the caliper' : 'Paints on the rotor'}</h3>
      {now.marks.map((mark, i) => (
        <div key={i} className="kit-line">
          <input
            type="color"
            aria-label={`Colour ${i + 1}`}
            value={mark.colour}
            onChange={(event) => edit(i, { colour: event.target.value })}
          />
          <input
            className="form-control"
            aria-label={`Name ${i + 1}`}
            maxLength={80}
            value={mark.name}
            onChange={(event) => edit(i, { name: event.target.value })}
          />
          <NumberField label="goes at" value={mark.celsius} range={range('kit.celsius')} onChange={(celsius) => edit(i, { celsius })} />
          <button
            type="button"
            className="btn btn-link"
            disabled={now.marks.length <= 1}
            onClick={() => setNow({ ...now, marks: now.marks.filter((_, j) => j !== i) })}
          >
            Remove
          </button>
        </div>
      ))}
      {save.error && <ProblemNote error={save.error} />}
      <p>
        <button
          type="button"
          className="btn btn-link"
          disabled={now.marks.length >= 12}
          onClick={() => {
            const last = now.marks[now.marks.length - 1]!.celsius;
            setNow({ ...now, marks: [...now.marks, { celsius: Math.min(1000, last + 40), name: 'new', colour: '#555555' }] });
          }}
        >
          One more
        </button>{' '}
        <button type="button" className="btn btn-outline-dark" disabled={save.isPending} onClick={() => save.mutate()}>
          Keep
        </button>
      </p>
    </div>
  );
}
