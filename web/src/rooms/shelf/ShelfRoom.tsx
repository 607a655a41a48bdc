import { useMemo, useState, type KeyboardEvent } from 'react';
import { useSearchParams } from 'react-router';
import type { Part } from '../../api/client';
import { usePlan } from '../../plan/PlanContext';
import { AsideNote } from '../../shared/AsideNote';
import { useUnits } from '../../units/UnitContext';
import { CarsAndCircuits } from './CarsAndCircuits';
import { CatalogueFile } from './CatalogueFile';
import { Garage } from './Garage';
import { partKinds, type Kind, type PartKind } from './kinds';
import { PartEditor, type Opened } from './PartEditor';
import { pick, rowsOf, type Sorting } from './rows';
import { Sparkline } from './Sparkline';
import { TypicalParts } from './TypicalParts';

const kinds: Kind[] = ['pads', 'rotors', 'fluids', 'lines', 'ducts', 'calipers', 'brackets', 'cylinders', 'cars', 'circuits'];
const isPart = (kind: Kind): kind is PartKind => kind in partKinds;
const hottest: Record<PartKind, string> = {
  pads: 'holds hottest first',
  rotors: 'biggest first',
  fluids: 'highest wet point first',
  lines: 'by name',
  ducts: 'widest first',
  calipers: 'largest rotor first',
  brackets: 'largest rotor first',
  cylinders: 'largest bore first',
};

