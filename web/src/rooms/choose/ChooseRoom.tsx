import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { fitSetup, whyNot } from '../../api/choose';
import type { PredictionPlan, Suggestion, SystemChange, Wishes } from '../../api/client';
import { StrataChart } from '../../charts/StrataChart';
import { TradeOff } from '../../charts/TradeOff';
import { predictionOf } from '../../plan/asking';
import { draftOfPlan } from '../../plan/draft';
import { fittedDraft } from '../../plan/fittedDraft';
import { keptFirst } from '../../plan/keepCar';
import { usePlan } from '../../plan/PlanContext';
import { useBelief } from '../../plan/useBelief';
import { errorOf, percentOf } from '../../shared/chance';
import { ChanceBar } from '../../shared/ChanceBar';
import { NoCarYet } from '../../shared/NoCarYet';
import { ProblemNote } from '../../shared/ProblemNote';
import { useUnits } from '../../units/UnitContext';
import { Ask } from './Ask';
import { asJson, asMarkdown, readComparison } from './share';
import { OtherCaliper } from './OtherCaliper';
import { WholeSystem } from './WholeSystem';
import { Shortlist } from './Shortlist';
import { SideBySide } from './SideBySide';
import { HardStopList } from '../../shared/HardStopList';
import { DrivingList } from './DrivingList';
import { SpendOrder } from './SpendOrder';
import { useMatch } from './useMatch';
import { useStock } from '../../plan/useGarage';
import { WhatMatters } from './WhatMatters';
import { Why, WhyNotThat } from './Why';
import { wishesOf } from './wishes';
import { WishesSentence } from './WishesSentence';
import { padsOf } from './words';

