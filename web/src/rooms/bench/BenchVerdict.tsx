import { memo, useDeferredValue, useMemo, useState, type RefCallback } from 'react';
import type { BandAnswer, DayCourse, PredictionPlan, PredictionResult, ShelfAnswer, StopSummary } from '../../api/client';
import { LapStory } from '../../charts/LapStory';
import { ReadStrata } from '../../charts/ReadStrata';
import { StrataChart } from '../../charts/StrataChart';
import { nameOfDay } from '../../plan/days';
import type { Belief } from '../../plan/useBelief';
import { useUnits } from '../../units/UnitContext';
import { Advice } from './Advice';
import { withBand } from './band';
import { Certainty } from './Certainty';
import { CoolingOverTime } from './CoolingOverTime';
import { DaysOfTheYear } from './DaysOfTheYear';
import { DriverStory } from './DriverStory';
import { FacesAndPedal } from './FacesAndPedal';
import { FirstLine, liveLine } from './FirstLine';
import { HeatAway } from './HeatAway';
import { LiveLogger } from './LiveLogger';
import { OnTheRoad } from './OnTheRoad';
import { useLogger } from './useLogger';
import { HardStopList } from '../../shared/HardStopList';
import { PeekedNote } from './PeekedNote';
import { usePeeked } from './usePeeked';
import { WhatGivesFirst } from './WhatGivesFirst';

const nothingTold: DayCourse = { stops: [], sessions: [] };

/** The band to draw: what was learnt, where something was seen. */
const bandIn = (answer: BandAnswer | undefined) => answer?.learnt ?? answer?.prior;

/** A question: a plan, and the place of the day that is drawn where it is not the leading one. */
export interface Asked {
  plan: PredictionPlan;
  day: number | undefined;
}

/** How the day runs, beside the answer that it belongs to. */
export interface Told {
  result: PredictionResult;
  course: DayCourse;
  asked: Asked;
  /** When the answer came, ms. */
  at: number;
}

