import type { CarInGarage } from '../../api/log';
import { priced } from '../../units/currency';
import { useUnits } from '../../units/UnitContext';

export type PadSet = NonNullable<CarInGarage['pads']['front']>;
type RotorsOnCar = NonNullable<CarInGarage['rotors']['front']>;

/** How something is known, in words. */
export const knownBy: Record<PadSet['by'], string> = {
  guessed: 'new when fitted, a guess',
  described: 'as described',
  driven: 'from that day’s plan',
  measured: 'measured',
  fitted: 'new',
  reckoned: 'by laps since',
};

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

/** What is on an axle: since when, how that is known, and what is left of it. */
export function AxleOnCar({
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