/** Everything that could be fitted against this day: a short list with reasons, and the cheapest way. */
export default function ChooseRoom() {
  const { shelf, draft, plan, change, start } = usePlan();
  const queries = useQueryClient();
  const wishes = useMemo(() => wishesOf(draft?.wishes), [draft?.wishes]);
  const bench = useQuery({ ...predictionOf(plan!), enabled: plan !== null });
  const belief = useBelief();
  const stock = useStock();
  const matched = useMatch(plan, wishes, belief, stock);
  const { system, told } = useUnits();
  const [current, setCurrent] = useState<string | null>(null);
  const [said, setSaid] = useState('');
  const [problem, setProblem] = useState<Error | null>(null);
  if (!plan || !draft) return <NoCarYet />;
  const answer = matched.data;
  const edit = (changes: Partial<Wishes>) => change((old) => ({ ...old, wishes: { ...old.wishes, ...changes } }));
  const pins = draft.pins ?? [];
  const pin = (key: string) =>
    change((old) => ({
      ...old,
      pins: old.pins?.includes(key) ? old.pins.filter((item) => item !== key) : [...(old.pins ?? []), key].slice(0, 4),
    }));
  const put = async (what: string, parts: Suggestion['parts'], fit: () => Promise<PredictionPlan> | PredictionPlan) => {
    setProblem(null);
    try {
      const fitted = await fit();
      const kept = await keptFirst(draft, plan, shelf);
      if (kept) await queries.invalidateQueries({ queryKey: ['shelf'] });
      const named = kept ? { ...fitted, car: { ...fitted.car, name: kept.name } } : fitted;
      change((old) => ({ ...fittedDraft(kept ? { ...old, logCar: kept.id } : old, named, parts, shelf, plan.open), pins: [] }));
      setSaid(`${what}. Press u to undo.${kept ? ` “${kept.name}” as it stood is on the shelf.` : ''}`);
    } catch (error) {
      setProblem(error as Error);
    }
    window.scrollTo({ top: 0 });
  };
  const fit = (setup: Suggestion) =>
    put(`${padsOf(setup)}: fitted in the plan, as it was judged`, setup.parts, () => fitSetup(plan, wishes, setup.key, stock.lying));
  const fitSystem = (system: SystemChange, name: string) =>
    void put(`${name}: fitted in the plan`, answer!.fitted.parts, () => system.plan);
  const shown = answer?.shortlist ?? [];
  const chosen = answer?.shortlist.find((setup) => setup.key === current) ?? answer?.shortlist[0];
  const pinned = answer ? pins.flatMap((key) => answer.shortlist.find((setup) => setup.key === key) ?? []) : [];
  const layers = bench.data?.strata.filter((layer) => chosen?.layers.some((item) => item.part === layer.part));
  const open = async (file: File | undefined) => {
    if (!file) return;
    try {
      const read = await readComparison(file);
      start(draftOfPlan(read.plan, read.wishes));
      setProblem(null);
      setSaid(`${file.name.slice(0, 60)} is open. Press u to undo.`);
    } catch (error) {
      setProblem(error as Error);
    }
  };
  const copy = async (text: string, what: string) => {
    try {
      await navigator.clipboard.writeText(text);
      setSaid(`${what} copied.`);
    } catch {
      setSaid('The browser did not allow copying.');
    }
  };
  return (
    <div aria-busy={matched.isFetching} data-matched={matched.isPlaceholderData ? 0 : matched.dataUpdatedAt}>
      <WishesSentence wishes={wishes} change={edit} />
      <p className="note match-count" role="status">
        {matched.stopped ? (
          <>
            Stopped.{' '}
            <button type="button" className="btn btn-link" onClick={matched.resume}>
              Weigh the shelf
            </button>
          </>
        ) : matched.isFetching ? (
          <>
            Weighing the shelf: {Math.round(matched.share * 100)} %{matched.beforeLog && ', so far before your log'}{' '}
            <button type="button" className="btn btn-link" onClick={matched.stop}>
              Stop
            </button>
          </>
        ) : answer ? (
          `${answer.examined.toLocaleString('en').replaceAll(',', ' ')} setups weighed, ${answer.whyNot.filter((item) => item.hardStop).length} parts refused with a reason, the best of them judged by ${answer.shortlist[0]?.members ?? 0} likely days each`
        ) : (
          ''
        )}{' '}
        {said}
      </p>
      {problem && <ProblemNote error={problem} />}
      {matched.error && <ProblemNote error={matched.error} retry={() => void matched.refetch()} />}
      <HardStopList stops={answer?.stops ?? []} />
      {answer && (
        <section aria-label="What it comes to" className="choose-verdict">
          <h1>{answer.verdict ? told(answer.verdict) : 'Settling: the figures are from a first few likely days, and the word follows.'}</h1>
          <div className="first-chances">
            <ChanceBar label="danger as it stands" chance={answer.fitted.danger} kind="danger" />
            <p className="first-damage">
              <span>damage</span> <b>{percentOf(answer.fitted.damage)}</b>{' '}
              <span className="chance-sure">{errorOf(answer.fitted.damage)}</span>
            </p>
          </div>
          {answer.remarks.length > 0 && (
            <ul className="remarks">
              {answer.remarks.map((remark) => (
                <li key={told(remark)}>{told(remark)}</li>
              ))}
            </ul>
          )}
        </section>
      )}
      <div className="choose">
        <aside className="choose-left no-print">
          <WhatMatters wishes={wishes} change={edit} />
          {answer && (
            <WhyNotThat
              all={answer.whyNot}
              ask={(kind, part, signal) => whyNot(plan, wishes, kind, part, belief.car, stock.lying, signal)}
            />
          )}
          {answer && <WholeSystem wishes={wishes} onFit={fitSystem} />}
          <OtherCaliper plan={plan} />
        </aside>
        {answer && chosen ? (
          <>
            <section aria-label="Short list">
              <header className="section-head">
                <h2>Short list</h2>
                <span className="section-note">demand of the front axle over each pad’s curve</span>
              </header>
              <Shortlist
                setups={shown}
                mostColdMetres={wishes.mostColdMetres}
                road={bench.data?.strata.find((layer) => layer.part === 'frontFace')?.road}
                current={chosen.key}
                pins={pins}
                onCurrent={setCurrent}
                onPin={pin}
                onFit={(setup) => void fit(setup)}
              />
            </section>
            <aside className="choose-right">
              <section aria-label="Spend in this order">
                <h2>Spend in this order</h2>
                <SpendOrder answer={answer} />
              </section>
              {answer.driving && answer.driving.ways.length > 0 && (
                <DrivingList driving={answer.driving} asItStands={answer.driving.key === answer.fitted.key} />
              )}
              <section aria-label="Trade-off">
                <header className="section-head">
                  <h2>Trade-off</h2>
                  <span className="section-note">lower left is better; bigger costs more</span>
                </header>
                <TradeOff
                  fitted={{ danger: answer.fitted.danger, extraMetres: answer.fitted.street.extraMetres, buyNow: 0 }}
                  points={shown.map((setup, i) => ({
                    key: setup.key,
                    mark: String(i + 1),
                    name: padsOf(setup),
                    danger: setup.danger,
                    extraMetres: setup.street.extraMetres,
                    buyNow: setup.cost.buyNow ?? null,
                  }))}
                  current={chosen.key}
                  onCurrent={setCurrent}
                />
              </section>
              <Why setup={chosen} />
            </aside>
          </>
        ) : (
          !matched.error && (
            <p className="loading">
              {answer
                ? 'Nothing on the shelf keeps to all of that. Ask for less in the sentence above.'
                : 'Laying the shelf against the day…'}
            </p>
          )
        )}
      </div>
      <Ask plan={plan} wishes={wishes} belief={belief} ready={!matched.isFetching && answer !== undefined} />
      {answer && pinned.length > 0 && <SideBySide fitted={answer.fitted} setups={pinned} onUnpin={pin} />}
      <p className="share no-print">
        {answer && pinned.length > 0 && (
          <>
            <button type="button" className="btn btn-outline-dark" onClick={() => window.print()}>
              Print
            </button>
            <button type="button" className="btn btn-link" onClick={() => void copy(asMarkdown(plan, answer, pinned, system), 'Markdown')}>
              Copy as Markdown
            </button>
            <a
              className="btn btn-link"
              download="comparison.json"
              href={`data:application/json;charset=utf-8,${encodeURIComponent(asJson(plan, wishes, answer, pinned))}`}
            >
              Save as JSON
            </a>
          </>
        )}
        <label className="btn btn-link">
          Open a saved comparison
          <input
            type="file"
            accept=".json,application/json"
            className="visually-hidden"
            onChange={(event) => {
              void open(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </label>
      </p>
      {chosen && layers && layers.length > 0 && (
        <section aria-label="In the strata" className="in-the-strata">
          <header className="section-head">
            <h2>In the strata</h2>
            <span className="section-note">{`what is fitted, filled; ${padsOf(chosen)}, outlined`}</span>
          </header>
          <StrataChart layers={layers} preview={chosen.layers} stop={null} />
        </section>
      )}
    </div>
  );
}
