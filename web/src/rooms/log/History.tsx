import { base } from '../../api/base';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { deleteEntry, listPhotos, type Entry, type InspectionNote, type LogSession } from '../../api/log';
import { ProblemNote } from '../../shared/ProblemNote';
import { SureButton } from '../../shared/SureButton';
import { inWords } from '../../shared/seenWords';
import { useUnits } from '../../units/UnitContext';
import type { usePages } from './usePages';
import { corners, pedals } from './words';

type Pages<T> = ReturnType<typeof usePages<T>>;
type Any = { kind: 'day'; entry: Entry<LogSession> } | { kind: 'stands'; entry: Entry<InspectionNote> };

/** The photos of an entry, once they are asked for. */
function Photos({ id }: { id: string }) {
  const photos = useQuery({ queryKey: ['photos', id], queryFn: () => listPhotos(id) });
  if (!photos.data?.length) return <span className="note">no photos</span>;
  return (
    <span className="photos">
      {photos.data.map((photo) => (
        <a key={photo} href={`${base}/api/log/photos/${photo}`} target="_blank" rel="noreferrer">
          <img src={`${base}/api/log/photos/${photo}`} alt="" loading="lazy" height={72} />
        </a>
      ))}
    </span>
  );
}

/** What was written down, newest first. */
export function History({
  car,
  sessions,
  inspections,
  onEdit,
}: {
  car: string;
  sessions: Pages<LogSession>;
  inspections: Pages<InspectionNote>;
  onEdit: (entry: Entry<LogSession>) => void;
}) {
  const { show } = useUnits();
  const queries = useQueryClient();
  const [shown, setShown] = useState<string | null>(null);
  const drop = useMutation({
    mutationFn: (entry: { id: string; revision: number }) => deleteEntry(entry.id, entry.revision),
    onSettled: () => queries.invalidateQueries({ queryKey: ['log', car] }),
  });
  // Both kinds are read page by page: what is older than the last page of either waits, so that no day is out of order.
  const since = sessions.oldest > inspections.oldest ? sessions.oldest : inspections.oldest;
  const all: Any[] = [
    ...sessions.items.map((entry) => ({ kind: 'day', entry }) as const),
    ...inspections.items.map((entry) => ({ kind: 'stands', entry }) as const),
  ]
    .filter((item) => item.entry.day >= since)
    .sort((a, b) => b.entry.day.localeCompare(a.entry.day));
  const total = sessions.total + inspections.total;
  const older = () => {
    for (const pages of [sessions, inspections]) if (pages.oldest === since) void pages.query.fetchNextPage();
  };
  const words = (item: Any) => {
    if (item.kind === 'day') {
      const { body } = item.entry;
      const paint = body.frontPaint;
      return [
        `${body.plan.circuit.name}, ${body.sessions} session${body.sessions === 1 ? '' : 's'}, ${body.laps} laps, ${show(body.plan.weather.ambientC ?? 20, 'C')}`,
        paint &&
          `front rim ${paint.aboveC != null ? `over ${show(paint.aboveC, 'C')}` : ''}${paint.aboveC != null && paint.belowC != null ? ', ' : ''}${paint.belowC != null ? `under ${show(paint.belowC, 'C')}` : ''}`,
        body.pedal !== 'unsaid' && `pedal ${pedals.find((row) => row.value === body.pedal)?.label}`,
        ...(body.seen ?? []).map((one) => inWords(one, show)),
        body.note,
      ]
        .filter(Boolean)
        .join('; ');
    }
    const { inspection } = item.entry.body;
    return [
      `on the stands: ${inspection.corners.length} corner${inspection.corners.length === 1 ? '' : 's'}`,
      ...inspection.corners.flatMap((look) =>
        look.innerMm != null
          ? [`${corners.find((row) => row.value === look.corner)?.label.toLowerCase()} inner ${show(look.innerMm, 'mm', 1)}`]
          : [],
      ),
      inspection.moisturePercent != null && `${inspection.moisturePercent} % water`,
    ]
      .filter(Boolean)
      .join('; ');
  };
  return (
    <section aria-label="Written down" className="history">
      <header className="section-head">
        <h2>Written down</h2>
        <span className="section-note">{total > all.length ? `the last ${all.length} of ${total}` : `${total} in all, newest first`}</span>
      </header>
      {drop.error && <ProblemNote error={drop.error} />}
      <ul>
        {all.map((item) => (
          <li key={item.entry.id}>
            <b>{item.entry.day}</b> {words(item)}{' '}
            {item.kind === 'day' && (
              <>
                <button type="button" className="btn btn-link" onClick={() => onEdit(item.entry)}>
                  Correct
                </button>{' '}
                <button type="button" className="btn btn-link" onClick={() => setShown(shown === item.entry.id ? null : item.entry.id)}>
                  Photos
                </button>{' '}
              </>
            )}
            <SureButton
              label="Delete"
              ariaLabel={`Delete ${item.entry.day}`}
              question={`Delete what was written down on ${item.entry.day}? It cannot be taken back.`}
              onSure={() => drop.mutateAsync(item.entry)}
            />
            {shown === item.entry.id && <Photos id={item.entry.id} />}
          </li>
        ))}
      </ul>
      {since !== '' && (
        <button type="button" className="btn btn-link" onClick={older}>
          Older days
        </button>
      )}
    </section>
  );
}
