import { Link } from 'react-router';
import type { AxleBrake, Car } from '../../api/client';
import { NumberField } from '../../shared/NumberField';
import { SelectField } from '../../shared/SelectField';
import { logCarOf } from '../fittedDraft';
import { useTakeCar } from '../useTakeCar';
import { usePlan } from '../PlanContext';
import { axleFields, drumBrake, refinements, typicalDisc, typicalDrum } from './carFields';
import { ChoiceList } from './ChoiceList';
import { AsksOfParts, CaliperMadeFor, RoomInWheels } from './Fits';
import { KeepCar } from './KeepCar';
import { useRange } from './useRange';
import { useUnits } from '../../units/UnitContext';

export function CarEditor() {
  const { told, show } = useUnits();
  const take = useTakeCar();
  const { shelf, draft, plan, change } = usePlan();
  const range = useRange();
  if (!draft || !plan) return null;
  const car = plan.car;
  // Upon the car as it stands then, which this page may not have drawn yet.
  const editCar = (changes: (now: Car) => Partial<Car>) =>
    change((old) => {
      const now = typeof old.car === 'string' ? car : old.car;
      return {
        ...old,
        car: { ...now, ...changes(now) },
        logCar: logCarOf(old),
        frontRotor: old.frontRotor ?? plan.frontRotor,
        rearRotor: old.rearRotor ?? plan.rearRotor,
      };
    });
  const edit = (changes: Partial<Car>) => editCar(() => changes);
  const editAxle = (axle: 'front' | 'rear', changes: Partial<AxleBrake>) => editCar((now) => ({ [axle]: { ...now[axle], ...changes } }));
  const editCaliper = (axle: 'front' | 'rear', caliper: AxleBrake['caliper']) =>
    change((old) => {
      const rotor = axle === 'front' ? plan.frontRotor : plan.rearRotor;
      const fitting = (caliper === 'drum') === (rotor.construction === 'drum') ? rotor : caliper === 'drum' ? typicalDrum : typicalDisc;
      const now = typeof old.car === 'string' ? car : old.car;
      return {
        ...old,
        car: { ...now, [axle]: { ...now[axle], caliper, ...(caliper === 'drum' ? drumBrake : {}) } },
        logCar: logCarOf(old),
        frontRotor: axle === 'front' ? fitting : (old.frontRotor ?? plan.frontRotor),
        rearRotor: axle === 'rear' ? fitting : (old.rearRotor ?? plan.rearRotor),
      };
    });
  return (
    <div className="editor-columns">
      <div>
        <ChoiceList
          legend="Cars on the shelf"
          choices={shelf.content.cars.map((item) => ({
            id: item.id,
            name: item.body.car.name,
            note: `${show(item.body.car.massKg, 'kg')}, ${show(item.body.car.powerKw, 'kW')}`,
          }))}
          chosen={typeof draft.car === 'string' ? draft.car : null}
          onChoose={(id) => void take(id)}
        />
        <Link to="/new" className="quiet-link">
          Add your own car: five answers
        </Link>
        <KeepCar />
      </div>
      <div>
        <h3>What decides most</h3>
        <NumberField label="Mass with driver" value={car.massKg} range={range('car.massKg')} onChange={(massKg) => edit({ massKg })} />
        <NumberField label="Power" value={car.powerKw} range={range('car.powerKw')} onChange={(powerKw) => edit({ powerKw })} />
        <div className="field">
          <label htmlFor="car-tyre">Tyres</label>
          <select id="car-tyre" className="form-select" value={car.tyre} onChange={(event) => edit({ tyre: event.target.value })}>
            {shelf.tyres.map((tyre) => (
              <option key={tyre.code} value={tyre.code}>
                {told(tyre.name)}, {tyre.grip.toFixed(2)} g
              </option>
            ))}
          </select>
        </div>
        <div className="field">
          <label htmlFor="car-original">Pads it was sold with</label>
          <select
            id="car-original"
            className="form-select"
            value={car.originalPadFamily}
            onChange={(event) => edit({ originalPadFamily: event.target.value })}
          >
            {shelf.padFamilies.map((family) => (
              <option key={family.code} value={family.code}>
                {told(family.name)}
              </option>
            ))}
          </select>
        </div>
        <label className="check">
          <input type="checkbox" checked={car.electronics} onChange={(event) => edit({ electronics: event.target.checked })} /> ABS with
          brake-force distribution
        </label>
      </div>
      <details className="editor-wide">
        <summary>Refine: weight, drag, calipers, pedal. Every default is a typical figure.</summary>
        <div className="field-grid">
          {refinements.map(({ key, label, hint }) => (
            <NumberField
              key={key}
              label={label}
              hint={hint}
              value={car[key]}
              range={range(`car.${key}`)}
              onChange={(value) => edit({ [key]: value })}
            />
          ))}
          <NumberField
            label="Master cylinder"
            value={car.hydraulics.masterCylinderMm}
            range={range('car.hydraulics.masterCylinderMm')}
            onChange={(masterCylinderMm) => edit({ hydraulics: { ...car.hydraulics, masterCylinderMm, guessed: false } })}
          />
          <NumberField
            label="Booster gain"
            hint="1 without a booster"
            value={car.hydraulics.boosterGain}
            range={range('car.hydraulics.boosterGain')}
            onChange={(boosterGain) => edit({ hydraulics: { ...car.hydraulics, boosterGain, guessed: false } })}
          />
          {car.regenerationMS2 > 0 && (
            <SelectField
              label="Regeneration works at"
              value={car.regeneratesAt ?? 'both'}
              options={[
                { value: 'both', label: 'both axles, or unknown' },
                { value: 'front', label: 'the front axle' },
                { value: 'rear', label: 'the rear axle' },
              ]}
              onChange={(regeneratesAt) => edit({ regeneratesAt })}
            />
          )}
          {car.electronics && car.kind !== 'motorcycle' && (
            <SelectField
              label="Fade support"
              hint="electronics press on where the booster ends"
              value={car.fadeSupport ?? 'unknown'}
              options={[
                { value: 'unknown', label: 'unknown' },
                { value: 'yes', label: 'yes' },
                { value: 'no', label: 'no' },
              ]}
              onChange={(fadeSupport) => edit({ fadeSupport })}
            />
          )}
          {!car.electronics && car.kind !== 'motorcycle' && (
            <SelectField
              label="Valve in the rear line"
              value={car.rearValve ?? 'unknown'}
              options={[
                { value: 'unknown', label: 'unknown: a usual one' },
                { value: 'none', label: 'none' },
                { value: 'limiter', label: 'limiter' },
                { value: 'proportioning', label: 'proportioning' },
                { value: 'loadSensing', label: 'load-sensing' },
              ]}
              onChange={(rearValve) => edit({ rearValve })}
            />
          )}
          <SelectField
            label="Engine"
            value={car.charged ? 'charged' : 'free'}
            options={[
              { value: 'free', label: 'breathes freely' },
              { value: 'charged', label: 'turbocharged or electric' },
            ]}
            onChange={(engine) => edit({ charged: engine === 'charged' })}
          />
          <SelectField
            label="Bled in which order"
            hint="your car’s manual says"
            value={car.bleeding ?? 'furthestFirst'}
            options={[
              { value: 'furthestFirst', label: 'furthest first, master cylinder at the left' },
              { value: 'furthestFirstFromRight', label: 'furthest first, master cylinder at the right' },
              { value: 'nearestFirst', label: 'nearest first' },
              { value: 'crosswise', label: 'crosswise' },
            ]}
            onChange={(bleeding) => edit({ bleeding })}
          />
          <AsksOfParts car={car} edit={edit} />
          <RoomInWheels car={car} edit={edit} />
        </div>
        {(['front', 'rear'] as const).map((axle) => (
          <section key={axle} aria-label={`${axle} calipers`}>
            <h3>{axle === 'front' ? 'Front calipers' : 'Rear calipers'}</h3>
            <div className="field-grid">
              <CaliperMadeFor brake={car[axle]} edit={(changes) => editAxle(axle, changes)} />
              {axleFields.map(({ key, label }) => (
                <NumberField
                  key={key}
                  label={label}
                  value={car[axle][key]}
                  range={range(`axle.${key}`)}
                  onChange={(value) => editAxle(axle, { [key]: value })}
                />
              ))}
              <SelectField
                label="Caliper"
                value={car[axle].caliper}
                options={[
                  { value: 'sliding', label: 'sliding' },
                  { value: 'fixed', label: 'fixed, pistons on both sides' },
                  { value: 'onePiece', label: 'fixed, cut from one piece' },
                  ...(axle === 'rear' ? [{ value: 'drum' as const, label: 'drum' }] : []),
                ]}
                onChange={(caliper) => editCaliper(axle, caliper)}
              />
              <SelectField
                label="Pistons"
                value={car[axle].pistons ?? 'metal'}
                options={[
                  { value: 'metal', label: 'metal' },
                  { value: 'vented', label: 'metal, vented nose' },
                  { value: 'titanium', label: 'titanium' },
                ]}
                onChange={(pistons) => editAxle(axle, { pistons })}
              />
              <SelectField
                label="Shim behind the pad"
                value={car[axle].shim ?? 'none'}
                options={[
                  { value: 'none', label: 'none' },
                  { value: 'steel', label: 'steel' },
                  { value: 'titanium', label: 'titanium' },
                ]}
                onChange={(shim) => editAxle(axle, { shim })}
              />
              {car[axle].pistonsMm.map((piston, i) => (
                <NumberField
                  key={i}
                  label={`Piston ${i + 1}, ${car[axle].caliper === 'sliding' ? 'sliding' : car[axle].caliper === 'drum' ? 'wheel cylinder' : 'one side'}`}
                  value={piston}
                  range={range('axle.pistonsMm')}
                  onChange={(value) => editAxle(axle, { pistonsMm: car[axle].pistonsMm.map((old, j) => (i === j ? value : old)) })}
                />
              ))}
            </div>
          </section>
        ))}
      </details>
    </div>
  );
}
