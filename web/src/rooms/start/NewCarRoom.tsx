import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { guessCar, type CarBody, type CarLayout, type PlannedDay, type Wishes } from '../../api/client';
import { encodeDraft } from '../../plan/address';
import { day, usualDays } from '../../plan/days';
import { classPrefix, draftOfCar, familyPrefix, typicalCircuit, type Draft } from '../../plan/draft';
import { usePlan } from '../../plan/PlanContext';
import { classParts } from '../../plan/wishes';
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
  pace: string;
  rotorMm?: number;
  /** Kinds of day that it sees; undefined for track days and the road between them. */
  uses?: string[];
  trailerKg?: number;
  trailerBraked?: boolean;
  classKeeps?: ClassPart[];
  hoseYears?: number;
  /** What an electric motor slows by, m/s². */
  regenerationMS2?: number;
  rearDrums?: boolean;
  carbonDiscs?: boolean;
  pad: string;
  fluid: string;
  ageMonths: number;
}

const firstAnswers: Omit<Answers, 'circuit'> = {
  motorcycle: false,
  tyre: 'summer',
  pace: 'regular',
  pad: 'organic',
  fluid: 'dot4',
  ageMonths: 24,
};

const usualUses = usualDays.map((one) => one.kind);
type ClassPart = NonNullable<Wishes['classKeeps']>[number];
const roadOnly = 'road';
/** Circuits as their kinds usually are come by their place among them. */
const ofKind = 'kind:';
const usualKind = `${ofKind}1`;

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
  const { told, show } = useUnits();
  const { shelf } = usePlan();
  const range = useRange();
  const navigate = useNavigate();
  const kept = useKept<Answers>('new-car', () => ({ ...firstAnswers, circuit: shelf.content.circuits[0]?.id ?? usualKind }));
  const { motorcycle, layout, body, massKg, powerKw, tyre, pad, fluid, ageMonths, rotorMm } = kept.now;
  const pace = kept.now.pace ?? 'regular';
  const uses = kept.now.uses ?? usualUses;
  const use = (code: string) => set({ uses: uses.includes(code) ? uses.filter((one) => one !== code) : [...uses, code] });
  const tows = uses.some((code) => shelf.dayKinds.find((kind) => kind.code === code)?.trailer);
  const set = (changes: Partial<Answers>) => kept.set((old) => ({ ...old, ...changes }));
  // A circuit may have left the shelf since the answers were begun.
  const circuit =
    kept.now.circuit === roadOnly ||
    kept.now.circuit === 'typical' ||
    kept.now.circuit.startsWith(ofKind) ||
    shelf.content.circuits.some((item) => item.id === kept.now.circuit)
      ? kept.now.circuit
      : usualKind;
  const typical = circuit.startsWith(ofKind) ? shelf.typicalCircuits[Number(circuit.slice(ofKind.length))] : undefined;
  const [error, setError] = useState<Error | null>(null);
  const ready = massKg !== undefined && powerKw !== undefined;
  const missing = massKg === undefined ? (powerKw === undefined ? 'Mass and power are' : 'Mass is') : 'Power is';

  // What it sees in a year; a road day where nothing else was pressed.
  const daysOf = (): PlannedDay[] => {
    const chosen = shelf.dayKinds.filter((kind) =>
      circuit === roadOnly ? kind.shape === 'road' && uses.includes(kind.code) : uses.includes(kind.code),
    );
    const days = chosen.slice(0, 8).map((kind) => ({
      ...day(kind.code, usualDays.find((one) => one.kind === kind.code)?.daysAYear ?? kind.usualDays),
      ...(kind.trailer && kept.now.trailerKg ? { trailerKg: kept.now.trailerKg, trailerBraked: kept.now.trailerBraked ?? false } : {}),
    }));
    return days.length > 0 ? days : [day('weekday', 200)];
  };

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (!ready) return;
    try {
      const asked = await guessCar({
        name: motorcycle ? 'My motorcycle' : 'My car',
        massKg,
        powerKw,
        tyre,
        motorcycle,
        layout,
        body,
        rotorMm,
        rearDrums: kept.now.rearDrums,
        carbonDiscs: kept.now.carbonDiscs,
      });
      const isElectric = layout === 'electric' || layout === 'electricFront';
      const guess =
        isElectric && kept.now.regenerationMS2 !== undefined
          ? { ...asked, car: { ...asked.car, regenerationMS2: kept.now.regenerationMS2 } }
          : asked;
      // On carbon-ceramic discs nothing else goes.
      const fitted = kept.now.carbonDiscs && !motorcycle ? 'carbon-ceramic-disc' : pad;
      const base = draftOfCar('', {
        car: guess.car,
        frontRotor: guess.frontRotor,
        rearRotor: guess.rearRotor,
        frontPad: familyPrefix + fitted,
        rearPad: familyPrefix + fitted,
        fluid: classPrefix + fluid,
        fluidState: { ageMonths, climate: 'temperate', tightHoses: false },
      });
      const draft: Draft = {
        ...base,
        pace,
        car: { ...guess.car, originalPadFamily: fitted.startsWith('race') || fitted === 'track-sport' ? 'organic' : fitted },
        circuit: typical ?? (circuit === 'typical' || circuit === roadOnly ? typicalCircuit : circuit),
        days: daysOf(),
        refine: kept.now.hoseYears === undefined ? undefined : { hoseYears: kept.now.hoseYears },
        wishes: uses.includes('autocross') && kept.now.classKeeps?.length ? { classKeeps: kept.now.classKeeps } : undefined,
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
        onThrow={() => kept.forget({ ...firstAnswers, circuit: shelf.content.circuits[0]?.id ?? usualKind })}
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
            {(layout === 'electric' || layout === 'electricFront') && (
              <NumberField
                label="Regeneration slows by"
                hint={`0.2 g is ${show(1.96, 'm/s2', 1)}; a usual figure if nobody knows`}
                value={kept.now.regenerationMS2}
                range={range('car.regenerationMS2')}
                onChange={(regenerationMS2) => set({ regenerationMS2 })}
                onClear={() => set({ regenerationMS2: undefined })}
              />
            )}
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
        <legend>4. Where, and how do you drive?</legend>
        <select aria-label="Circuit" className="form-select" value={circuit} onChange={(event) => set({ circuit: event.target.value })}>
          {shelf.content.circuits.map((item) => (
            <option key={item.id} value={item.id}>
              {item.body.name}
            </option>
          ))}
          {shelf.typicalCircuits.map((one, i) => (
            <option key={one.name} value={`${ofKind}${i}`}>
              a {one.name}
            </option>
          ))}
          <option value="typical">braking zones that I enter myself</option>
          <option value={roadOnly}>on the road only: no track</option>
        </select>
        <select aria-label="Pace" className="form-select" value={pace} onChange={(event) => set({ pace: event.target.value })}>
          {shelf.paces.map((row) => (
            <option key={row.code} value={row.code}>
              {told(row.name)}
            </option>
          ))}
        </select>
      </fieldset>
      <fieldset>
        <legend>And what for?</legend>
        <div className="presses" role="group" aria-label="Days of its year">
          {shelf.dayKinds.map((kind) => (
            <button
              key={kind.code}
              type="button"
              className={uses.includes(kind.code) ? 'press chosen' : 'press'}
              aria-pressed={uses.includes(kind.code)}
              onClick={() => use(kind.code)}
            >
              {told(kind.name)}
            </button>
          ))}
        </div>
        {tows && (
          <>
            <NumberField
              label="Trailer"
              hint="with its load; nothing for none"
              value={kept.now.trailerKg}
              range={range('days.trailerKg')}
              onChange={(trailerKg) => set({ trailerKg })}
              onClear={() => set({ trailerKg: undefined })}
            />
            <label className="check">
              <input
                type="checkbox"
                checked={kept.now.trailerBraked ?? false}
                onChange={(event) => set({ trailerBraked: event.target.checked })}
              />{' '}
              it has brakes of its own
            </label>
          </>
        )}
        {uses.includes('autocross') && (
          <div className="presses" role="group" aria-label="Your class keeps as sold">
            <span className="presses-label">Class keeps as sold</span>
            {classParts.map(({ value, label }) => (
              <button
                key={value}
                type="button"
                className={kept.now.classKeeps?.includes(value) ? 'press chosen' : 'press'}
                aria-pressed={kept.now.classKeeps?.includes(value) ?? false}
                onClick={() => {
                  const now = kept.now.classKeeps ?? [];
                  set({ classKeeps: now.includes(value) ? now.filter((one) => one !== value) : [...now, value] });
                }}
              >
                {label}
              </button>
            ))}
          </div>
        )}
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
          label="Front disc’s diameter, if you know it"
          hint="stamped on the disc; else a usual one stands in"
          value={rotorMm}
          range={range('rotor.outerDiameterMm')}
          onChange={(mm) => set({ rotorMm: mm })}
        />
        <NumberField
          label="Age of the fluid"
          hint="two years if nobody knows"
          value={ageMonths}
          range={range('fluidState.ageMonths')}
          onChange={(months) => set({ ageMonths: months })}
        />
        <NumberField
          label="Age of its rubber hoses"
          hint="the car’s age where nobody changed them; nothing if nobody knows"
          value={kept.now.hoseYears}
          range={range('hoseYears')}
          onChange={(hoseYears) => set({ hoseYears })}
          onClear={() => set({ hoseYears: undefined })}
        />
        {!motorcycle && (
          <div className="presses" role="group" aria-label="Kind of brakes">
            <button
              type="button"
              className={kept.now.rearDrums ? 'press chosen' : 'press'}
              aria-pressed={kept.now.rearDrums ?? false}
              onClick={() => set({ rearDrums: !kept.now.rearDrums || undefined })}
            >
              drums at the rear
            </button>
            <button
              type="button"
              className={kept.now.carbonDiscs ? 'press chosen' : 'press'}
              aria-pressed={kept.now.carbonDiscs ?? false}
              onClick={() => set({ carbonDiscs: !kept.now.carbonDiscs || undefined })}
            >
              carbon-ceramic discs
            </button>
          </div>
        )}
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
