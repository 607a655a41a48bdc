import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { readInspections, readKits, readSessions, type Entry, type LogSession } from '../../api/log';
import { carKey } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';
import { AsideNote } from '../../shared/AsideNote';
import { ProblemNote } from '../../shared/ProblemNote';
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
  const [writing, setWriting] = useState<'day' | 'stands' | null>(null);
  const [editing, setEditing] = useState<Entry<LogSession> | undefined>();
  const sessions = usePages(car, 'sessions', readSessions);
  const inspections = usePages(car, 'inspections', readInspections);
  const kits = useQuery({ queryKey: ['log', car, 'kits'], queryFn: () => readKits(car), enabled: car !== '' });
  if (!plan || !draft)
    return (
      <div className="log">
        <AsideNote />
        <section className="empty">
          <h2>No car yet.</h2>
          <Link className="btn btn-dark" to="/new">
            Start with your car
          </Link>
        </section>
        <Keep />
      </div>
    );
  const mine = kits.data?.items ?? [];
  const paints = mine.find((item) => !item.body.stickers)?.body ?? firstPaints;
  const stickers = mine.find((item) => item.body.stickers)?.body ?? firstStickers;
  const done = () => {
    setWriting(null);
    setEditing(undefined);
  };
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
        <button type="button" className="btn btn-dark" onClick={() => setWriting('day')}>
          Write down a day
        </button>{' '}
        <button type="button" className="btn btn-outline-dark" onClick={() => setWriting('stands')}>
          On the stands
        </button>
      </p>
      {sessions.query.error && <ProblemNote error={sessions.query.error} retry={() => void sessions.query.refetch()} />}
      {writing === 'day' || editing ? (
        <SessionEntry key={editing?.id ?? 'new'} car={car} plan={plan} paints={paints} stickers={stickers} entry={editing} onDone={done} />
      ) : writing === 'stands' ? (
        <InspectionEntry car={car} plan={plan} onDone={done} />
      ) : (
        <>
          <Learned car={car} plan={plan} count={sessions.total} />
          <div className="log-columns even">
            <Wear car={car} plan={plan} />
            <Diagnose car={car} plan={plan} />
          </div>
          <History car={car} sessions={sessions} inspections={inspections} onEdit={setEditing} />
          <Recorded plan={plan} />
          <Traces />
          <Kits car={car} kits={mine} first={[firstPaints, firstStickers]} />
          <Keep car={car} />
        </>
      )}
    </div>
  );
}
