import type { Wishes } from '../../api/client';
import { useUnits } from '../../units/UnitContext';
import { bounds, firstWishes } from './wishes';

/** What the list must keep to, as one sentence whose underlined phrases are its inputs. */
export function WishesSentence({ wishes, change }: { wishes: Wishes; change: (changes: Partial<Wishes>) => void }) {
  const { show } = useUnits();
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
      , and lose {bound('mostColdMetres', 'Longer on a cold first stop')} on a cold first stop;{' '}
      <select
        className="phrase-select"
        aria-label="Track days a year"
        value={String(wishes.eventsAYear)}
        onChange={(event) => change({ eventsAYear: Number(event.target.value) })}
      >
        {[...new Set([1, 2, 3, 5, 8, 12, 20, wishes.eventsAYear ?? firstWishes.eventsAYear!])]
          .sort((a, b) => a - b)
          .map((count) => (
            <option key={count} value={count}>
              {count === 1 ? 'one track day' : `${count} track days`}
            </option>
          ))}
      </select>{' '}
      a year.
    </p>
  );
}
