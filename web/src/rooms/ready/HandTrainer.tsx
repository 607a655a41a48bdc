import { useState } from 'react';
import { TrainerRotor } from '../../charts/TrainerRotor';

/** Ten at a time are enough: which way the slots run is thrown in to mislead, as it does in life. */
const draw = () => ({ left: Math.random() < 0.5, slots: Math.random() < 0.5 });

/** Left or right? A rotor lies on the bench, seen from its wheel side. A right answer is told, so that it can tick the step it checks. */
export function HandTrainer({ onRight }: { onRight?: () => void }) {
  const [rotor, setRotor] = useState(draw);
  const [said, setSaid] = useState<'left' | 'right' | null>(null);
  const [score, setScore] = useState({ right: 0, of: 0 });
  const truth = rotor.left ? 'left' : 'right';
  const say = (answer: 'left' | 'right') => {
    if (said) return;
    setSaid(answer);
    setScore({ right: score.right + (answer === truth ? 1 : 0), of: score.of + 1 });
    if (answer === truth) onRight?.();
  };
  return (
    <section aria-label="Rotor-hand trainer" className="trainer">
      <header className="section-head">
        <h2>Which side?</h2>
        <span className="section-note">
          {score.of > 0 ? `${score.right} of ${score.of} right` : 'a check before you fit handed rotors'}
        </span>
      </header>
      <div className="trainer-row drawing">
        <TrainerRotor left={rotor.left} slotsForward={rotor.slots} />
        <div>
          <p>You look at the wheel side of this rotor; through the cheek you see its vanes. Is it for the left or the right of the car?</p>
          <p>
            <button type="button" className="btn btn-outline-dark" disabled={said !== null} onClick={() => say('left')}>
              Left
            </button>{' '}
            <button type="button" className="btn btn-outline-dark" disabled={said !== null} onClick={() => say('right')}>
              Right
            </button>
          </p>
          <p role="status">
            {said && (
              <>
                <b>{said === truth ? 'Right.' : `No: it is a ${truth} one.`}</b> On the {truth} side the wheel rolls forward{' '}
                {rotor.left ? 'anticlockwise' : 'clockwise'} as you see it here, and these vanes sweep back from the hub against that. The
                slots say nothing.{' '}
                <button
                  type="button"
                  className="btn btn-link"
                  onClick={() => {
                    setRotor(draw());
                    setSaid(null);
                  }}
                >
                  Another
                </button>
              </>
            )}
          </p>
        </div>
      </div>
    </section>
  );
}
