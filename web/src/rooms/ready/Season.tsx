import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { PredictionPlan } from '../../api/client';
import { deleteEntry, readEvents, saveEvent, type Entry } from '../../api/log';
import { seasonCalendar, seasonPlan, seasonTable, type FluidPolicy, type SeasonEvent } from '../../api/ready';
import { SeasonChart } from '../../charts/SeasonChart';
import { rangeOf } from '../../api/ranges';
import { newId, today } from '../../plan/carKey';
import type { DayChoice } from '../../plan/days';
import type { Belief } from '../../plan/useBelief';
import { withError } from '../../shared/chance';
import { ProblemNote } from '../../shared/ProblemNote';
import { DataTable } from '../../shared/DataTable';
import { SureButton } from '../../shared/SureButton';
import { conversion, parseNumber } from '../../units/units';
import { useUnits } from '../../units/UnitContext';

const policies: { value: FluidPolicy; label: string }[] = [
  { value: 'yearly', label: 'once a year' },
  { value: 'twiceASeason', label: 'twice a season' },
  { value: 'eachEvent', label: 'before each event' },
  { value: 'leftIn', label: 'left in as it is' },
];

/** Hands a text to the browser as a file. */
function download(text: string, name: string, type: string) {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}

const usualC = 22;

const upper = (text: string) => text.replace(/^./, (letter) => letter.toUpperCase());

