import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { guessCar, type CarBody, type CarLayout } from '../../api/client';
import { encodeDraft } from '../../plan/address';
import { day } from '../../plan/days';
import { classPrefix, draftOfCar, familyPrefix, typicalCircuit, type Draft } from '../../plan/draft';
import { usePlan } from '../../plan/PlanContext';
import { useRange } from '../../plan/editors/useRange';
import { KeptNote } from '../../shared/KeptNote';
import { NumberField } from '../../shared/NumberField';
import { ProblemNote } from '../../shared/ProblemNote';
import { useKept } from '../../shared/useKept';
import { useUnits } from '../../units/UnitContext';

interface Answers {
  motorcycle: boolean;
  layout?: CarLayout;
  body?: CarBody;
  massKg?: number;
  powerKw?: number;
  tyre: string;
  circuit: string;
  pad: string;
  fluid: string;
  ageMonths: number;
}

const firstAnswers: Omit<Answers, 'circuit'> = { motorcycle: false, tyre: 'summer', pad: 'organic', fluid: 'dot4', ageMonths: 24 };

const roadOnly = 'road';

const layouts: { value: CarLayout; label: string }[] = [
  { value: 'frontDrive', label: 'front drive' },
  { value: 'rearDrive', label: 'front engine, rear drive' },
  { value: 'allWheel', label: 'front engine, all wheels' },
  { value: 'midEngine', label: 'engine in the middle' },
  { value: 'rearEngine', label: 'engine at the rear' },
  { value: 'electric', label: 'electric' },
  { value: 'electricFront', label: 'electric, front drive' },
];
const bodies: { value: CarBody; label: string }[] = [
  { value: 'roadster', label: 'roadster' },
  { value: 'saloon', label: 'saloon, hatch, estate' },
  { value: 'tall', label: 'van or off-roader' },
];

