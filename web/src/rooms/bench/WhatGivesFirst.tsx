import { memo, useState } from 'react';
import type { BandResult, Limit, LimitBand, PredictionResult, ShelfAnswer } from '../../api/client';
import { nameOfDay } from '../../plan/days';
import { dangerFirst, whenOf } from './band';
import { errorOf, percentOf } from '../../shared/chance';
import { useUnits } from '../../units/UnitContext';

const harmWords = { danger: 'danger', damage: 'damage', nuisance: '' } as const;

/** What gives, danger first, with the margin, one sentence why and what moves it. */
export const WhatGivesFirst = memo(function WhatGivesFirst({
  result,
  band,
  shelf,
}: {
  result: PredictionResult;
  band: BandResult | undefined;
  shelf: ShelfAnswer;
}) {
  const { told } = useUnits();
  // Where the year has several kinds of day, each limit says on which.
  const several = result.otherLimits.length > 0;
  const [all, setAll] = useState(false);
  const gives = result.limits.filter((limit) => limit.gives);
  const sorted = dangerFirst(result, band);
  const open = sorted.filter((item) => (item.band ? item.band.worthTelling : item.limit.gives || item.limit.mayGive));
  const maybe = open.length > 0;
  const shown = all ? sorted : open.length >= 3 ? open : [...open, ...sorted.filter((item) => !open.includes(item))].slice(0, 3);
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
          <Item
            key={item.limit.code}
            limit={item.limit}
            band={item.band}
            day={several ? nameOfDay(item.limit.day, shelf, told) : undefined}
          />
        ))}
      </ol>
      {result.limits.length > shown.length || all ? (
        <button type="button" className="btn btn-link" onClick={() => setAll(!all)}>
          {all ? 'Show the nearest only' : `${result.limits.length - shown.length} more that hold`}
        </button>
      ) : null}
      <p className="note">
        {band
          ? `Danger first: someone can be hurt; then damage: a part is ruined. Per cent: on how many of ${band.members} likely days it gives.`
          : 'Chances follow in a moment; the bands so far are from a cool and a hot corner run.'}
      </p>
    </section>
  );
});

function Item({ limit, band, day }: { limit: Limit; band?: LimitBand; day?: string }) {
  const { show, told } = useUnits();
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
        <span className="limit-title">{told(limit.title)}</span>
        <span className="limit-when">
          {whenOf({ ...limit, when: limit.when ?? (band && band.chance.share >= 0.5 ? band.when : null) })}
        </span>
        <span className="limit-chance" title={band ? `of likely days; ${errorOf(band.chance)} points by their number` : 'still counting'}>
          {band ? percentOf(band.chance) : '…'}
        </span>
      </div>
      <div className="limit-bar" aria-hidden="true">
        <span style={{ width: `${Math.min(100, used * 100)}%` }} />
      </div>
      <p>
        {harmWords[limit.harm] && <span className={`harm harm-${limit.harm}`}>{harmWords[limit.harm]} · </span>}
        {day && <span className="limit-day">{day} · </span>}
        {text && <span className="limit-margin">{text}.</span>} {told(limit.sentence)} {edges && <span className="edges">{edges}.</span>}{' '}
        <button type="button" className="why" aria-expanded={why} onClick={() => setWhy(!why)}>
          why
        </button>
      </p>
      {limit.change && <p className="limit-change">{told(limit.change)}</p>}
      {why && (
        <p className="basis">
          {limit.demand != null && `Asks ${show(limit.demand, limit.unit, digits)}, takes ${show(limit.capacity, limit.unit, digits)}. `}
          {told(limit.basis)}
        </p>
      )}
    </li>
  );
}
