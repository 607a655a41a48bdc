import type { PredictionResult } from '../../api/client';
import { partNames } from '../../charts/parts';
import type { Told } from '../../units/units';
import { useUnits } from '../../units/UnitContext';
import type { Peeked } from './usePeeked';

const firstToGive = (result: PredictionResult, told: (text: Told) => string) => {
  const gone = result.limits.find((limit) => limit.gives);
  const maybe = result.limits.find((limit) => limit.mayGive);
  const lower = (title: string) => title.replace(/^./, (letter) => letter.toLowerCase());
  if (result.hardStops.length > 0) return 'must not be driven on';
  return gone ? `first to give: ${lower(told(gone.title))}` : maybe ? `may give: ${lower(told(maybe.title))}` : 'everything holds';
};

/** Faces spend braking energy at their temperatures, fluid and seals time. */
const isFace = ({ part }: { part: string }) => part.endsWith('Face');

/** What a candidate would change, in a line that stays in sight while its list is open. */
export function PeekedNote({ fitted, peeked }: { fitted: PredictionResult; peeked: Peeked }) {
  const { show, told } = useUnits();
  const moved = peeked.layers
    .flatMap((layer) => {
      const before = fitted.strata.find((item) => item.part === layer.part)?.track;
      return before && layer.track ? [{ part: layer.part, fromC: before.p90C, toC: layer.track.p90C }] : [];
    })
    .filter(({ fromC, toC }) => Math.round(fromC) !== Math.round(toC))
    .sort((a, b) => Math.abs(b.toC - b.fromC) - Math.abs(a.toC - a.fromC))
    .slice(0, 3);
  const vapour = [fitted, peeked.result].map((result) => show(result.fluid.vapourC, 'C'));
  const verdicts = [fitted, peeked.result].map((result) => firstToGive(result, told));
  const below = (of: string, items: typeof moved) =>
    items.length > 0 &&
    `nine tenths of the ${of} below ${items.map(({ part, fromC, toC }) => `${show(toC, 'C')} instead of ${show(fromC, 'C')} (${partNames[part].toLowerCase()})`).join(', ')}; `;
  return (
    <p className="peeked-note" aria-live="polite">
      <b>With the one looked at:</b> {below('braking', moved.filter(isFace))}
      {below(
        'time',
        moved.filter((item) => !isFace(item)),
      )}
      {vapour[0] !== vapour[1] && <span>{`vapour from ${vapour[1]} instead of ${vapour[0]}; `}</span>}
      <span>{verdicts[0] === verdicts[1] ? `still ${verdicts[1]}.` : `${verdicts[1]}; as fitted, ${verdicts[0]}.`}</span>
    </p>
  );
}
