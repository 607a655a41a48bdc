import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { holdCylinder, holdKit } from '../../api/choose';
import { type SystemChange, type Wishes } from '../../api/client';
import { onOffer } from '../../plan/draft';
import { usePlan } from '../../plan/PlanContext';
import { HardStopList } from '../../shared/HardStopList';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';
import { CaliperReading } from './CaliperReading';

/** Calipers and master cylinders of the shelf against the whole system: what they do, what stands against them; one press fits them in the plan. */
export function WholeSystem({ wishes, onFit }: { wishes: Wishes; onFit: (change: SystemChange, name: string) => void }) {
  const { shelf, plan } = usePlan();
  const { told } = useUnits();
  const [asked, setAsked] = useState<string | null>(null);
  const { calipers, cylinders } = shelf.content;
  const kit = onOffer(calipers, null).find((item) => item.id === asked)?.body;
  const cylinder = onOffer(cylinders, null).find((item) => item.id === asked)?.body;
  const held = useQuery({
    queryKey: ['system', plan, wishes, kit ?? cylinder],
    queryFn: ({ signal }) => (kit ? holdKit(plan!, wishes, kit, signal) : holdCylinder(plan!, wishes, cylinder!, signal)),
    enabled: plan !== null && (kit ?? cylinder) !== undefined,
    retry: false,
    staleTime: Infinity,
  });
  const offered = [
    ...onOffer(calipers, null).map((item) => ({
      id: item.id,
      name: item.body.name,
      kind: item.body.rear ? 'rear calipers' : 'front calipers',
    })),
    ...onOffer(cylinders, null).map((item) => ({ id: item.id, name: item.body.name, kind: 'master cylinder' })),
  ];
  if (!plan || offered.length === 0) return null;
  const change = held.data;
  const name = (kit ?? cylinder)?.name ?? '';
  return (
    <details className="other-caliper whole-system">
      <summary>Calipers or a master cylinder from your shelf?</summary>
      <div className="field">
        <label htmlFor="whole-system">What would it do?</label>
        <select id="whole-system" className="form-select" value={asked ?? ''} onChange={(event) => setAsked(event.target.value || null)}>
          <option value="">choose one</option>
          {offered.map((item) => (
            <option key={item.id} value={item.id}>
              {item.name} ({item.kind})
            </option>
          ))}
        </select>
      </div>
      {held.error && <ProblemNote error={held.error} />}
      {change && (
        <>
          <CaliperReading swap={change.reading} nowMm={plan.car.hydraulics.masterCylinderMm} />
          {change.refused ? (
            <HardStopList stops={[change.refused]} lead="It does not go on this car" />
          ) : (
            <>
              {change.then.length > 0 && (
                <p className="note">
                  With it on the car, other parts have to change too: {change.then.map((stop) => told(stop.sentence)).join(' ')}
                </p>
              )}
              <button type="button" className="btn btn-dark" onClick={() => onFit(change, name)}>
                Fit it in the plan
              </button>{' '}
              <span className="note">Bench and Choose judge it then; Ready orders and times it.</span>
            </>
          )}
        </>
      )}
    </details>
  );
}
