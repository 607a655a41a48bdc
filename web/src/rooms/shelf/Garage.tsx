import { Link } from 'react-router';
import type { BrakeFluid } from '../../api/client';
import type { CarInGarage } from '../../api/log';
import { carKey, today } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';
import { useGarage } from '../../plan/useGarage';
import { useTakeCar } from '../../plan/useTakeCar';
import { Currency } from './Currency';
import { HardStopList } from '../../shared/HardStopList';
import { priced } from '../../units/currency';
import { useUnits } from '../../units/UnitContext';

type PadSet = NonNullable<CarInGarage['pads']['front']>;
type RotorsOnCar = NonNullable<CarInGarage['rotors']['front']>;

const knownBy: Record<PadSet['by'], string> = {
  guessed: 'new when fitted, a guess',
  described: 'as described',
  driven: 'from that day’s plan',
  measured: 'measured',
  fitted: 'new',
  reckoned: 'by laps since',
};

/** When a bottle of the shelf was opened, as far as anybody said. */
const openedOn = (bottle: BrakeFluid) =>
  bottle.openedOn ?? `about ${Math.round(bottle.openedMonths ?? 0)} months before it was written down`;

const cornerNames: Record<PadSet['corners'][number]['corner'], string> = {
  leftFront: 'left',
  rightFront: 'right',
  leftRear: 'left',
  rightRear: 'right',
};

/** A bar of what is left over what was new, with its band and the limit: worn rock is gone from the right. */
function Left({
  low,
  middle,
  high,
  most,
  limit,
  label,
}: {
  low: number;
  middle: number;
  high: number;
  most: number;
  limit: number;
  label: string;
}) {
  const x = (mm: number) => (Math.max(0, Math.min(most, mm)) / most) * 236 + 2;
  return (
    <svg viewBox="0 0 240 30" className="garage-bar" role="img" aria-label={label}>
      <rect x={2} y={8} width={236} height={12} className="garage-new" />
      <rect x={2} y={8} width={x(middle) - 2} height={12} className="garage-left" />
      <path d={`M${x(low)} 14H${x(high)}M${x(low)} 10v8M${x(high)} 10v8`} className="garage-band" />
      <path d={`M${x(limit)} 4V24`} className="garage-limit" />
    </svg>
  );
}

function AxleOnCar({
  name,
  pads,
  rotors,
  newMm,
  limitMm,
}: {
  name: string;
  pads: PadSet;
  rotors: RotorsOnCar;
  newMm: number;
  limitMm: number;
}) {
  const { show, band } = useUnits();
  const { rotor } = rotors;
  const thickness = rotors.thicknessMm ?? null;
  return (
    <section aria-label={name} className="garage-axle">
      <h3>{name}</h3>
      <p>
        <b>{pads.pad.name}</b>
        {pads.since && `, since ${pads.since}`}
        {pads.hotLaps > 0 && `, ${pads.hotLaps} hot laps`}
        {(pads.hours ?? 0) > 0 && `, ${show(pads.hours ?? 0, 'h', 1)}, ${show(pads.megajoules ?? 0, 'MJ')}`}
        {pads.pad.priceAxleSet != null && `, ${priced(pads.pad.priceAxleSet)} a set`}
        {!pads.bedded && ', not bedded yet'}
      </p>
      <Left
        low={pads.leftMm.p10}
        middle={pads.leftMm.p50}
        high={pads.leftMm.p90}
        most={newMm}
        limit={limitMm}
        label={`${band(pads.leftMm, 'mm', 1)} of pad left of ${show(newMm, 'mm', 1)}`}
      />
      <p className="note">
        {band(pads.leftMm, 'mm', 1)} left at the thinnest ({knownBy[pads.by]}
        {pads.corners.length > 1 && `; ${pads.corners.map((one) => `${cornerNames[one.corner]} ${show(one.leftMm, 'mm', 1)}`).join(', ')}`}
        {pads.measuredOn && `; measured ${pads.measuredOn}: ${show(pads.measuredMm ?? 0, 'mm', 1)}`}); changed at {show(limitMm, 'mm', 1)}
      </p>
      <p>
        <b>{rotor.name}</b>
        {rotors.since && `, since ${rotors.since}`}
        {(rotors.hotLaps ?? 0) > 0 &&
          `, ${rotors.hotLaps} hot laps, ${show(rotors.hours ?? 0, 'h', 1)}, ${show(rotors.megajoules ?? 0, 'MJ')}`}
        {rotor.price != null && `, ${priced(rotor.price)} each`}
      </p>
      {thickness !== null && (
        <Left
          low={thickness}
          middle={thickness}
          high={thickness}
          most={rotor.thicknessMm + 0.2}
          limit={rotor.minThicknessMm}
          label={`${show(thickness, 'mm', 2)} of rotor, limit ${show(rotor.minThicknessMm, 'mm', 1)}`}
        />
      )}
      <p className="note">
        {thickness !== null ? `${show(thickness, 'mm', 2)} measured ${rotors.measuredOn}` : 'nobody measured them'}
        {rotors.ringKg != null && `, lightest ring ${show(rotors.ringKg, 'kg', 2)}`}
        {rotors.crackMm != null && rotors.crackMm > 0 && `, longest heat check ${show(rotors.crackMm, 'mm', 1)}`}; limit{' '}
        {show(rotor.minThicknessMm, 'mm', 1)}
      </p>
    </section>
  );
}

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
