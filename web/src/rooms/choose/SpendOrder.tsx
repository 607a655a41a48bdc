import type { MatchAnswer } from '../../api/client';
import { percentOf } from '../../shared/chance';
import { useUnits } from '../../units/UnitContext';
import { money, setsWord } from './words';

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
  const setsOf = (i: number) => {
    const [now, before] = [steps[i]?.setup.buySets, i === 0 ? 0 : steps[i - 1]?.setup.buySets];
    return now == null || before == null ? null : Math.max(0, now - before);
  };
  const inSets = steps[steps.length - 1]?.setup.buySets;
  const all =
    sum != null
      ? `${money(sum)} in all.`
      : inSets != null
        ? `About ${setsWord(inSets)} in all, give or take half, each what a plain street set of pads for one axle costs.`
        : 'A price is missing, so the sum is unknown.';
  return (
    <>
      <ol className="stairs">
        {steps.map((step, i) => (
          <li key={told(step.what)}>
            <span className="stair-what">
              {i + 1} {told(step.what)}
            </span>
            <span className="stair-buy">{step.buy == null && setsOf(i) !== null ? setsWord(setsOf(i)!) : money(step.buy)}</span>
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
      <p className="note">{`${all} You may stop at any step: none raises the danger. ${stepsEnd ? told(stepsEnd) : ''}`}</p>
    </>
  );
}
