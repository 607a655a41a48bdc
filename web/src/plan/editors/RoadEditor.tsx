import { NumberField } from '../../shared/NumberField';
import { usePlan } from '../PlanContext';
import { ChoiceList } from './ChoiceList';
import { useRange } from './useRange';
import { useUnits } from '../../units/UnitContext';

const dutyNotes: Record<string, string> = {
  weekday: 'five rounds through town, three on a country road',
  commute: 'town only',
  country: 'brisk corners',
  descent: 'a pass of 560 m, 8 % down, twelve rounds',
};

/** What the car does away from the track. */
export function RoadEditor() {
  const { told } = useUnits();
  const { shelf, draft, plan, change } = usePlan();
  const range = useRange();
  if (!draft || !plan) return null;
  const refine = (changes: NonNullable<typeof draft.refine>) => change((old) => ({ ...old, refine: { ...old.refine, ...changes } }));
  return (
    <div className="editor-columns">
      <div>
        <NumberField
          label="Share of its miles on the road"
          hint="weighs road manners against the track"
          value={draft.roadPercent}
          range={range('roadPercent')}
          onChange={(roadPercent) => change((old) => ({ ...old, roadPercent }))}
        />
        <NumberField
          label="Trailer"
          hint="0 for none"
          value={plan.trailerKg ?? 0}
          range={range('trailerKg')}
          onChange={(trailerKg) => refine({ trailerKg })}
        />
        {(plan.trailerKg ?? 0) > 0 && (
          <label className="check">
            <input
              type="checkbox"
              checked={plan.trailerBraked ?? false}
              onChange={(event) => refine({ trailerBraked: event.target.checked })}
            />{' '}
            The trailer has brakes
          </label>
        )}
      </div>
      <ChoiceList
        legend="On the road it does"
        choices={shelf.roadDuties.map((duty) => ({ id: duty.code, name: told(duty.name), note: dutyNotes[duty.code] ?? '' }))}
        chosen={plan.roadDuty ?? 'weekday'}
        onChoose={(roadDuty) => refine({ roadDuty })}
      />
    </div>
  );
}
