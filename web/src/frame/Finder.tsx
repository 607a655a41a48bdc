import { useMemo, useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { draftOfCar, flushedWith, type Draft } from '../plan/draft';
import { usePlan } from '../plan/PlanContext';

interface Found {
  key: string;
  kind: string;
  name: string;
  edit: (draft: Draft) => Draft;
}

/** Finds any car, circuit or part by a few letters and puts it into the plan. */
export function Finder({ show, onHide }: { show: boolean; onHide: () => void }) {
  const { shelf, change } = usePlan();
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const all = useMemo<Found[]>(() => {
    const offered = <T extends { archived: boolean }>(items: T[]) => items.filter((item) => !item.archived);
    const [cars, circuits] = [offered(shelf.content.cars), offered(shelf.content.circuits)];
    const [pads, rotors, fluids] = [offered(shelf.content.pads), offered(shelf.content.rotors), offered(shelf.content.fluids)];
    return [
      ...cars.map((item) => ({
        key: item.id,
        kind: 'car',
        name: item.body.car.name,
        edit: (draft: Draft) => draftOfCar(item.id, item.body, draft),
      })),
      ...circuits.map((item) => ({
        key: item.id,
        kind: 'circuit',
        name: item.body.name,
        edit: (draft: Draft) => ({ ...draft, circuit: item.id }),
      })),
      ...pads.flatMap((item) => [
        { key: `${item.id} front`, kind: 'front pad', name: item.body.name, edit: (draft: Draft) => ({ ...draft, frontPad: item.id }) },
        { key: `${item.id} rear`, kind: 'rear pad', name: item.body.name, edit: (draft: Draft) => ({ ...draft, rearPad: item.id }) },
      ]),
      ...rotors.map((item) => ({
        key: item.id,
        kind: 'front rotor',
        name: item.body.name,
        edit: (draft: Draft) => ({ ...draft, frontRotor: item.id }),
      })),
      ...fluids.map((item) => ({
        key: item.id,
        kind: 'fluid',
        name: item.body.name,
        edit: (draft: Draft) => ({ ...draft, ...flushedWith(item.id, draft) }),
      })),
    ];
  }, [shelf]);
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = all.filter((item) => words.every((word) => `${item.name} ${item.kind}`.toLowerCase().includes(word))).slice(0, 9);
  const take = (item: Found | undefined) => {
    if (!item) return;
    change(item.edit);
    setText('');
    onHide();
  };
  return (
    <Modal show={show} onHide={onHide} aria-label="Find a car, circuit or part" centered>
      <Modal.Body>
        <input
          autoFocus
          className="form-control"
          placeholder="A few letters: fell front, harrow, oxhollow"
          aria-label="Find a car, circuit or part"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setAt(0);
          }}
          onKeyDown={(event) => {
            if (event.key === 'ArrowDown') setAt((old) => Math.min(found.length - 1, old + 1));
            else if (event.key === 'ArrowUp') setAt((old) => Math.max(0, old - 1));
            else if (event.key === 'Enter') take(found[at]);
            else return;
            event.preventDefault();
          }}
        />
        <ul className="found-list">
          {found.map((item, i) => (
            <li key={item.key}>
              <button type="button" className={i === at ? 'current' : ''} onClick={() => take(item)}>
                {item.name} <span>{item.kind}</span>
              </button>
            </li>
          ))}
          {found.length === 0 && <li className="note">Nothing on the shelf is called that.</li>}
        </ul>
      </Modal.Body>
    </Modal>
  );
}
