import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { PredictionPlan } from '../../api/client';
import { readWork, saveWork } from '../../api/log';
import type { WorkOrder } from '../../api/ready';
import { newId, today } from '../../plan/carKey';
import type { Draft } from '../../plan/draft';
import { garageOf, standingDraft } from '../../plan/garage';
import { usePlan } from '../../plan/PlanContext';
import { HardStopList } from '../../shared/HardStopList';
import { withError } from '../../shared/chance';
import { ProblemNote } from '../../shared/ProblemNote';
import { HandTrainer } from './HandTrainer';
import { OrderFoot } from './OrderFoot';
import { told as toldIn } from '../../units/units';
import { priced } from '../../units/currency';
import { useUnits } from '../../units/UnitContext';

const money = (price: number | null | undefined) => (price == null ? '' : priced(price));

/** What the day comes to once the work is done. */
const comesTo: Record<NonNullable<WorkOrder['then']>['outcome'], string> = {
  settling: '',
  stop: ' It must not be driven on.',
  danger: ' That does not hold.',
  damage: ' That ruins a part.',
  due: ' It holds, but something is due by its age.',
  fades: ' Nobody is hurt and nothing ruined, but pads fade, or stop badly while cold, on more days than not.',
  holds: ' It holds.',
};

/** The step that the rotor-hand trainer checks. */
export const handStep = 'rotor-hand';

/** What to order, and the work step by step: ticked off, kept, printed. */
export function WorkList({
  order,
  car,
  before,
  plan,
  draft,
}: {
  order: WorkOrder;
  car: string;
  /** The plan with what is on the car. */
  before: PredictionPlan;
  plan: PredictionPlan;
  draft: Draft;
}) {
  const { told } = useUnits();
  // What the order is about is kept with its ticks in the units in which everything is kept.
  const changes = order.changes.map((change) => toldIn(change, 'metric'));
  const { shelf, start } = usePlan();
  const queries = useQueryClient();
  const kept = useQuery({ queryKey: ['ticks', car], queryFn: () => readWork(car) });
  const mine = kept.data?.items.find((item) => !item.body.finished && item.body.changes.join() === changes.join());
  const done = useMemo(() => new Set(mine?.body.done ?? []), [mine]);
  // An order that was finished stays as it is: the same change another year is an order of its own.
  const [id, setId] = useState(newId);
  const tick = useMutation({
    mutationFn: (codes: string[]) =>
      saveWork(car, {
        id: mine?.id ?? id,
        day: mine?.day ?? today(),
        revision: mine?.revision ?? 0,
        body: { done: codes, changes },
      }),
    onSettled: () => queries.invalidateQueries({ queryKey: ['ticks', car] }),
  });
  const fitted = useMutation({
    mutationFn: async () => {
      const renewed = (pad: 'frontPad' | 'rearPad') =>
        JSON.stringify(plan[pad]) !== JSON.stringify(before[pad]) || (plan[`${pad}Mm`] == null && before[`${pad}Mm`] != null);
      const finished = {
        day: today(),
        after: plan,
        frontPads: renewed('frontPad') && !order.fromStock?.front,
        rearPads: renewed('rearPad') && !order.fromStock?.rear,
        fluid: order.steps.some((step) => step.code === 'fill'),
      };
      await saveWork(car, {
        id: mine?.id ?? id,
        day: mine?.day ?? today(),
        revision: mine?.revision ?? 0,
        body: { done: [...done], changes, finished },
      });
      setId(newId());
      await queries.invalidateQueries({ queryKey: ['ticks', car] });
      await queries.invalidateQueries({ queryKey: ['log', car] });
      const item = shelf.content.cars.find((one) => one.id === car);
      const garage = item && (await queries.fetchQuery({ ...garageOf(item, shelf), staleTime: 0 }));
      if (item) start({ ...standingDraft(item, shelf, garage, draft), wishes: draft.wishes });
    },
  });
  const [opened, setOpened] = useState<string | null>(null);
  const nextStep = order.steps.find((step) => !done.has(step.code))?.code;
  const shown = opened ?? nextStep;
  const all = order.steps.every((step) => done.has(step.code));
  if (order.refused.length > 0) {
    return (
      <section aria-label="Work order" className="work-order">
        <h2>Work order</h2>
        <HardStopList stops={order.refused} lead="Nothing is ordered" />
        <p className="note">Choose other parts in the sentence above; what does not go together is neither ordered nor fitted.</p>
      </section>
    );
  }
  return (
    <section aria-label="Work order" className="work-order">
      <header className="section-head">
        <h2>Work order</h2>
        <span className="section-note">
          {done.size} of {order.steps.length} done
        </span>
        <button type="button" className="btn btn-link no-print" onClick={() => window.print()}>
          Print
        </button>
      </header>
      {order.then && (
        <p className="work-then">
          On a day like the plan’s, with this done: danger <b>{withError(order.then.danger)}</b>, damage{' '}
          <b>{withError(order.then.damage)}</b>.{comesTo[order.then.outcome]}
        </p>
      )}
      <h3>To order</h3>
      <ul className="order-list">
        {order.order.map((item) => (
          <li key={told(item.what)}>
            <span className="order-count">{item.amount ? told(item.amount) : `${item.count} ${told(item.unit)}`}</span>
            <span>
              <b>{told(item.what)}</b>
              {item.note && <span className="note"> {told(item.note)}</span>}
            </span>
            <span className="order-price">{money(item.price)}</span>
          </li>
        ))}
      </ul>
      <h3>At hand</h3>
      <p className="note">{order.tools.map(told).join('; ')}.</p>
      {order.sheet && <OrderFoot sheet={order.sheet} />}
      <h3>Step by step</h3>
      <ol className="work-steps">
        {order.steps.map((step) => (
          <li key={step.code} className={`${done.has(step.code) ? 'done' : ''}${step.code === shown ? ' open' : ''}`}>
            <label>
              <input
                type="checkbox"
                checked={done.has(step.code)}
                disabled={tick.isPending}
                onChange={(event) => {
                  setOpened(null);
                  tick.mutate(event.target.checked ? [...done, step.code] : [...done].filter((code) => code !== step.code));
                }}
              />
              <span className="step-title">{told(step.title)}</span>
            </label>
            <p className="note step-more">{told(step.reason)}</p>
            <p className="step-check step-more">Done right: {told(step.check)}</p>
            {step.code !== shown && (
              <button
                type="button"
                className="btn btn-link step-why no-print"
                aria-label={`Why, and how to check: ${told(step.title)}`}
                onClick={() => setOpened(step.code)}
              >
                why, and how to check
              </button>
            )}
            {step.code === handStep && step.code === shown && (
              <HandTrainer
                onRight={() => {
                  setOpened(step.code);
                  if (!done.has(step.code)) tick.mutate([...done, step.code]);
                }}
              />
            )}
            {step.caution && <p className="step-caution">{told(step.caution)}</p>}
          </li>
        ))}
      </ol>
      {tick.error && <ProblemNote error={tick.error} />}
      {shelf.content.cars.some((one) => one.id === car) && (
        <p className="no-print">
          <button type="button" className="btn btn-dark" disabled={!all || fitted.isPending} onClick={() => fitted.mutate()}>
            It is all on the car
          </button>{' '}
          <span className="note">{all ? 'Keeps these parts as what is fitted.' : 'When every step is ticked.'}</span>
        </p>
      )}
      {fitted.error && <ProblemNote error={fitted.error} />}
    </section>
  );
}
