import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import { readInspections, readKits, readSessions } from '../../api/log';
import { carKey } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';
import { AsideNote } from '../../shared/AsideNote';
import { NoCarYet } from '../../shared/NoCarYet';
import { ProblemNote } from '../../shared/ProblemNote';
import { moment, readKept } from '../../shared/useKept';
import { Diagnose } from './Diagnose';
import { History } from './History';
import { InspectionEntry } from './InspectionEntry';
import { Keep } from './Keep';
import { Kits } from './Kits';
import { Learned } from './Learned';
import { Recorded } from './Recorded';
import { SessionEntry } from './SessionEntry';
import { Traces } from './Traces';
import { usePages } from './usePages';
import { Wear } from './Wear';
import { firstPaints, firstStickers } from './words';

/** The day itself and what it teaches. */
export default function LogRoom() {
  const { draft, plan } = usePlan();
  const car = draft ? carKey(draft) : '';
  const [writing, write] = useWriting();
  const sessions = usePages(car, 'sessions', readSessions);
  const inspections = usePages(car, 'inspections', readInspections);
  const kits = useQuery({ queryKey: ['log', car, 'kits'], queryFn: () => readKits(car), enabled: car !== '' });
  if (!plan || !draft)
    return (
      <div className="log">
        <AsideNote />
        <NoCarYet />
        <Keep />
      </div>
    );
  const mine = kits.data?.items ?? [];
  const paints = mine.find((item) => !item.body.stickers)?.body ?? firstPaints;
  const stickers = mine.find((item) => item.body.stickers)?.body ?? firstStickers;
  const done = () => write(null);
  const editing = writing !== null && writing !== 'day' && writing !== 'stands' ? writing : undefined;
  const entry = editing ? sessions.items.find((item) => item.id === editing) : undefined;
  const waits = writing === null ? (['day', 'stands'] as const).map((what) => ({ what, kept: readKept(`${what}:${car}`) })) : [];
  const last = sessions.items[0];
  return (
    <div className="log">
      <AsideNote />
      <p className="room-sentence">
        {last ? (
          <>
            Last out on <b>{last.day}</b> at {last.body.plan.circuit.name}: {last.body.sessions} session
            {last.body.sessions === 1 ? '' : 's'}, {last.body.laps} laps.
          </>
        ) : (
          <>Nothing written down of the {plan.car.name} yet.</>
        )}{' '}
        <button type="button" className="btn btn-dark" onClick={() => write('day')}>
          Write down a day
        </button>{' '}
        <button type="button" className="btn btn-outline-dark" onClick={() => write('stands')}>
          On the stands
        </button>
      </p>
      {sessions.query.error && <ProblemNote error={sessions.query.error} retry={() => void sessions.query.refetch()} />}
      {waits.map(
        ({ what, kept }) =>
          kept && (
            <p key={what} className="note kept">
              {what === 'day' ? 'A day' : 'A look at the car on the stands'} begun {moment(kept.begun)} is not written down yet.{' '}
              <button type="button" className="btn btn-link" onClick={() => write(what)}>
                Go on
              </button>
            </p>
          ),
      )}
      {editing && !entry && (sessions.query.isLoading || sessions.query.hasNextPage) ? (
        <OlderDay more={sessions.query.isLoading ? undefined : () => void sessions.query.fetchNextPage()} seen={sessions.items.length} />
      ) : writing === 'day' || editing ? (
        <SessionEntry
          key={`${car} ${writing}`}
          {...{ car, plan, paints, stickers, editing, entry }}
          stored={(id) => sessions.items.find((item) => item.id === id)}
          onDone={done}
        />
      ) : writing === 'stands' ? (
        <InspectionEntry key={car} car={car} plan={plan} onDone={done} />
      ) : (
        <>
          <Learned car={car} plan={plan} count={sessions.total} />
          <div className="log-columns even">
            <Wear car={car} plan={plan} />
            <Diagnose car={car} plan={plan} />
          </div>
          <History car={car} sessions={sessions} inspections={inspections} onEdit={(old) => write(old.id)} />
          <Recorded car={car} plan={plan} />
          <Traces />
          <Kits car={car} kits={mine} first={[firstPaints, firstStickers]} />
          <Keep car={car} />
        </>
      )}
    </div>
  );
}

/** What is being written, in the address: nothing, a day, the car on its stands, or the id of a day that is corrected. */
function useWriting() {
  const [params, setParams] = useSearchParams();
  const write = (what: string | null) =>
    setParams((old) => {
      const next = new URLSearchParams(old);
      if (what === null) next.delete('write');
      else next.set('write', what);
      return next;
    });
  return [params.get('write'), write] as const;
}

/** A day on a page that is not read yet: the pages are read until it is found. */
function OlderDay({ more, seen }: { more?: () => void; seen: number }) {
  useEffect(() => more?.(), [seen, !more]); // eslint-disable-line react-hooks/exhaustive-deps
  return <p className="loading">Looking for that day…</p>;
}
