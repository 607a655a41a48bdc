import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { BeliefLine } from '../plan/BeliefLine';
import { GarageLine } from '../plan/GarageLine';
import { PlanSentence } from '../plan/PlanSentence';
import { isEstate } from '../api/base';
import { usePlan } from '../plan/PlanContext';
import { useUnits } from '../units/UnitContext';
import { RoomBoundary } from '../shared/RoomBoundary';
import { Announcer } from './Announcer';
import { BadLink } from './BadLink';
import type { EarlyKeys } from './Finder';
import { rooms } from './rooms';

// Fetched when first asked for: most drivers never press a single key.
const Finder = lazy(() => import('./Finder'));
const Help = lazy(() => import('./Help'));

const themeKey = 'rimrock.theme';

function useTheme() {
  const [theme, setTheme] = useState(
    () => localStorage.getItem(themeKey) ?? (window.matchMedia?.('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'),
  );
  useEffect(() => {
    document.documentElement.dataset.bsTheme = theme;
  }, [theme]);
  return {
    theme,
    toggle: () => {
      const next = theme === 'dark' ? 'light' : 'dark';
      localStorage.setItem(themeKey, next);
      setTheme(next);
    },
  };
}

const singleKeysKey = 'rimrock.keys';

/** Whether one key alone does something; who speaks to the page or slips on keys switches it off. */
function useSingleKeys() {
  const [on, setOn] = useState(() => localStorage.getItem(singleKeysKey) !== 'off');
  return {
    on,
    set: (next: boolean) => {
      localStorage.setItem(singleKeysKey, next ? 'on' : 'off');
      setOn(next);
    },
  };
}

/** The room's name in the title; on a change of rooms the reader starts at its top. */
function useRoomTitle(pathname: string) {
  const was = useRef(pathname);
  useEffect(() => {
    const room = rooms.find((one) => pathname.startsWith(`/${one.path}`))?.name ?? (pathname === '/new' ? 'Your car' : null);
    document.title = room ? `${room} · Rimrock` : 'Rimrock';
    if (was.current !== pathname) document.getElementById('room')?.focus({ preventScroll: true });
    was.current = pathname;
  }, [pathname]);
}

/** Header, plan sentence and the room below. */
export function Frame() {
  const { system, toggle } = useUnits();
  const theme = useTheme();
  const { undo, search, linkFault } = usePlan();
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const singleKeys = useSingleKeys();
  useRoomTitle(pathname);
  const [finding, setFinding] = useState(false);
  // What is typed before the finder stands goes into it, and does nothing else.
  const early = useRef<EarlyKeys | null>(null);
  const takeEarly = () => {
    const typed = early.current;
    early.current = null;
    return typed;
  };
  const find = () => {
    early.current = { text: '', enter: false };
    setFinding(true);
  };
  const [helping, setHelping] = useState(false);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (early.current && !event.ctrlKey && !event.metaKey && !event.altKey) {
        if (event.key === 'Enter') early.current.enter = true;
        else if (event.key.length === 1) early.current.text += event.key;
        else return;
        event.preventDefault();
        return;
      }
      const target = event.target as HTMLElement;
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        !singleKeys.on ||
        target.closest('input:not([type=radio]):not([type=checkbox]), select, textarea, .modal, .editor, [role=alertdialog]')
      )
        return;
      const room = rooms[Number(event.key) - 1];
      if (room) void navigate(`/${room.path}${search}`);
      else if (event.key === '/') find();
      else if (event.key === '?') setHelping(true);
      else if (event.key === 'u') undo();
      else if (event.key === 'c') toggle();
      else if (event.key === 'd') theme.toggle();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate, search, undo, toggle, theme, singleKeys.on]);

  return (
    <div className="sheet">
      <a className="visually-hidden-focusable" href="#room">
        Skip to the room
      </a>
      <header className="top">
        <NavLink to={`/bench${search}`} className="wordmark" aria-label="Rimrock, to the Bench">
          <svg width="36" height="26" viewBox="0 0 36 26" aria-hidden="true">
            <path className="mark-ridge" d="M1 20 9 8l5 5 7-11 14 18" />
            <path className="mark-bed" d="M5 17h27" />
            <path className="mark-rim" d="M1 24h34" />
          </svg>
          Rimrock
        </NavLink>
        <nav aria-label="Rooms">
          {rooms.map((room, i) => (
            <NavLink key={room.path} to={`/${room.path}${search}`} className={({ isActive }) => (isActive ? 'room current' : 'room')}>
              <span className="room-key" aria-hidden="true">
                {i + 1}
              </span>{' '}
              {room.name}
            </NavLink>
          ))}
        </nav>
        <div className="switches">
          <button type="button" onClick={find}>
            Find
          </button>
          <button
            type="button"
            onClick={toggle}
            aria-label={system === 'metric' ? 'Change to Fahrenheit and imperial' : 'Change to Celsius and metric'}
          >
            {system === 'metric' ? '°C km' : '°F mi'}
          </button>
          <button type="button" onClick={theme.toggle}>
            {theme.theme === 'dark' ? 'Light' : 'Dark'}
          </button>
          <button type="button" onClick={() => setHelping(true)} aria-label="Keyboard help">
            ?
          </button>
        </div>
      </header>
      {isEstate && (
        <p className="estate-line" role="note">
          <b>Our invented estate</b>, to try Rimrock with: nothing in it is yours, and all of it is thrown away when Rimrock stops.{' '}
          <a href="/">Back to your own</a>
        </p>
      )}
      {pathname !== '/new' && !linkFault && (
        <RoomBoundary>
          <PlanSentence />
          <GarageLine />
          <BeliefLine />
        </RoomBoundary>
      )}
      <main id="room" tabIndex={-1} aria-label={rooms.find((one) => pathname.startsWith(`/${one.path}`))?.name}>
        <RoomBoundary key={pathname}>{linkFault ? <BadLink fault={linkFault} /> : <Outlet />}</RoomBoundary>
      </main>
      <Announcer />
      <Suspense fallback={null}>
        {finding && <Finder takeEarly={takeEarly} onHide={() => setFinding(false)} />}
        {helping && <Help onHide={() => setHelping(false)} singleKeys={singleKeys.on} onSingleKeys={singleKeys.set} />}
      </Suspense>
    </div>
  );
}
