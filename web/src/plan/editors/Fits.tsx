import { useId } from 'react';
import type { AxleBrake, Car } from '../../api/client';
import { NumberField } from '../../shared/NumberField';
import { SelectField } from '../../shared/SelectField';
import { useRange } from './useRange';

/** What the car's maker asks of parts: fluid, and what rear pads have to mind. */
export function AsksOfParts({ car, edit }: { car: Car; edit: (changes: Partial<Car>) => void }) {
  return (
    <>
      <SelectField
        label="Fluid that its maker asks for"
        hint="on the reservoir’s cap"
        value={car.asksFluid ?? ''}
        options={[
          { value: '', label: 'not looked at' },
          { value: 'dot3', label: 'DOT 3' },
          { value: 'dot4', label: 'DOT 4' },
          { value: 'dot5.1', label: 'DOT 5.1' },
          { value: 'iso6', label: 'class 6, low viscosity' },
        ]}
        onChange={(asksFluid) => edit({ asksFluid: asksFluid || undefined })}
      />
      <SelectField
        label="Parking brake"
        value={car.parkingBrake ?? 'unknown'}
        options={[
          { value: 'unknown', label: 'not looked at' },
          { value: 'inHat', label: 'shoes in the rear hats' },
          { value: 'inCaliper', label: 'cable at the rear calipers' },
          { value: 'electric', label: 'electric' },
        ]}
        onChange={(parkingBrake) => edit({ parkingBrake })}
      />
    </>
  );
}

/** Room in the wheels for calipers and rotors. */
export function RoomInWheels({ car, edit }: { car: Car; edit: (changes: Partial<Car>) => void }) {
  const range = useRange();
  return (
    <>
      <NumberField
        label="Wheel barrel"
        hint="inner diameter of the front wheels where the caliper sits"
        value={car.wheelBarrelMm ?? undefined}
        range={range('car.wheelBarrelMm')}
        onChange={(wheelBarrelMm) => edit({ wheelBarrelMm })}
        onClear={() => edit({ wheelBarrelMm: undefined })}
      />
      <NumberField
        label="Room to the spokes"
        hint="from the hub’s face outwards, where the caliper passes"
        value={car.spokeRoomMm ?? undefined}
        range={range('car.spokeRoomMm')}
        onChange={(spokeRoomMm) => edit({ spokeRoomMm })}
        onClear={() => edit({ spokeRoomMm: undefined })}
      />
    </>
  );
}

/** What decides whether a pad or a rotor goes into these calipers. */
export function CaliperMadeFor({ brake, edit }: { brake: AxleBrake; edit: (changes: Partial<AxleBrake>) => void }) {
  const range = useRange();
  const id = useId();
  return (
    <>
      <div className="field">
        <label htmlFor={id}>Pad shape</label>
        <input
          id={id}
          className="form-control"
          maxLength={80}
          value={brake.padShape ?? ''}
          onChange={(event) => edit({ padShape: event.target.value || undefined })}
        />
        <span className="field-hint">its code in catalogues; empty: look before you order</span>
      </div>
      <NumberField
        label="Made for rotors of"
        hint="empty: as the car’s own rotor"
        value={brake.rotorMm ?? undefined}
        range={range('axle.rotorMm')}
        onChange={(rotorMm) => edit({ rotorMm })}
        onClear={() => edit({ rotorMm: undefined })}
      />
      <NumberField
        label="and a thickness of"
        value={brake.rotorThicknessMm ?? undefined}
        range={range('axle.rotorThicknessMm')}
        onChange={(rotorThicknessMm) => edit({ rotorThicknessMm })}
        onClear={() => edit({ rotorThicknessMm: undefined })}
      />
    </>
  );
}