/** The events ahead: where the fluid boils on each day, when to bleed, what runs out before what. */
export function Season({
  plan,
  car,
  belief,
  kinds,
}: {
  plan: PredictionPlan;
  car: string;
  belief: Pick<Belief, 'car' | 'key'>;
  kinds: DayChoice[];
}) {
  const { show, band, system, told } = useUnits();
  const queries = useQueryClient();
  const [policy, setPolicy] = useState<FluidPolicy>('yearly');
  const air = conversion('C', system);
  const range = rangeOf('events.ambientC');
  const [date, setDate] = useState('');
  // Nothing chosen is the sentence's own leading day.
  const [kind, setKind] = useState('');
  const chosenKind = kinds.find((one) => one.code === kind);
  const isOnLaps = !chosenKind || chosenKind.shape === 'laps';
  // What is typed stays in the unit it was typed in: a switch between typing and adding changes the unit shown, never the air.
  const [typed, setTyped] = useState({ text: air.to(usualC).toFixed(0), system });
  const ambientC = conversion('C', typed.system).from(parseNumber(typed.text));
  const airText = typed.system === system || Number.isNaN(ambientC) ? typed.text : String(Number(air.to(ambientC).toFixed(1)));
  const kept = useQuery({ queryKey: ['events', car], queryFn: () => readEvents(car) });
  const ahead = (kept.data?.items ?? []).filter((item) => item.day >= today()).sort((a, b) => a.day.localeCompare(b.day));
  const events: SeasonEvent[] = ahead.map((item) => item.body);
  const question = { plan, events, today: today(), policy, car: belief.car };
  const first = useQuery({
    queryKey: ['season', plan, events, belief.key],
    queryFn: ({ signal }) => seasonPlan(question, false, signal),
    enabled: events.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  // Small dangers are counted over more members once the first figures stand.
  const whole = useQuery({
    queryKey: ['season, settled', plan, events, belief.key],
    queryFn: ({ signal }) => seasonPlan(question, true, signal),
    enabled: events.length > 0 && !first.isPlaceholderData && first.data?.settling === true,
    retry: false,
    staleTime: Infinity,
  });
  const season = first.data?.settling && whole.data ? whole : first;
  const settled = () => queries.invalidateQueries({ queryKey: ['events', car] });
  const add = useMutation({
    mutationFn: () => {
      if (!(ambientC >= range.min && ambientC <= range.max))
        throw new Error(
          `Air: “${airText.slice(0, 24)}” will not do, it must be ${air.to(range.min).toFixed(0)} to ${air.to(range.max).toFixed(0)} ${air.unit}.`,
        );
      return saveEvent(car, {
        id: newId(),
        day: date,
        revision: 0,
        body: {
          date,
          name: isOnLaps ? plan.circuit.name : told(chosenKind.name),
          ambientC,
          circuit: isOnLaps ? plan.circuit : undefined,
          kind: kind || undefined,
        },
      });
    },
    onSuccess: () => setDate(''),
    onSettled: settled,
  });
  const drop = useMutation({ mutationFn: (item: Entry<SeasonEvent>) => deleteEntry(item.id, item.revision), onSettled: settled });
  const answer = events.length > 0 ? season.data : undefined;
  const chosen = answer?.policies.find((one) => one.policy === policy);
  return (
    <section aria-label="Season" className="season">
      <header className="section-head">
        <h2>Season</h2>
        <span className="section-note">where the fluid boils on the day, over how hot it gets; bars hold eight in ten</span>
      </header>
      <form
        className="season-add no-print"
        onSubmit={(event) => {
          event.preventDefault();
          add.mutate();
        }}
      >
        <label>
          Add{' '}
          <select
            className="form-select season-kind"
            aria-label="Kind of day"
            value={kind}
            onChange={(event) => setKind(event.target.value)}
          >
            <option value="">a day as planned</option>
            {kinds.map((one) => (
              <option key={one.code} value={one.code}>
                {told(one.name)}
              </option>
            ))}
          </select>
        </label>
        <label>
          {isOnLaps ? `at ${plan.circuit.name} on` : 'on'}{' '}
          <input
            type="date"
            className="form-control"
            required
            min={today()}
            value={date}
            onChange={(event) => setDate(event.target.value)}
          />
        </label>
        <label>
          air, {air.unit}{' '}
          <input
            className="form-control season-air"
            inputMode="decimal"
            value={airText}
            onChange={(event) => setTyped({ text: event.target.value, system })}
          />
        </label>
        <button type="submit" className="btn btn-outline-dark" disabled={add.isPending}>
          Add
        </button>
      </form>
      {add.error && <ProblemNote error={add.error} />}
      {(first.error ?? whole.error) && <ProblemNote error={(first.error ?? whole.error)!} />}
      {events.length === 0 && <p className="note">No days ahead yet: add the first, and the bleed dates follow.</p>}
      {answer && (
        <>
          <p className="season-advice">
            <b>{told(answer.advice)}</b> {answer.nextBleed && `Next bleed by it: ${answer.nextBleed}.`}
          </p>
          <SeasonChart plan={answer} policy={policy} />
          <p>
            Fluid{' '}
            <select
              className="phrase-select"
              aria-label="Fluid policy"
              value={policy}
              onChange={(event) => setPolicy(event.target.value as FluidPolicy)}
            >
              {policies.map((item) => (
                <option key={item.value} value={item.value}>
                  {item.label}
                </option>
              ))}
            </select>
            {chosen &&
              `: ${chosen.flushes.length === 0 ? 'no bleeding' : `bleed on ${chosen.flushes.join(', ')}`}${chosen.cost != null ? `, ${chosen.cost.toFixed(0)} in fluid` : ''}; least margin ${show(chosen.worstMarginK, 'K')}; it boils at one event of the year or more on ${withError(chosen.yearBoils)} of likely years.`}
          </p>
          <DataTable
            className="season-table"
            columns={['Day', 'Vapour from', 'Fluid gets to', 'In hand', 'It boils', 'Danger', 'Damage', 'Front pads after it', null]}
            screenOnly={7}
            isBad={(row, cell) => cell === 2 && (chosen?.days[row]?.marginK ?? 0) < 0}
            rows={(chosen?.days ?? []).map((day, i) => ({
              key: ahead[i]?.id ?? day.date,
              head: `${day.date} ${day.name}`,
              cells: [
                band(day.vapourC, 'C'),
                band(day.demandC, 'C'),
                show(day.marginK, 'K'),
                withError(day.boils),
                withError(day.danger),
                withError(day.damage),
                answer.parts[0]?.leftMm[i] ? band(answer.parts[0].leftMm[i], 'mm', 1) : '–',
                <SureButton
                  key="remove"
                  label="Remove"
                  ariaLabel={`Remove ${day.date} ${day.name}`}
                  question="Out of the season?"
                  onSure={() => (ahead[i] ? drop.mutateAsync(ahead[i]) : undefined)}
                />,
              ],
            }))}
          />
          <p className="note">
            Each day is judged on the pads that the days before it leave, and on new ones where those would be too thin.
          </p>
          <ul className="season-parts">
            {answer.parts.map((part) => (
              <li key={told(part.part)}>
                {part.runsOutAt == null
                  ? `${upper(told(part.part))} last the season: ${band(part.leftMm[part.leftMm.length - 1]!, 'mm', 1)} left, changed at ${show(part.limitMm, 'mm', 1)}.`
                  : `${upper(told(part.part))} may not last through day ${part.runsOutAt}: ${band(part.leftMm[part.runsOutAt - 1]!, 'mm', 1)} left then, changed at ${show(part.limitMm, 'mm', 1)}. Order by ${part.orderBy}.`}
              </li>
            ))}
            {answer.lives.map((life) => (
              <li key={told(life.part)}>
                {upper(told(life.part))}: {band(life.usedPercent[(life.runsOutAt ?? life.usedPercent.length) - 1]!, '%', 0)} of their life
                used{' '}
                {life.runsOutAt == null
                  ? 'by the last day.'
                  : `by day ${life.runsOutAt}: they may not last through it. Order by ${life.orderBy}.`}
              </li>
            ))}
          </ul>
          <p className="no-print">
            <button
              type="button"
              className="btn btn-outline-dark"
              onClick={() => void seasonCalendar(question, system).then((text) => download(text, 'season.ics', 'text/calendar'))}
            >
              Add the dates to a calendar
            </button>{' '}
            <button
              type="button"
              className="btn btn-link"
              onClick={() => void seasonTable(question, system).then((text) => download(text, 'season.csv', 'text/csv'))}
            >
              As a table (CSV)
            </button>
          </p>
        </>
      )}
    </section>
  );
}
