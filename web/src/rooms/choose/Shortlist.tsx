import type { Demand, Suggestion } from '../../api/client';
import { MiniStrata } from '../../charts/MiniStrata';
import { useUnits } from '../../units/UnitContext';
import { errorOf, percentOf } from '../../shared/chance';
import { firstToGive, isTypical, money, padsOf, restOf, signed, toBuy } from './words';

interface Props {
  setups: Suggestion[];
  road: Demand | null | undefined;
  /** The longest cold first stop that the driver wishes, against the original pads, m. */
  mostColdMetres: number | null | undefined;
  current: string | null;
  pins: string[];
  onCurrent: (key: string) => void;
  onPin: (key: string) => void;
  onFit: (setup: Suggestion) => void;
}

/** The short list: each row draws its own strata and says what it costs. */
export function Shortlist({ setups, road, mostColdMetres, current, pins, onCurrent, onPin, onFit }: Props) {
  const { show, to, unitOf, told } = useUnits();
  return (
    <ol className="shortlist">
      {setups.map((setup, i) => {
        const front = setup.layers.find((layer) => layer.part === 'frontFace');
        const pinned = pins.includes(setup.key);
        const besides =
          setup.reasons.find((reason) => reason.kind === 'note') ?? setup.reasons.find((reason) => reason.code === 'dust-noise');
        return (
          <li
            key={setup.key}
            className={`setup${setup.key === current ? ' current' : ''}${setup.holds == null ? ' settling' : ''}`}
            onPointerEnter={() => onCurrent(setup.key)}
            onFocus={() => onCurrent(setup.key)}
            data-key={setup.key}
          >
            {front && <MiniStrata layer={front} road={road} label={`Demand on ${setup.parts.frontPad.name} over what it can take`} />}
            <div>
              <h3>
                <span className="setup-mark">{i + 1}</span> {padsOf(setup)}
              </h3>
              <p className="setup-rest">{restOf(setup)}</p>
              <dl className="setup-figures">
                <div>
                  <dd className={setup.holds ? 'good' : setup.danger.share > 0.2 ? 'bad' : ''}>{percentOf(setup.danger)}</dd>
                  <dt>
                    danger <span className="chance-sure">{errorOf(setup.danger)}</span>
                  </dt>
                </div>
                <div>
                  <dd>{percentOf(setup.damage)}</dd>
                  <dt>
                    damage <span className="chance-sure">{errorOf(setup.damage)}</span>
                  </dt>
                </div>
                <div>
                  <dd className={mostColdMetres != null && setup.street.extraMetres > mostColdMetres ? 'bad' : ''}>
                    {signed(to(setup.street.extraMetres, 'm'))} {unitOf('m')}
                  </dd>
                  <dt>cold stop</dt>
                </div>
                <div>
                  <dd>{money(setup.cost.perSeason)}</dd>
                  <dt>a season</dt>
                </div>
                <div>
                  <dd>{toBuy(setup)}</dd>
                  <dt>to buy</dt>
                </div>
                <div>
                  <dd>{setup.effortHours.toFixed(1)} h</dd>
                  <dt>work</dt>
                </div>
              </dl>
              <p className="setup-why">
                {setup.holds == null ? 'Still settling. ' : setup.holds ? 'Holds. ' : `First to give: ${firstToGive(setup)}. `}
                {besides && told(besides.sentence)}
              </p>
              <p className="setup-do">
                {isTypical(setup) && (
                  <a className="btn btn-dark" href="#ask">
                    What to ask for
                  </a>
                )}
                <button type="button" className={isTypical(setup) ? 'btn btn-outline-dark' : 'btn btn-dark'} onClick={() => onFit(setup)}>
                  {isTypical(setup) ? 'Try it in the plan' : 'Fit this'}
                </button>
                <button
                  type="button"
                  className="btn btn-link"
                  aria-pressed={pinned}
                  disabled={!pinned && pins.length >= 4}
                  onClick={() => onPin(setup.key)}
                >
                  {pinned ? 'Unpin' : 'Pin side by side'}
                </button>
                <span className="visually-hidden">{`front pads work from ${show(front?.capacity.bandFromC ?? 0, 'C')} to ${show(front?.capacity.bandToC ?? 0, 'C')}`}</span>
              </p>
            </div>
          </li>
        );
      })}
    </ol>
  );
}
