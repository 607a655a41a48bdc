import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { BandResult, Limit, PredictionResult, ShelfAnswer } from '../../api/client';
import { nameOfDay } from '../../plan/days';
import { errorOf, percentOf } from '../../shared/chance';
import { ChanceBar } from '../../shared/ChanceBar';
import type { Told } from '../../units/units';
import { useUnits, type Units } from '../../units/UnitContext';
import { dangerFirst, whenOf } from './band';

const lower = (title: string) => title.replace(/^./, (letter) => letter.toLowerCase());
const where = (limit: Limit, band?: { when?: Limit['when'] | null }) => {
  const text = whenOf({ ...limit, when: band?.when ?? limit.when });
  return text === 'holds' || text === 'may give' ? '' : `, ${text}`;
};

/** What is due, in a word: in Choose its sentence comes first. */
const dueParts: Record<string, string> = { 'fluid-age': 'fluid', 'hose-age': 'hoses' };

/** Whether parts or signs stop the car. */
const notLike = (result: PredictionResult) =>
  result.hardStops.every((stop) => stop.code === 'open-sign') ? 'Not before what was seen is answered.' : 'Not on these parts.';

/** What the day comes to, in one line; with it what to do. The verdict came with the chances; here it is said. */
export function sayFirst(
  result: PredictionResult,
  band: BandResult | undefined,
  told: (text: Told) => string,
  nameOf: (day: string) => string = (day) => day,
): { head: string; then: string | null; tone: 'bad' | 'maybe' | 'good'; isChange?: boolean } {
  if (!band) {
    if (result.hardStops.length > 0) return { head: notLike(result), then: null, tone: 'bad' };
    const gone = result.limits.find((limit) => limit.gives);
    return {
      head: gone ? `In the middle of the band: ${lower(told(gone.title))}${where(gone)}.` : 'Nothing gives in the middle of the band.',
      then: 'The chances follow in a moment.',
      tone: 'maybe',
    };
  }
  const named = (head: string, tone: 'bad' | 'maybe') => {
    const of = (one: { code: string; day: string }) => one.code === band.names && (!band.namedDay || one.day === band.namedDay);
    const limit = [...result.limits, ...result.otherLimits].find(of);
    const found = band.limits.find(of);
    // Where the year has several kinds of day, the verdict says on which.
    const on = limit && band.days.length > 1 && band.namedDay ? ` (${nameOf(band.namedDay)})` : '';
    return {
      head: limit ? `${head}: ${lower(told(limit.title))}${where(limit, found)}${on}.` : `${head}.`,
      then: limit?.change ? told(limit.change) : null,
      tone,
      isChange: true,
    };
  };
  switch (band.outcome) {
    case 'stop':
      return { head: notLike(result), then: null, tone: 'bad' };
    case 'settling':
      return { head: 'The danger is small; how small is being counted.', then: null, tone: 'maybe' };
    case 'due':
      return {
        head: band.days.length > 1 ? 'Every day of its year holds, but something is due.' : 'This day holds, but something is due.',
        then: result.due.map((one) => told(one.sentence)).join(' '),
        tone: 'maybe',
      };
    case 'fades':
      return named('Nobody is hurt and nothing ruined, but on more days than not', 'maybe');
    case 'holds':
      return {
        head: band.days.length > 1 ? 'Every day of its year holds: nothing needed.' : 'This day holds: nothing needed.',
        then: told(band.lookedAt),
        tone: 'good',
      };
    case 'danger':
      return named('Not this day as it stands', 'bad');
    case 'damage':
      return named('Something is ruined on a day like this', 'bad');
  }
}

/** The Bench's first line: what to do, with danger and damage beside it. */
export function FirstLine({
  result,
  band,
  shelf,
  beforeLog = false,
  advice,
}: {
  result: PredictionResult;
  band: BandResult | undefined;
  shelf: ShelfAnswer;
  /** True where what the log has taught is not counted yet. */
  beforeLog?: boolean;
  /** What would make it hold, once the verdict stands; until it is found, what changes the limit in general. */
  advice?: (until: string | null) => ReactNode;
}) {
  const { told } = useUnits();
  const { head, then, tone, isChange } = sayFirst(result, band, told, (day) => nameOfDay(day, shelf, told));
  return (
    <section aria-label="What to do" className={`first-line tone-${tone}`}>
      <div>
        <h1>{head}</h1>
        {then && !(isChange && advice) && <p>{then}</p>}
        {result.mindFirst.length > 0 && <p className="first-mind">On the car: {result.mindFirst.map(told).join('; ')}.</p>}
        {tone !== 'good' &&
          (advice?.(isChange ? then : null) ?? (
            <p>
              <Link to={{ pathname: '/choose', search: window.location.search }}>See what would hold</Link>
            </p>
          ))}
      </div>
      <div className="first-chances">
        {band ? (
          <>
            <ChanceBar
              label={band.days.length > 1 ? 'danger on its worst kind of day' : 'danger on a day like this'}
              chance={band.danger}
              kind="danger"
            />
            <p className="note">
              {beforeLog && 'before your log, which is being weighed; '}
              {band.settling ? 'still settling' : `over ${band.members} likely days, ${errorOf(band.danger)}`}
            </p>
            <p className="first-damage">
              <span>damage</span> <b>{percentOf(band.damage)}</b> <span className="chance-sure">{errorOf(band.damage)}</span>
            </p>
            {/* Of what holds its own sentence says that this was looked at. */}
            {result.due.length > 0 && (
              <p className="first-due">due by age: {result.due.map((one) => dueParts[one.code] ?? told(one.sentence)).join(', ')}</p>
            )}
          </>
        ) : (
          <p className="note">Danger and damage follow: 256 likely days are being driven.</p>
        )}
      </div>
    </section>
  );
}

/** The live line: chance, lap, margin and how many more. */
export function liveLine(result: PredictionResult, band: BandResult | undefined, { show, told }: Pick<Units, 'show' | 'told'>): string {
  const sorted = dangerFirst(result, band);
  const open = sorted.filter((item) => (band ? item.band?.worthTelling : item.limit.gives || item.limit.mayGive));
  const stops = result.hardStops.map((stop) => `Do not drive on it: ${told(stop.sentence)} `).join('');
  const first = open[0];
  if (!first)
    return `${stops}${result.hardStops.length > 0 ? '' : band ? 'Nothing gives on more than a few likely days in a hundred.' : 'Nothing gives, to the edge of the band.'}`;
  const { limit } = first;
  const unit = limit.unit === 'C' ? 'K' : limit.unit;
  const margin =
    limit.margin == null ? '' : `, ${show(Math.abs(limit.margin), unit, unit === 'mm' ? 1 : 0)} ${limit.margin < 0 ? 'over' : 'in hand'}`;
  const chance = first.band ? `, ${percentOf(first.band.chance)}` : ', in the middle of the band';
  const more = open.length - 1;
  return `${stops}${told(limit.title)}${chance}${where(limit, first.band)}${margin}${more > 0 ? `; ${more} more may give` : ''}.`;
}
