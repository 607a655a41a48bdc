import { Link } from 'react-router';
import type { BrakeFluid } from '../../api/client';
import { carKey, today } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';
import { useGarage } from '../../plan/useGarage';
import { useTakeCar } from '../../plan/useTakeCar';
import { AxleOnCar, knownBy } from './AxleOnCar';
import { Currency } from './Currency';
import { HardStopList } from '../../shared/HardStopList';
import { useUnits } from '../../units/UnitContext';

/** When a bottle of the shelf was opened, as far as anybody said. */
const openedOn = (bottle: BrakeFluid) =>
  bottle.openedOn ?? `about ${Math.round(bottle.openedMonths ?? 0)} months before it was written down`;

/** The car as it stands: what is on each axle since when and how that is known, what was taken off, opened bottles. */
export function Garage() {
  const { shelf, plan, draft, search } = usePlan();
  const garage = useGarage();
  const take = useTakeCar();
  const { band, told, show } = useUnits();
  if (!plan || !draft) return null;
  if (!garage)
    return (
      <p className="note">
        The {plan.car.name} is not on the shelf, so that nothing is kept of it. Press its name above and keep it; then what you fit and
        measure is remembered here.
      </p>
    );
  const { state } = garage;
  const { front, rear } = state.pads;
  const [frontRotors, rearRotors] = [state.rotors.front, state.rotors.rear];
  const bottles = shelf.content.fluids.filter((item) => !item.archived && (item.body.openedOn ?? item.body.openedMonths) != null);
  const left = state.bottles ?? [];
  const others = shelf.content.cars.filter((item) => !item.archived && item.id !== carKey(draft));
  if (!front || !rear || !frontRotors || !rearRotors) return null;
  const { fluid } = state;
  const tyreName = (code: string) => {
    const row = shelf.tyres.find((one) => one.code === code);
    return row ? `tyres: ${told(row.name)}` : code;
  };
  const since = (from?: string | null, off?: string | null) => `${from ? `, ${from}` : ''} to ${off ?? 'some day'}`;
  const gone = [
    ...(['front', 'rear'] as const).flatMap((axle) =>
      (state.pastRotors?.[axle] ?? []).map((one, i) => ({
        key: `${axle} ${i}`,
        name: `${one.rotor.name}, ${axle}`,
        text: `${since(one.since, one.off)}, ${one.hotLaps ?? 0} hot laps, ${show(one.hours ?? 0, 'h', 1)}, ${show(one.megajoules ?? 0, 'MJ')}${one.thicknessMm == null ? '' : `, last ${show(one.thicknessMm, 'mm', 2)}`}`,
      })),
    ),
    ...(state.pastFluids ?? []).map((one, i) => ({
      key: `fluid ${i}`,
      name: one.fluid.name,
      text: `${since(one.filled, one.off)}, ${one.hotLaps ?? 0} hot laps${one.readPercent == null ? '' : `, ${one.readPercent.toFixed(1)} % of water read`}`,
    })),
  ];
  return (
    <div className="garage">
      <header className="section-head">
        <h2>The {plan.car.name} as it stands</h2>
        <span className="section-note">read off its log: description, finished orders, days, inspections</span>
      </header>
      {others.length > 0 && (
        <p className="note">
          Also in the garage:{' '}
          {others.map((item, i) => (
            <span key={item.id}>
              {i > 0 && ', '}
              <button type="button" className="btn btn-link garage-other" onClick={() => void take(item.id)}>
                {item.body.car.name}
              </button>
            </span>
          ))}
        </p>
      )}
      <HardStopList stops={garage.stops} />
      {state.contradictions.length > 0 && (
        <ul className="garage-odd" aria-label="What does not go together">
          {state.contradictions.map((one) => (
            <li key={`${one.day} ${told(one.sentence)}`}>
              {one.day}: {told(one.sentence)}
            </li>
          ))}
        </ul>
      )}
      <div className="garage-axles">
        <AxleOnCar
          name="Front"
          pads={front}
          rotors={frontRotors}
          newMm={plan.car.front.padNewMm ?? 11}
          limitMm={plan.car.front.padLimitMm ?? 3}
        />
        <AxleOnCar
          name="Rear"
          pads={rear}
          rotors={rearRotors}
          newMm={plan.car.rear.padNewMm ?? 10}
          limitMm={plan.car.rear.padLimitMm ?? 3}
        />
        <section aria-label="Fluid and hoses" className="garage-axle">
          <h3>Fluid and hoses</h3>
          <p>
            <b>{fluid.fluid.name}</b>, {Math.round(fluid.state.ageMonths)} months old
            {fluid.filled && `, filled about ${fluid.filled}`}
            {(fluid.hotLaps ?? 0) > 0 && `, ${fluid.hotLaps} hot laps`}
          </p>
          <p className="note">
            {fluid.readOn
              ? `a tester said ${fluid.readPercent?.toFixed(1)} % of water on ${fluid.readOn}: evidence for the Bench, which weighs it`
              : 'no tester was held into it'}
          </p>
          <p>
            <b>
              {
                {
                  rubber: 'rubber hoses',
                  agedRubber: 'old rubber hoses',
                  braided: 'braided hoses',
                  stiffFromWorks: 'stiff hoses from the works',
                }[state.lines]
              }
            </b>
            {state.linesSince && `, since ${state.linesSince}`}
            {state.hoseYears != null && `, ${state.hoseYears.toFixed(0)} years old`}
          </p>
          {(['front', 'rear'] as const)
            .filter((axle) => (state.ducts[axle]?.hoseMm ?? 0) > 0)
            .map((axle) => (
              <p key={axle}>
                <b>
                  {show(state.ducts[axle]?.hoseMm ?? 0, 'mm')} ducts, {axle}
                </b>
                {state.ductsSince?.[axle] && `, since ${state.ductsSince[axle]}`}
              </p>
            ))}
          {state.frontKit && (
            <p>
              <b>{state.frontKit.name}</b>, front calipers
            </p>
          )}
          {state.rearKit && (
            <p>
              <b>{state.rearKit.name}</b>, rear calipers
            </p>
          )}
          {state.cylinder && (
            <p>
              <b>{state.cylinder.name}</b>, master cylinder
            </p>
          )}
          {state.tyre && (
            <p>
              <b>{tyreName(state.tyre)}</b>
              {state.tyreSince && `, since ${state.tyreSince}`}
            </p>
          )}
        </section>
      </div>
      <section aria-label="Stock">
        <h3>In stock</h3>
        {state.stock.length + bottles.length + left.length === 0 ? (
          <p className="note">Nothing: what a finished order takes off with something left is listed here, and opened bottles.</p>
        ) : (
          <ul>
            {state.stock.map((set) => (
              <li key={`${set.axle} ${set.pad.name}`}>
                <b>{set.pad.name}</b>, {set.axle}: {band(set.leftMm, 'mm', 1)} left ({knownBy[set.by]}), {set.hotLaps} hot laps
                {set.off && !set.off.startsWith('0001') && `, off ${set.off}`}
              </li>
            ))}
            {left.map((one) => (
              <li key={`${one.fluid} ${one.opened}`}>
                <b>{one.fluid}</b>, {show(one.litres, 'l', 1)} left of what an order opened on {one.opened}
                {one.useBy && (one.useBy < today() ? `: past its day since ${one.useBy}` : `; use it up by ${one.useBy}`)}
              </li>
            ))}
            {bottles.map((item) => (
              <li key={item.id}>
                <b>{item.body.name}</b>, bottle opened {openedOn(item.body)}
              </li>
            ))}
          </ul>
        )}
      </section>
      {gone.length > 0 && (
        <section aria-label="What came off">
          <h3>What came off</h3>
          <ul>
            {gone.map((one) => (
              <li key={one.key}>
                <b>{one.name}</b>
                {one.text}
              </li>
            ))}
          </ul>
        </section>
      )}
      <p>
        <Link to={{ pathname: '/log', search }}>Write down what you measured</Link>, or{' '}
        <Link to={{ pathname: '/ready', search }}>order what comes next</Link>.
      </p>
      <Currency />
    </div>
  );
}
