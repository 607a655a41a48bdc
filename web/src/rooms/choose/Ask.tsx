import { useQuery } from '@tanstack/react-query';
import { askFor, type AskCard } from '../../api/choose';
import { type PredictionPlan, type Wishes } from '../../api/client';
import { ProblemNote } from '../../shared/ProblemNote';
import { withError } from '../../shared/chance';
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
  const guesses = useGuesses(plan)
    .filter((guess) => guess.faceK >= 1)
    .slice(0, 2);
  const { front, rear } = card.pads;
  const window = (pad: AskCard['pads']['front']) =>
    `${pad.leastMu.toFixed(2)} from ${to(pad.fromC, 'C').toFixed(0)} to ${show(pad.toFaceC, 'C')}`;
  const must = [
    card.forRoad && 'road approval',
    plan.frontRotor.material === 'carbonCeramic' ? 'listed for carbon-ceramic discs' : 'for iron rotors',
    plan.car.front.padShape ? `pad shape ${plan.car.front.padShape} in front` : 'your pad shape (bring one)',
  ].filter(Boolean);
  return (
    <article className="ask-card">
      <h3>A pad for the front</h3>
      <AskWindow pad={front} />
      {front.takeOutK != null && (
        <p className="bad">
          No pad for iron works so hot: first take out {show(front.takeOutK, 'K')}: more ring, {card.lessHeat && told(card.lessHeat)}.
        </p>
      )}
      <table className="facts">
        <tbody>
          <tr>
            <th scope="row">Front</th>
            <td>
              <b>at least {window(front)}</b> (chart at the face
              {front.toEmbeddedC < front.toFaceC && <>; {show(front.toEmbeddedC, 'C')} in the disc</>}); cold {front.coldMu.toFixed(2)}
            </td>
          </tr>
          <tr>
            <th scope="row">Rear</th>
            <td>
              <b>{window(rear)}</b>, no more bite
            </td>
          </tr>
          <tr>
            <th scope="row">Fluid</th>
            <td>
              <b>dry {show(card.dryC, 'C')} or more</b> {wishes.freshFluidEachEvent ? 'fresh for each event' : 'if changed each event'},
              else <b>wet {show(card.wetC, 'C')}</b>
              {card.isRareBottle && '; no usual bottle does'}
            </td>
          </tr>
          <tr>
            <th scope="row">Rotors</th>
            <td>{card.holds ? 'yours are enough' : `not pads and fluid alone: ${card.cure ? told(card.cure) : 'see what gives first'}`}</td>
          </tr>
          <tr>
            <th scope="row">Must</th>
            <td>{must.join('; ')}</td>
          </tr>
          <tr>
            <th scope="row">Avoid</th>
            <td>
              charts without temperature; ranges without friction
              {card.forRoad && '; pads that need heat'}
            </td>
          </tr>
          {guesses.length > 0 && (
            <tr>
              <th scope="row">Guessed here</th>
              <td>{guesses.map((guess) => `${told(guess.name)} (±${show(guess.faceK, 'K')})`).join('; ')}</td>
            </tr>
          )}
          <tr>
            <th scope="row">Ask the seller</th>
            <td>Chart temperature: before the stop, in the disc, at the face? Friction below {show(front.fromC, 'C')}? Thickness new?</td>
          </tr>
        </tbody>
      </table>
      <p className="note">
        {card.danger && card.damage
          ? `Just met: danger ${withError(card.danger)}, damage ${withError(card.damage)}.`
          : `Beyond what these laws hold for: first more ring, ${card.lessHeat ? told(card.lessHeat) : ''}.`}{' '}
        <span className="print-only">Estimates; the car maker’s limits come first.</span>
      </p>
      <button type="button" className="btn btn-outline-dark no-print" onClick={() => globalThis.print()}>
        Print
      </button>
    </article>
  );
}
