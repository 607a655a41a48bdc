import type { MatchAnswer } from '../../api/client';
import { percentOf } from '../../shared/chance';
import { useUnits } from '../../units/UnitContext';
import { money } from './words';

/** The way to the first row, step by step: a stair cut down from today's danger. */
export function SpendOrder({ answer }: { answer: MatchAnswer }) {
  const { told } = useUnits();
  const { steps, stepsEnd, outcome } = answer;
  if (steps.length === 0)
    return (
      <p className="note">
        {outcome === 'nothingNeeded'
          ? 'Nothing needed.'
          : outcome === 'settling'
            ? 'Settling.'
            : stepsEnd
              ? told(stepsEnd)
              : 'No step on the shelf helps.'}
      </p>
    );
  const sum = steps.reduce<number | null>((total, step) => (total == null || step.buy == null ? null : total + step.buy), 0);
  return (
    <>
      <ol className="stairs">
        {steps.map((step, i) => (
          <li key={told(step.what)}>
            <span className="stair-what">
              {i + 1} {told(step.what)}
            </span>
            <span className="stair-buy">{money(step.buy)}</span>
            <span className="stair-bar" aria-hidden="true">
              <span className="stair-after" style={{ width: `${100 * step.dangerAfter.share}%` }} />
              <span className="stair-gone" style={{ width: `${100 * Math.max(0, step.dangerBefore.share - step.dangerAfter.share)}%` }} />
            </span>
            <span className="stair-chances">
              danger {percentOf(step.dangerBefore)} to {percentOf(step.dangerAfter)}, damage {percentOf(step.damageBefore)} to{' '}
              {percentOf(step.damageAfter)}
            </span>
          </li>
        ))}
      </ol>
      <p className="note">{`${sum == null ? 'A price is missing, so the sum is unknown.' : `${money(sum)} in all.`} You may stop at any step: none raises the danger. ${stepsEnd ? told(stepsEnd) : ''}`}</p>
    </>
  );
}