/** Everything that can be fitted or driven: found as you type, opened, edited, copied, archived, imported. */
export default function ShelfRoom() {
  const { shelf } = usePlan();
  const { show } = useUnits();
  const [params, setParams] = useSearchParams();
  const named = params.get('kind');
  const inGarage = named === null || named === 'garage';
  const kind = (kinds.includes(named as Kind) ? named : 'pads') as Kind;
  const openId = params.get('open');
  const [text, setText] = useState('');
  const [filter, setFilter] = useState({ own: false, road: false, archived: false });
  const [sorting, setSorting] = useState<Sorting>('name');
  const [fresh, setFresh] = useState(0);
  const rows = useMemo(
    () => (isPart(kind) ? pick(rowsOf(kind, shelf, show), text, filter, sorting) : []),
    [kind, shelf, show, text, filter, sorting],
  );
  const go = (changes: Record<string, string | null>) =>
    setParams((old) => {
      const next = new URLSearchParams(old);
      for (const [key, value] of Object.entries(changes)) {
        if (value === null) next.delete(key);
        else next.set(key, value);
      }
      return next;
    });
  const opened: Opened | null = useMemo(() => {
    if (!isPart(kind)) return null;
    if (openId === 'new') return { kind, id: 'new', revision: 0, origin: 'own', archived: false, body: partKinds[kind].blank() };
    const items: { id: string; origin: string; archived: boolean; revision: number; body: Part; saved?: string | null }[] =
      shelf.content[kind];
    const item = items.find((row) => row.id === openId);
    return item ? { kind, ...item } : null;
  }, [kind, openId, shelf]);
  const onKey = (event: KeyboardEvent<HTMLElement>) => {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    const buttons = [...event.currentTarget.querySelectorAll<HTMLButtonElement>('.shelf-row')];
    const at = buttons.indexOf(document.activeElement as HTMLButtonElement);
    buttons[Math.min(buttons.length - 1, Math.max(0, at + (event.key === 'ArrowDown' ? 1 : -1)))]?.focus();
    event.preventDefault();
  };
  const toggle = (key: keyof typeof filter) => setFilter({ ...filter, [key]: !filter[key] });
  return (
    <div className="shelf">
      <AsideNote />
      <p className="room-sentence">
        <button
          type="button"
          className={inGarage ? 'phrase current' : 'phrase'}
          aria-pressed={inGarage}
          onClick={() => go({ kind: 'garage', open: null })}
        >
          In the garage
        </button>
        ; on the shelf:{' '}
        {kinds.map((item, i) => {
          const count = shelf.content[item].filter((row) => !row.archived).length;
          return (
            <span key={item} className={i < kinds.length - 1 ? undefined : 'last-word'}>
              <button
                type="button"
                className={!inGarage && item === kind ? 'phrase current' : 'phrase'}
                aria-pressed={!inGarage && item === kind}
                onClick={() => go({ kind: item, open: null })}
              >
                {count} {isPart(item) ? (count === 1 ? partKinds[item].one : partKinds[item].many) : item}
              </button>
              {i < kinds.length - 1 ? ', ' : '.'}
            </span>
          );
        })}
      </p>
      {inGarage ? (
        <Garage />
      ) : isPart(kind) ? (
        <div className="shelf-columns">
          <section aria-label={`All ${partKinds[kind].many}`} className="shelf-list" onKeyDown={onKey}>
            <input
              className="form-control"
              type="search"
              placeholder={`Search ${partKinds[kind].many}`}
              aria-label={`Search ${partKinds[kind].many}`}
              value={text}
              maxLength={80}
              onChange={(event) => setText(event.target.value)}
            />
            <p className="shelf-filter">
              Show{' '}
              <button type="button" className="phrase" aria-pressed={filter.own} onClick={() => toggle('own')}>
                {filter.own ? 'mine only' : 'demo and mine'}
              </button>
              {(kind === 'pads' || kind === 'lines') && (
                <>
                  ,{' '}
                  <button type="button" className="phrase" aria-pressed={filter.road} onClick={() => toggle('road')}>
                    {filter.road ? 'road-approved only' : 'road and track'}
                  </button>
                </>
              )}
              ,{' '}
              <button type="button" className="phrase" aria-pressed={filter.archived} onClick={() => toggle('archived')}>
                {filter.archived ? 'archived' : 'on offer'}
              </button>
              ,{' '}
              <select
                className="phrase-select"
                aria-label="Order"
                value={sorting}
                onChange={(event) => setSorting(event.target.value as Sorting)}
              >
                <option value="name">by name</option>
                <option value="price">cheapest first</option>
                <option value="heat">{hottest[kind]}</option>
              </select>
              .
            </p>
            <ul>
              {rows.map((row) => (
                <li key={row.id}>
                  <button
                    type="button"
                    className={row.id === openId ? 'shelf-row current' : 'shelf-row'}
                    aria-current={row.id === openId}
                    onClick={() => go({ open: row.id })}
                  >
                    <span className="shelf-name">
                      {row.name}
                      {row.own && <span className="shelf-own"> yours</span>}
                    </span>
                    <span className="shelf-words">{row.words}</span>
                    {row.curve && <Sparkline points={row.curve.points} dashed={row.curve.typical} />}
                    <span className="shelf-price">{row.price === null ? '–' : row.price.toFixed(0)}</span>
                  </button>
                </li>
              ))}
            </ul>
            {rows.length === 0 && (
              <p className="note">
                {shelf.content[kind].length === 0
                  ? `None yet: add your own${kind === 'brackets' || kind === 'cylinders' ? '' : ', or copy a typical one'}.`
                  : 'Nothing here goes by that. Change the sentence above, or add your own.'}
              </p>
            )}
            <p>
              <button type="button" className="btn btn-outline-dark" onClick={() => go({ open: 'new' })}>
                Add a {partKinds[kind].one}
              </button>
            </p>
            {kind !== 'brackets' && kind !== 'cylinders' && <TypicalParts kind={kind} onCopied={(id) => go({ open: id })} />}
            <CatalogueFile />
          </section>
          {opened ? (
            <PartEditor
              key={`${kind} ${opened.id} ${fresh}`}
              opened={opened}
              onStartOver={() => setFresh(fresh + 1)}
              onSaved={(id) => {
                setFresh(fresh + 1);
                go({ open: id });
              }}
            />
          ) : (
            <section className="shelf-empty">
              <p>
                Open a {partKinds[kind].one} to see what it can take and to change it, or add your own. Prices are in your currency; a dash
                is a price nobody entered.
              </p>
            </section>
          )}
        </div>
      ) : (
        <CarsAndCircuits kind={kind as 'cars' | 'circuits'} />
      )}
    </div>
  );
}
