import { memo, useState } from 'react';
import type { BandResult, Limit, LimitBand, PredictionResult } from '../../api/client';
import { byProbability, chance } from './band';
import { lapLabel } from '../../charts/LapStory';
import { inUnits } from '../../units/units';
import { useUnits } from '../../units/UnitContext';

const when = (limit: Limit) => {
  if (!limit.when) return limit.mayGive ? 'may give' : 'holds';
  const { session, kind, lap } = limit.when;
  if (kind === 'road') return 'first stop';
  const where =
    kind === 'outLap' || kind === 'parked' || kind === 'coolDownLap'
      ? { outLap: 'out lap', parked: 'parked', coolDownLap: 'cool-down' }[kind]
      : `lap ${lapLabel({ kind, lap })}`;
  return session > 1 ? `session ${session}, ${where}` : where;
};

/** What gives, in order, with the margin, one sentence why and the cheapest change that moves it. */
export const WhatGivesFirst = memo(function WhatGivesFirst({ result, band }: { result: PredictionResult; band: BandResult | undefined }) {
  const [all, setAll] = useState(false);
  const gives = result.limits.filter((limit) => limit.gives);
  const sorted = byProbability(result.limits, band);
  const likely = sorted.filter((item) => item.limit.gives || (item.band?.probability ?? 0) >= 0.05).length;
  const maybe = sorted.some((item) => item.limit.mayGive || (item.band?.probability ?? 0) >= 0.01);
  const shown = all ? sorted : sorted.slice(0, Math.max(5, likely));
  return (
    <section aria-label="What gives first">
      <h2>What gives first</h2>
      {gives.length === 0 && (
        <p className={maybe ? 'may-give' : 'all-holds'}>
          {maybe
            ? 'Nothing gives in the middle of the band; at its edge something may.'
            : 'Everything holds for the whole day, to the edge of the band.'}
        </p>
      )}
      <ol className="limits">
        {shown.map((item) => (
          <Item key={item.limit.code} limit={item.limit} band={item.band} />
        ))}
      </ol>
      {result.limits.length > shown.length || all ? (
        <button type="button" className="btn btn-link" onClick={() => setAll(!all)}>
          {all ? 'Show the nearest only' : `${result.limits.length - shown.length} more that hold`}
        </button>
      ) : null}
      <p className="note">
        {band
          ? `Per cent: in how many of ${band.members} likely cars, drivers and days it gives.`
          : 'Chances follow in a moment; the bands so far are from a cool and a hot corner run.'}
      </p>
    </section>
  );
});

function Item({ limit, band }: { limit: Limit; band?: LimitBand }) {
  const { show, system } = useUnits();
  const [why, setWhy] = useState(false);
  const unit = limit.unit === 'C' ? 'K' : limit.unit;
  const digits = limit.unit === 'mm' ? 1 : 0;
  const margin = limit.margin ?? 0;
  const text =
    limit.margin == null
      ? ''
      : limit.unit === 'mm' && limit.demand === 0
        ? 'worn through'
        : limit.unit === 'mm' && margin < 0
          ? `${show(-margin, unit, digits)} below limit`
          : margin < 0
            ? `${show(-margin, unit, digits)} over`
            : `${show(margin, unit, digits)} in hand`;
  const low = band ? band.p10 : limit.demandLow;
  const high = band ? band.p90 : limit.demandHigh;
  const edges =
    low == null || high == null || high - low < 0.05
      ? ''
      : `8 in 10: ${show(low, limit.unit, digits).replace(/ .*/, '')} to ${show(high, limit.unit, digits)}`;
  const used =
    limit.demand == null || limit.capacity === 0
      ? 0
      : limit.unit === 'mm'
        ? limit.capacity / Math.max(limit.demand, 0.1)
        : limit.demand / limit.capacity;
  return (
    <li className={limit.gives ? 'limit gives' : limit.mayGive ? 'limit may' : 'limit'}>
      <div className="limit-head">
        <span className="limit-title">{limit.title}</span>
        <span className="limit-when">{when(limit)}</span>
        <span
          className="limit-chance"
          title={band ? `of 256 likely days; ±${(band.samplingError * 100).toFixed(0)} % by their number` : 'still counting'}
        >
          {band ? chance(band.probability) : '…'}
        </span>
      </div>
      <div className="limit-bar" aria-hidden="true">
        <span style={{ width: `${Math.min(100, used * 100)}%` }} />
      </div>
      <p>
        {text && <span className="limit-margin">{text}.</span>} {inUnits(limit.sentence, system)}{' '}
        {edges && <span className="edges">{edges}.</span>}{' '}
        <button type="button" className="why" aria-expanded={why} onClick={() => setWhy(!why)}>
          why
        </button>
      </p>
      {limit.change && <p className="limit-change">{inUnits(limit.change, system)}</p>}
      {why && (
        <p className="basis">
          {limit.demand != null && `Asks ${show(limit.demand, limit.unit, digits)}, takes ${show(limit.capacity, limit.unit, digits)}. `}
          {inUnits(limit.basis, system)}
        </p>
      )}
    </li>
  );
}
