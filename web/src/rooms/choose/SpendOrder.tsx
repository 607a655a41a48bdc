import type { SpendStep } from '../../api/client';
import { percent } from './words';

/** The cheapest sequence of steps: a stair cut down from today's risk. */
export function SpendOrder({ steps, enough }: { steps: SpendStep[]; enough: boolean }) {
  if (steps.length === 0)
    return (
      <p className="note">
        {enough ? 'Nothing needed: what is on the car holds this day.' : 'No step on the shelf helps much within what you asked.'}
      </p>
    );
  const sum = steps.reduce((total, step) => total + step.buy, 0);
  return (
    <>
      <ol className="stairs">
        {steps.map((step, i) => (
          <li key={step.what}>
            <span className="stair-what">
              {i + 1} {step.what}
            </span>
            <span className="stair-buy">{step.buy.toFixed(0)}</span>
            <span className="stair-bar" aria-hidden="true">
              <span className="stair-after" style={{ width: `${100 * step.riskAfter}%` }} />
              <span className="stair-gone" style={{ width: `${100 * Math.max(0, step.riskBefore - step.riskAfter)}%` }} />
            </span>
            <span className="stair-risk">
              risk {percent(step.riskBefore)} to {percent(step.riskAfter)}
            </span>
          </li>
        ))}
      </ol>
      <p className="note">{`${sum.toFixed(0)} in all. You may stop at any step; parts that are not named gain too little.`}</p>
    </>
  );
}