/** Five answers to a first verdict; everything else starts from a typical value that can be refined on the Bench. */
export default function NewCarRoom() {
  const { told } = useUnits();
  const { shelf } = usePlan();
  const range = useRange();
  const navigate = useNavigate();
  const kept = useKept<Answers>('new-car', () => ({ ...firstAnswers, circuit: shelf.content.circuits[0]?.id ?? 'typical' }));
  const { motorcycle, layout, body, massKg, powerKw, tyre, pad, fluid, ageMonths } = kept.now;
  const set = (changes: Partial<Answers>) => kept.set((old) => ({ ...old, ...changes }));
  // A circuit may have left the shelf since the answers were begun.
  const circuit =
    kept.now.circuit === roadOnly || shelf.content.circuits.some((item) => item.id === kept.now.circuit) ? kept.now.circuit : 'typical';
  const [error, setError] = useState<Error | null>(null);
  const ready = massKg !== undefined && powerKw !== undefined;
  const missing = massKg === undefined ? (powerKw === undefined ? 'Mass and power are' : 'Mass is') : 'Power is';

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (!ready) return;
    try {
      const guess = await guessCar({ name: motorcycle ? 'My motorcycle' : 'My car', massKg, powerKw, tyre, motorcycle, layout, body });
      const base = draftOfCar('', {
        car: guess.car,
        frontRotor: guess.frontRotor,
        rearRotor: guess.rearRotor,
        frontPad: familyPrefix + pad,
        rearPad: familyPrefix + pad,
        fluid: classPrefix + fluid,
        fluidState: { ageMonths, climate: 'temperate', tightHoses: false },
      });
      const draft: Draft = {
        ...base,
        pace: 'regular',
        car: { ...guess.car, originalPadFamily: pad.startsWith('race') || pad === 'track-sport' ? 'organic' : pad },
        circuit: circuit === 'typical' || circuit === roadOnly ? typicalCircuit : circuit,
        days: circuit === roadOnly ? [day('weekday', 200)] : base.days,
        frontRotor: guess.frontRotor,
        rearRotor: guess.rearRotor,
      };
      kept.forget();
      void navigate(`/bench?p=${encodeDraft(draft)}`);
    } catch (problem) {
      setError(problem as Error);
    }
  };

  return (
    <form className="new-car" onSubmit={(event) => void submit(event)} noValidate>
      <h1>Your car, in five answers</h1>
      <p className="note">Everything else starts from a typical figure, marked as such, and can be refined on the Bench.</p>
      <KeptNote
        takenUp={kept.takenUp}
        onThrow={() => kept.forget({ ...firstAnswers, circuit: shelf.content.circuits[0]?.id ?? 'typical' })}
      />
      <fieldset>
        <legend>1 and 2. How heavy, how strong?</legend>
        <button type="button" className="btn btn-link" aria-pressed={motorcycle} onClick={() => set({ motorcycle: !motorcycle })}>
          {motorcycle ? 'It is a car after all' : 'It is a motorcycle'}
        </button>
        <NumberField
          label="Mass with driver"
          hint={motorcycle ? 'with rider and fuel' : 'papers plus you and fuel'}
          value={massKg}
          range={range('car.massKg', motorcycle ? 'Mass with rider' : undefined)}
          onChange={(mass) => set({ massKg: mass })}
        />
        <NumberField label="Power" value={powerKw} range={range('car.powerKw')} onChange={(power) => set({ powerKw: power })} />
        {!motorcycle && (
          <>
            <Presses label="Drive" choices={layouts} chosen={layout} onChoose={(next) => set({ layout: next })} />
            <Presses label="Shape" choices={bodies} chosen={body} onChoose={(next) => set({ body: next })} />
          </>
        )}
      </fieldset>
      <fieldset>
        <legend>3. On what tyres?</legend>
        <select aria-label="Tyres" className="form-select" value={tyre} onChange={(event) => set({ tyre: event.target.value })}>
          {shelf.tyres.map((row) => (
            <option key={row.code} value={row.code}>
              {told(row.name)}
            </option>
          ))}
        </select>
      </fieldset>
      <fieldset>
        <legend>4. Where?</legend>
        <select aria-label="Circuit" className="form-select" value={circuit} onChange={(event) => set({ circuit: event.target.value })}>
          {shelf.content.circuits.map((item) => (
            <option key={item.id} value={item.id}>
              {item.body.name}
            </option>
          ))}
          <option value="typical">a typical club circuit (braking zones you can edit)</option>
          <option value={roadOnly}>on the road only: no track</option>
        </select>
      </fieldset>
      <fieldset>
        <legend>5. What is fitted now?</legend>
        <div className="field">
          <label htmlFor="new-pad">Pads</label>
          <select id="new-pad" className="form-select" value={pad} onChange={(event) => set({ pad: event.target.value })}>
            {shelf.padFamilies.map((family) => (
              <option key={family.code} value={family.code}>
                {told(family.name)}
                {family.code === 'organic' ? ' (most street cars)' : ''}
              </option>
            ))}
          </select>
        </div>
        <div className="field">
          <label htmlFor="new-fluid">Fluid</label>
          <select id="new-fluid" className="form-select" value={fluid} onChange={(event) => set({ fluid: event.target.value })}>
            {shelf.fluidClasses
              .filter((row) => row.code.startsWith('dot'))
              .map((row) => (
                <option key={row.code} value={row.code}>
                  {told(row.name)}
                </option>
              ))}
          </select>
        </div>
        <NumberField
          label="Age of the fluid"
          hint="two years if nobody knows"
          value={ageMonths}
          range={range('fluidState.ageMonths')}
          onChange={(months) => set({ ageMonths: months })}
        />
      </fieldset>
      {error && <ProblemNote error={error} />}
      <button type="submit" className="btn btn-dark" disabled={!ready}>
        Show me what gives first
      </button>
      {!ready && <span className="note">{missing} still missing.</span>}
    </form>
  );
}

/** A few words to press, one of them or none: where none is pressed, a typical car stands in. */
function Presses<T extends string>({
  label,
  choices,
  chosen,
  onChoose,
}: {
  label: string;
  choices: { value: T; label: string }[];
  chosen: T | undefined;
  onChoose: (value: T | undefined) => void;
}) {
  return (
    <div className="presses" role="group" aria-label={label}>
      <span className="presses-label">{label}</span>
      {choices.map((choice) => (
        <button
          key={choice.value}
          type="button"
          className={choice.value === chosen ? 'press chosen' : 'press'}
          aria-pressed={choice.value === chosen}
          onClick={() => onChoose(choice.value === chosen ? undefined : choice.value)}
        >
          {choice.label}
        </button>
      ))}
    </div>
  );
}
