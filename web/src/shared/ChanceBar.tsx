import type { Chance } from '../api/client';
import { errorOf, percentOf } from './chance';

/** A chance with its bar: the share filled, its sampling error underlined at its end. */
export function ChanceBar({ label, chance, kind }: { label: string; chance: Chance; kind: 'danger' | 'damage' }) {
  const low = Math.max(0, chance.share - chance.samplingError);
  const width = Math.min(1, chance.share + chance.samplingError) - low;
  return (
    <div className={`chance-bar ${kind}`}>
      <div className="chance-head">
        <span>{label}</span>
        <b>{percentOf(chance)}</b>
      </div>
      <span className="chance-track" aria-hidden="true">
        <span className="chance-fill" style={{ width: `${100 * chance.share}%` }} />
        <span className="chance-error" style={{ left: `${100 * low}%`, width: `max(3px, ${100 * width}%)` }} />
      </span>
      <span className="visually-hidden">{`${errorOf(chance)} points`}</span>
    </div>
  );
}
