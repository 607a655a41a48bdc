import { useQuery } from '@tanstack/react-query';
import { askFor, type AskCard, type PredictionPlan, type Wishes } from '../../api/client';
import { ProblemNote } from '../../shared/ProblemNote';
import { percentOf } from '../../shared/chance';
import { useGuesses } from '../../plan/useGuesses';
import { useUnits } from '../../units/UnitContext';
import { AskWindow } from './AskWindow';
import { Leaflet } from './Leaflet';

/** A card for the shop counter: what parts must do on this car’s days, whatever the maker; and leaflets held against it. */
export function Ask({
  plan,
  wishes,
  belief: { car, key },
  ready,
}: {
  plan: PredictionPlan;
  wishes: Wishes;
  belief: { car?: string; key: string };
  ready: boolean;
}) {
  const query = useQuery({
    queryKey: ['ask', plan, wishes, key],
    queryFn: ({ signal }) => askFor(plan, wishes, car, signal),
    enabled: ready,
    staleTime: Infinity,
    retry: false,
  });
  return (
    <section aria-label="What to ask for" className="ask" id="ask">
      <header className="section-head">
        <h2>What to ask for</h2>
        <span className="section-note">at the counter, whatever the maker</span>
      </header>
      {query.error && <ProblemNote error={query.error} retry={() => void query.refetch()} />}
      <div className="ask-columns">
        {query.data ? (
          <Card card={query.data} plan={plan} wishes={wishes} />
        ) : (
          !query.error && <p className="loading">{ready ? 'Turning the question round…' : 'The card follows once the shelf is weighed.'}</p>
        )}
        <Leaflet plan={plan} wishes={wishes} car={car} />
      </div>
    </section>
  );
}

function Card({ card, plan, wishes }: { card: AskCard; plan: PredictionPlan; wishes: Wishes }) {
  const { show, to, told } = useUnits();
  const guesses = useGuesses(plan);
  const { front, rear } = card.pads;
  const window = (pad: AskCard['pads']['front']) =>
    `${pad.leastMu.toFixed(2)} from ${to(pad.fromC, 'C').toFixed(0)} to ${show(pad.toFaceC, 'C')}`;
  const must = [
    plan.roadPercent > 0 && 'road approval where your law asks for it',
    plan.frontRotor.material === 'carbonCeramic' ? 'listed for carbon-ceramic discs' : 'for iron rotors',
    plan.car.front.padShape
      ? `pad shape ${plan.car.front.padShape} in front`
      : 'the pad shape of the calipers on your car: take an old pad along',
  ].filter(Boolean);
  return (
    <article className="ask-card">
      <h3>A pad for the front</h3>
      <AskWindow pad={front} />
      {front.takeOutK != null && (
        <p className="bad">
          No pad for iron works so hot: take {show(front.takeOutK, 'K')} out of the day first, by air, more ring or fewer laps in a row.
        </p>
      )}
      <table className="facts">
        <tbody>
          <tr>
            <th scope="row">Front</th>
            <td>
              <b>at least {window(front)}</b> by a chart drawn at the face, to {show(front.toEmbeddedC, 'C')} by one drawn in the disc; cold
              at least {front.coldMu.toFixed(2)}
            </td>
          </tr>
          <tr>
            <th scope="row">Rear</th>
            <td>
              <b>{window(rear)}</b>, no more bite than the front
            </td>
          </tr>
          <tr>
            <th scope="row">Fluid</th>
            <td>
              {wishes.freshFluidEachEvent ? 'fresh for each event: ' : 'if changed for each event: '}
              <b>dry {show(card.dryC, 'C')} or more</b>; left in all season: <b>wet {show(card.wetC, 'C')} or more</b>
              {card.isRareBottle && '; no usual bottle reaches that: take heat out first'}
            </td>
          </tr>
          <tr>
            <th scope="row">Rotors</th>
            <td>
              {card.holds
                ? 'what is on it is enough with such pads: parts that just meet these lines hold'
                : `pads and fluid alone are not enough: ${card.cure ? told(card.cure) : 'see what gives first'}`}
            </td>
          </tr>
          <tr>
            <th scope="row">Must</th>
            <td>{must.join('; ')}</td>
          </tr>
          <tr>
            <th scope="row">Avoid</th>
            <td>
              a chart without its temperature; a range without friction beside it
              {plan.roadPercent > 0 && '; a pad that needs heat before it stops, for the street'}
            </td>
          </tr>
          {guesses.length > 0 && (
            <tr>
              <th scope="row">Guessed here</th>
              <td>
                {guesses
                  .slice(0, 3)
                  .map((guess) => `${told(guess.name)} (±${show(guess.faceK, 'K')} at the face: ${told(guess.how)})`)
                  .join('; ')}
              </td>
            </tr>
          )}
          <tr>
            <th scope="row">Ask the seller</th>
            <td>
              Where was the chart’s temperature taken: before the stop, in the disc, at the face? What is its friction below{' '}
              {show(front.fromC, 'C')}? How thick is a new pad?
            </td>
          </tr>
        </tbody>
      </table>
      <p className="note">
        {card.danger && card.damage
          ? `Just met, that comes to danger ${percentOf(card.danger)} and damage ${percentOf(card.damage)}, from ${card.members} likely days.`
          : 'Stops made as planned would heat the rotors beyond what these laws hold for: first fewer laps in a row, air, or more ring.'}{' '}
        Estimates; the car maker’s limits come first.
      </p>
      <button type="button" className="btn btn-outline-dark no-print" onClick={() => globalThis.print()}>
        Print the card
      </button>
    </article>
  );
}