export const Verdict = memo(function Verdict({
  result,
  plan,
  onDraw,
  told,
  answer,
  toldAnswer,
  watchStory,
  waiting,
  belief,
  shelf,
}: {
  result: PredictionResult;
  plan: PredictionPlan;
  onDraw: (day: number) => void;
  told: Told | null;
  answer: BandAnswer | undefined;
  /** The band of the plan that the story tells of. */
  toldAnswer: BandAnswer | undefined;
  /** Looks whether the story is in sight. */
  watchStory: RefCallback<HTMLElement>;
  waiting: boolean;
  belief: Belief;
  shelf: ShelfAnswer;
}) {
  const band = bandIn(answer);
  const log = useLogger();
  const peeked = usePeeked(result.strata);
  const units = useUnits();
  const { show } = units;
  const drawnName = nameOfDay(result.drawn, shelf, units.told);
  const [session, setSession] = useState(1);
  const [chosen, setChosen] = useState<StopSummary | null>(null);
  // The strata and the verdict redraw at once; the story and what stands below follow a frame later.
  const story = useDeferredValue(told);
  const later = story?.result ?? result;
  const laterBand = useDeferredValue(bandIn(toldAnswer));
  const { stops, sessions } = story?.course ?? nothingTold;
  const series = sessions.find((item) => item.session === session) ?? sessions[0];
  const stop = chosen && stops.includes(chosen) ? chosen : null;
  const mark = useMemo(() => stop && { frontC: stop.frontC, rearC: stop.rearC, label: `lap ${stop.lap}, end of this stop` }, [stop]);
  const padBandC = later.strata.find((layer) => layer.part === 'frontFace')?.capacity.bandToC ?? 0;
  const banded = useMemo(() => series && withBand(series, laterBand), [series, laterBand]);
  const parked = later.parked.find((item) => item.session === (series?.session ?? 1) && item.part === 'frontFluid');
  return (
    <>
      <p className="visually-hidden" role="status">
        {liveLine(result, band, units)}
      </p>
      <HardStopList stops={result.hardStops} />
      <FirstLine
        result={result}
        band={band}
        shelf={shelf}
        beforeLog={waiting && !answer?.learnt}
        advice={band && !waiting && !band.settling ? (until) => <Advice plan={plan} belief={belief} until={until} /> : undefined}
      />
      <DaysOfTheYear plan={plan} shelf={shelf} drawn={result.drawn} band={band} onDraw={onDraw} />
      {peeked && <PeekedNote fitted={result} peeked={peeked} />}
      <div className="bench" data-whole={story?.at ?? 0}>
        <aside>
          <WhatGivesFirst result={result} band={band} shelf={shelf} />
          <Certainty answer={answer} waiting={waiting} />
          <OnTheRoad result={result} plan={plan} shelf={shelf} />
        </aside>
        <div>
          <section aria-label="Strata">
            <header className="section-head">
              <h2>Strata</h2>
              <span className="section-note">where each part spends its braking energy, over what it can take; bars hold eight tenths</span>
              <span className="keys">
                <span className="key key-track">{drawnName}</span>
                {result.strata.some((layer) => layer.road) && <span className="key key-road">road</span>}
              </span>
            </header>
            <StrataChart layers={result.strata} peaks={band?.peaks} stop={mark} preview={peeked?.layers} />
            <p className="note">
              {band
                ? 'Bracket above the bar: where the day’s hottest moment falls in eight of ten likely days.'
                : 'Dotted: how far the bar may move, since cooling, driver and pads are only known roughly.'}{' '}
              Friction is read at the temperature the pad’s chart means.
            </p>
            <details className="no-print">
              <summary>How to read it, on your own figures</summary>
              <ReadStrata result={result} band={band} />
            </details>
          </section>
          <div ref={watchStory}>
            {series && banded && (
              <section aria-label="Lap story" className="lap-story">
                <header className="section-head">
                  <h2>Lap story</h2>
                  <span className="section-note">drag over a range or press a lap to zoom</span>
                  <span className="keys" role="group" aria-label="Session">
                    {sessions.map((item) => (
                      <button
                        key={item.session}
                        type="button"
                        className={item.session === series.session ? 'tab current' : 'tab'}
                        aria-pressed={item.session === series.session}
                        onClick={() => setSession(item.session)}
                      >
                        session {item.session}
                      </button>
                    ))}
                  </span>
                </header>
                <LapStory
                  series={banded}
                  phases={later.phases}
                  stops={stops}
                  padBandC={padBandC}
                  vapourC={later.fluid.vapourC}
                  legN={later.pedal.greatestN}
                  chosen={stop}
                  onChoose={setChosen}
                  dots={log.frames}
                />
                <DriverStory phases={later.phases.filter((phase) => phase.session === series.session)} stops={stops} />
                <LiveLogger log={log} plan={plan} phases={later.phases} />
                {parked && (
                  <p className="note">
                    Front fluid after session {parked.session}:{' '}
                    {parked.minutesAfter > 0.5
                      ? `still rising when parked, ${show(parked.peakC, 'C')} after ${parked.minutesAfter.toFixed(0)} min (${show(parked.riseK, 'K').replace(/^/, '+')})`
                      : `highest on stopping, ${show(parked.peakC, 'C')}`}
                    ; vapour from {show(later.fluid.vapourC, 'C')} today with{' '}
                    {laterBand
                      ? `${laterBand.waterPercent.p50.toFixed(1)} % water (${laterBand.waterPercent.p10.toFixed(1)} to ${laterBand.waterPercent.p90.toFixed(1)})`
                      : `${later.fluid.waterPercent.toFixed(1)} % water`}
                    . Boiled fluid may feel firm again when cold: bleed before the next drive.
                  </p>
                )}
              </section>
            )}
            <HeatAway result={later}>{series && <CoolingOverTime series={series} />}</HeatAway>
            <FacesAndPedal result={later} plan={plan} peaks={laterBand?.peaks} />
          </div>
        </div>
      </div>
      <footer className="cautions">
        {result.cautions.map((caution) => (
          <p key={units.told(caution)}>{units.told(caution)}</p>
        ))}
      </footer>
    </>
  );
});
