import type { Wishes } from '../../api/client';
import { useUnits } from '../../units/UnitContext';
import { kindOf, leadingOf, often } from '../../plan/days';
import { usePlan } from '../../plan/PlanContext';
import { bounds } from './wishes';

/** What the list must keep to, as one sentence whose underlined phrases are its inputs. */
export function WishesSentence({ wishes, change }: { wishes: Wishes; change: (changes: Partial<Wishes>) => void }) {
  const { show, told } = useUnits();
  const plan = usePlan();
  const days = plan.draft?.days ?? [];
  const at = leadingOf(days, plan.shelf);
  const kind = days[at] && kindOf(days[at], plan.shelf);
  // What is driven against the clock has events; the road has a year.
  const leading = kind && kind.shape !== 'road' ? days[at] : undefined;
  const bound = (key: (typeof bounds)[number]['key'], label: string) => (
    <select
      className="phrase-select"
      aria-label={label}
      value={String(wishes[key] ?? 'null')}
      onChange={(event) => change({ [key]: event.target.value === 'null' ? null : Number(event.target.value) } as Partial<Wishes>)}
    >
      {bounds
        .find((item) => item.key === key)!
        .choices.map((choice) => (
          <option key={String(choice.value)} value={String(choice.value)}>
            {typeof choice.label === 'string' ? choice.label : choice.label(show)}
          </option>
        ))}
    </select>
  );
  return (
    <p className="sentence">
      Show setups {bound('mostDanger', 'How safe they must be')}, that cost {bound('mostToBuy', 'What may be spent')} to buy,{' '}
      <select
        className="phrase-select"
        aria-label="Road approval"
        value={String(wishes.roadApprovalMust)}
        onChange={(event) => change({ roadApprovalMust: event.target.value === 'true' })}
      >
        <option value="true">keep road approval</option>
        <option value="false">may lose road approval</option>
      </select>
      , and lose {bound('mostColdMetres', 'Longer on a cold first stop')} on a cold first stop
      {leading && (
        <>
          ;{' '}
          <select
            className="phrase-select"
            aria-label="Days a year"
            value={String(leading.daysAYear)}
            onChange={(event) =>
              plan.change((old) => ({
                ...old,
                days: old.days.map((one, i) => (i === at ? { ...one, daysAYear: Number(event.target.value) } : one)),
              }))
            }
          >
            {[...new Set([1, 2, 3, 5, 8, 12, 20, leading.daysAYear])]
              .sort((a, b) => a - b)
              .map((count) => (
                <option key={count} value={count}>
                  {count === 1 ? `one ${told(kind!.name)}` : `${often(count)} ${told(kind!.many)}`}
                </option>
              ))}
          </select>{' '}
          a year
        </>
      )}
      .
    </p>
  );
}
