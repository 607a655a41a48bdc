import type { BandResult, PredictionPlan, ShelfAnswer } from '../../api/client';
import { nameOfDay } from '../../plan/days';
import { percentOf } from '../../shared/chance';
import { useUnits } from '../../units/UnitContext';

/** The kinds of day of the year, each with its danger and damage; a press draws another. Nothing where there is only one. */
export function DaysOfTheYear({
  plan,
  shelf,
  drawn,
  band,
  onDraw,
}: {
  plan: PredictionPlan;
  shelf: ShelfAnswer;
  /** Code of the kind of day that is drawn. */
  drawn: string;
  band: BandResult | undefined;
  onDraw: (day: number) => void;
}) {
  const { told } = useUnits();
  const days = plan.days ?? [];
  if (days.length < 2) return null;
  return (
    <section aria-label="Days of the year" className="year-days">
      <span className="section-note">drawn below</span>
      {days.map((day, at) => {
        const chance = band?.days[at];
        return (
          <button
            key={`${day.kind} ${at}`}
            type="button"
            className={day.kind === drawn ? 'tab current' : 'tab'}
            aria-pressed={day.kind === drawn}
            onClick={() => onDraw(at)}
          >
            {nameOfDay(day.kind, shelf, told)}{' '}
            {chance && (
              <span className="year-chance">
                danger {percentOf(chance.danger)}, damage {percentOf(chance.damage)}
              </span>
            )}
          </button>
        );
      })}
    </section>
  );
}
