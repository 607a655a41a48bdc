import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { workOrder, type BleedWay, type WorkOrder } from '../../api/ready';
import { carKey, today } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';
import { useBelief } from '../../plan/useBelief';
import { beforeOf, openSigns } from '../../plan/garage';
import { useGarage, useStock } from '../../plan/useGarage';
import { NoCarYet } from '../../shared/NoCarYet';
import { ProblemNote } from '../../shared/ProblemNote';
import { Bedding } from './Bedding';
import { HandTrainer } from './HandTrainer';
import { Season } from './Season';
import { handStep, WorkList } from './WorkList';
import { useUnits } from '../../units/UnitContext';

/** From the parts in the post to a car that is ready: the work, the bedding, the season. */
export default function ReadyRoom() {
  const { band, told } = useUnits();
  const { shelf, draft, plan, search } = usePlan();
  const belief = useBelief();
  const [freshFluid, setFreshFluid] = useState(false);
  const [bleed, setBleed] = useState<BleedWay>('twoPeople');
  const garage = useGarage();
  // Driven as the plan says, with what is on the car.
  const before = useMemo(
    () => (plan ? (garage ? beforeOf(plan, { ...garage.plan, open: openSigns(garage) }) : plan) : null),
    [plan, garage],
  );
  const { lying } = useStock();
  const isKept = draft !== null && shelf.content.cars.some((item) => item.id === carKey(draft));
  const others = shelf.content.cars.filter((item) => item.id !== draft?.car && !item.archived).map((item) => item.body.car.name);
  const order = useQuery({
    queryKey: ['work', before, plan, freshFluid, others, bleed, belief.key, lying],
    queryFn: ({ signal }) => workOrder(before!, plan!, freshFluid, others, bleed, belief.car, lying, today(), signal),
    enabled: before !== null && plan !== null,
    // Only how it is bled may change under what is shown.
    placeholderData: (kept: WorkOrder | undefined, query) =>
      query?.queryKey[1] === before && query.queryKey[2] === plan ? kept : undefined,
    retry: false,
    staleTime: Infinity,
  });
  if (!plan || !draft || !before) return <NoCarYet />;
  const changes = (order.data?.changes ?? []).map((change) => told(change));
  const beds = order.data?.beds ?? false;
  const bleeds = order.data?.steps.some((step) => step.code === 'bleed') ?? false;
  const handed = [plan.frontRotor, plan.rearRotor].some((rotor) => rotor.vanes === 'curved');
  return (
    <div className="ready">
      <p className="room-sentence">
        {changes.length === 0 ? (
          <>
            The plan above is what is on “{plan.car.name}”: nothing to change. Fit something in{' '}
            <Link to={{ pathname: '/choose', search }}>Choose</Link>, or in the sentence above.
            {!isKept &&
              ' It is not on your shelf yet: what you fit in Choose goes on it as it stands now; before you change the sentence itself, press its name and keep it.'}
          </>
        ) : (
          <>
            On “{plan.car.name}”: <b>{changes.join('; ')}</b>.
          </>
        )}{' '}
        <label className="check ready-flush">
          <input type="checkbox" checked={freshFluid} onChange={(event) => setFreshFluid(event.target.checked)} /> flush the fluid while you
          are at it
        </label>
        {bleeds && (
          <>
            {' '}
            Bled{' '}
            <select
              className="phrase-select"
              aria-label="How it is bled"
              value={bleed}
              onChange={(event) => setBleed(event.target.value as BleedWay)}
            >
              <option value="twoPeople">by two people</option>
              <option value="onePerson">alone, with a one-way valve</option>
              <option value="vacuum">with a hand vacuum pump</option>
            </select>
            .
          </>
        )}
      </p>
      <p className="note">
        Your car’s manual and torque figures come first; if a step is new to you, have a licensed workshop do it.
        {order.data && order.data.hours.p50 > 0 && ` About ${band(order.data.hours, 'h', 1)}.`}
      </p>
      {order.error && <ProblemNote error={order.error} retry={() => void order.refetch()} />}
      {order.isFetching && !order.data && <p className="loading">Reckoning the order by what your log has taught…</p>}
      <div className="ready-columns">
        {order.data && (order.data.steps.length > 0 || order.data.refused.length > 0) && (
          <WorkList key={changes.join()} order={order.data} car={carKey(draft)} before={before} plan={plan} draft={draft} />
        )}
        <div>
          <Bedding plan={plan} fresh={beds} />
          {handed && !order.data?.steps.some((step) => step.code === handStep) && <HandTrainer />}
        </div>
      </div>
      <Season kinds={shelf.dayKinds} plan={plan} car={carKey(draft)} belief={belief} />
    </div>
  );
}
