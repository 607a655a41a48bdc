import { useEffect, useRef, useState, type ReactNode } from 'react';
import { useUnits } from '../units/UnitContext';
import { CarEditor } from './editors/CarEditor';
import { CircuitEditor } from './editors/CircuitEditor';
import { PaceEditor, StintEditor, WeatherEditor } from './editors/DayEditors';
import { FluidEditor, PadEditor } from './editors/PartEditors';
import { DaysEditor } from './editors/DaysEditor';
import { RotorEditor } from './editors/RotorEditor';
import { asks, kindOf, often } from './days';
import { usePlan } from './PlanContext';

interface Part {
  key: string;
  title: string;
  text: string;
  editor: ReactNode;
}

/** The plan in plain language; every underlined phrase opens its editor in place. */
export function PlanSentence() {
  const { draft, plan, shelf, undo } = usePlan();
  const { show, told } = useUnits();
  const [open, setOpen] = useState<string | null>(null);
  const phrases = useRef(new Map<string, HTMLButtonElement>());
  const panel = useRef<HTMLDivElement>(null);

  useEffect(() => {
    if (open)
      (
        panel.current?.querySelector<HTMLElement>('.editor-fields input:checked') ??
        panel.current?.querySelector<HTMLElement>('.editor-fields :is(input, select, button)')
      )?.focus();
  }, [open]);

  if (!draft || !plan) return null;
  const { stint, weather } = plan;
  const duct = plan.frontDuct?.hoseMm
    ? `${show(plan.frontDuct.hoseMm, 'mm')} duct`
    : plan.frontDuct && plan.frontDuct.shield !== 'closed'
      ? `shield ${plan.frontDuct.shield}`
      : 'no ducts';
  const asked = asks(draft.days, shelf);
  const counts = draft.days.map((planned) => {
    const kind = kindOf(planned, shelf);
    return planned.daysAYear === 1
      ? `one ${kind ? told(kind.name) : planned.kind}`
      : `${often(planned.daysAYear)} ${kind ? told(kind.many) : planned.kind}`;
  });
  const year = counts.length > 1 ? `${counts.slice(0, -1).join(', ')} and ${counts.at(-1)}` : (counts[0] ?? '');
  const months = Math.round(plan.fluidState.ageMonths);
  const parts: Record<string, Part> = Object.fromEntries(
    [
      { key: 'car', title: 'The car', text: plan.car.name, editor: <CarEditor /> },
      {
        key: 'pace',
        title: 'Pace',
        text: plan.driver ? `${plan.pace} pace, ${plan.driver} driving` : `${plan.pace} pace`,
        editor: <PaceEditor />,
      },
      { key: 'stint', title: 'The day', text: `${stint.sessions} x ${Number(stint.minutesEach.toFixed(1))} min`, editor: <StintEditor /> },
      { key: 'circuit', title: 'Where it is driven', text: plan.circuit.name, editor: <CircuitEditor /> },
      {
        key: 'weather',
        title: 'Weather',
        text: `${show(weather.ambientC, 'C')}, ${weather.rain ? 'wet' : 'dry'}`,
        editor: <WeatherEditor />,
      },
      { key: 'days', title: 'The days of its year', text: year, editor: <DaysEditor /> },
      { key: 'front', title: 'Front pads', text: plan.frontPad.name, editor: <PadEditor axle="front" /> },
      { key: 'rear', title: 'Rear pads', text: plan.rearPad.name, editor: <PadEditor axle="rear" /> },
      {
        key: 'rotors',
        title: 'Rotors and air',
        text: `${plan.frontKit ? `${plan.frontKit.name} with ` : ''}${plan.frontRotor.name} rotors, ${duct}`,
        editor: <RotorEditor />,
      },
      {
        key: 'fluid',
        title: 'Brake fluid',
        text: `${plan.fluid.name} fluid, ${months === 0 ? 'fresh' : `${months} month${months === 1 ? '' : 's'} old`}`,
        editor: <FluidEditor />,
      },
    ].map((part) => [part.key, part]),
  );
  const close = () => {
    const was = open;
    setOpen(null);
    if (was) phrases.current.get(was)?.focus();
  };
  const phrase = (key: string) => (
    <button
      type="button"
      className={open === key ? 'phrase open' : 'phrase'}
      aria-expanded={open === key}
      aria-controls="plan-editor"
      ref={(element) => {
        if (element) phrases.current.set(key, element);
      }}
      onClick={() => (open === key ? close() : setOpen(key))}
    >
      {parts[key]?.text}
    </button>
  );
  const current = open ? parts[open] : null;
  return (
    <section className="plan" aria-label="Plan">
      <p className="sentence">
        {phrase('car')}
        {asked.pace && <> at {phrase('pace')}</>}
        {asked.circuit && (
          <>
            , {asked.sessions && <>{phrase('stint')} </>}at {phrase('circuit')}
          </>
        )}
        , {phrase('weather')}; {phrase('days')} a year.
        <br className="wide-only" /> Fitted: {phrase('front')} front, {phrase('rear')} rear, {phrase('rotors')}, {phrase('fluid')}.
      </p>
      <div
        id="plan-editor"
        ref={panel}
        hidden={!current}
        className="editor"
        role="group"
        aria-label={current?.title}
        onKeyDown={(event) => {
          if (event.key === 'Escape') {
            event.stopPropagation();
            close();
          }
        }}
      >
        {current && (
          <>
            <header>
              <h2>{current.title}</h2>
              <span>
                <button type="button" className="btn btn-link" onClick={undo}>
                  Undo
                </button>
                <button type="button" className="btn btn-dark" onClick={close}>
                  Done
                </button>
              </span>
            </header>
            <div className="editor-fields">{current.editor}</div>
          </>
        )}
      </div>
    </section>
  );
}
