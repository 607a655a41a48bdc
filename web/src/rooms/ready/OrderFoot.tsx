import type { OrderSheet } from '../../api/ready';
import { useUnits } from '../../units/UnitContext';

/** What the verdict on an order rests on, what to mind, and what to take along to the day. */
export function OrderFoot({ sheet }: { sheet: OrderSheet }) {
  const { told } = useUnits();
  return (
    <div className="order-foot">
      {sheet.guesses.length > 0 && (
        <section aria-label="Guesses that decide">
          <h3>Guesses that decide</h3>
          <ul className="order-notes">
            {sheet.guesses.map((guess) => (
              <li key={guess.factor}>
                <b>{told(guess.name)}</b>: {told(guess.measure)}
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="To mind">
        <h3>To mind</h3>
        <ul className="order-notes">
          {sheet.cautions.map((caution) => (
            <li key={told(caution)}>{told(caution)}</li>
          ))}
        </ul>
      </section>
      {sheet.pack.length > 0 && (
        <section aria-label="To take along">
          <h3>To take along</h3>
          <ul className="order-notes">
            {sheet.pack.map((thing) => (
              <li key={told(thing.what)}>
                <b>{told(thing.what)}</b>: {told(thing.why)}
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="signed">Checked by, and on which day:</p>
    </div>
  );
}
