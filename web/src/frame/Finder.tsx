import { useCombobox } from 'downshift';
import { useEffect, useMemo, useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { draftOfCar, type Draft } from '../plan/draft';
import { flushedWith } from '../plan/fittedDraft';
import { usePlan } from '../plan/PlanContext';

/** How many are listed. */
const most = 9;

interface Found {
  key: string;
  kind: string;
  name: string;
  edit: (draft: Draft) => Draft;
}

/** What was typed before this stood. */
export interface EarlyKeys {
  text: string;
  enter: boolean;
}

/** Finds any car, circuit or part by a few letters and puts it into the plan. */
export default function Finder({ takeEarly, onHide }: { takeEarly: () => EarlyKeys | null; onHide: () => void }) {
  const { shelf, change } = usePlan();
  const [text, setText] = useState('');
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
  const matching = (typed: string) => {
    const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
    return all.filter((item) => words.every((word) => `${item.name} ${item.kind}`.toLowerCase().includes(word))).slice(0, most);
  };
  const found = matching(text);
  const take = (item: Found | null | undefined) => {
    if (!item) return;
    change(item.edit);
    onHide();
  };
  // Only what has come to stand takes it: a drawing may be begun and dropped.
  useEffect(() => {
    const early = takeEarly();
    if (early?.enter) take(matching(early.text)[0]);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the keys that were pressed before lie outside of React
    else if (early) setText(early.text);
  }, []); // eslint-disable-line react-hooks/exhaustive-deps
  const { getInputProps, getMenuProps, getItemProps, getLabelProps, highlightedIndex } = useCombobox<Found>({
    items: found,
    inputValue: text,
    isOpen: true,
    selectedItem: null,
    initialHighlightedIndex: 0,
    defaultHighlightedIndex: 0,
    itemToString: (item) => (item ? `${item.name}, ${item.kind}` : ''),
    onInputValueChange: ({ inputValue, type }) => type === useCombobox.stateChangeTypes.InputChange && setText(inputValue),
    onSelectedItemChange: ({ selectedItem }) => take(selectedItem),
  });
  return (
    <Modal show onHide={onHide} aria-labelledby="finder" centered>
      <Modal.Body>
        <label className="visually-hidden" {...getLabelProps({ id: 'finder' })}>
          Find a car, circuit or part
        </label>
        <input
          {...getInputProps({ className: 'form-control', placeholder: 'A few letters: fell front, harrow, oxhollow', autoFocus: true })}
        />
        <ul {...getMenuProps({ className: 'found-list' })}>
          {found.map((item, index) => (
            <li key={item.key} {...getItemProps({ item, index, className: index === highlightedIndex ? 'found current' : 'found' })}>
              {item.name} <span>{item.kind}</span>
            </li>
          ))}
        </ul>
        <p role="status" className="note">
          {found.length === 0 ? 'Nothing on the shelf is called that.' : `${found.length}${found.length === most ? ' or more' : ''} found`}
        </p>
      </Modal.Body>
    </Modal>
  );
}
