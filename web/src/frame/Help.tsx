import { useQuery } from '@tanstack/react-query';
import Modal from 'react-bootstrap/Modal';
import { ReadStrata } from '../charts/ReadStrata';
import { predictionOf } from '../plan/asking';
import { usePlan } from '../plan/PlanContext';

const keys: [string, string][] = [
  ['1 to 5', 'go to a room'],
  ['/', 'find any car, circuit or part'],
  ['u', 'undo the last change'],
  ['c', 'Celsius and metric, or Fahrenheit and imperial'],
  ['d', 'light or dark'],
  ['← →', 'move the ruler in the strata, or choose a stop'],
  ['Esc', 'close what is open'],
  ['?', 'this list'],
];

interface Props {
  onHide: () => void;
  /** Whether one key alone does something. */
  singleKeys: boolean;
  onSingleKeys: (on: boolean) => void;
}

/** The drawing read on the plan's own figures, as far as they are known on the page. */
function Reading() {
  const { plan } = usePlan();
  const result = useQuery({ ...predictionOf(plan!), enabled: plan !== null });
  return result.data ? (
    <>
      <h2>The drawing, read</h2>
      <ReadStrata result={result.data} />
    </>
  ) : null;
}

/** The drawing and the keys. */
export default function Help({ onHide, singleKeys, onSingleKeys }: Props) {
  return (
    <Modal show onHide={onHide} aria-label="Keyboard" centered>
      <Modal.Body>
        <Reading />
        <h2>Keyboard</h2>
        <dl className="keyboard">
          {keys.map(([key, what]) => (
            <div key={key}>
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
        <label className="single-keys">
          <input type="checkbox" checked={singleKeys} onChange={(event) => onSingleKeys(event.target.checked)} /> single keys do this (never
          while an editor is open)
        </label>
      </Modal.Body>
    </Modal>
  );
}
