import type { Pad, Rotor } from '../../api/client';
import { NumberField } from '../../shared/NumberField';
import { useUnits } from '../../units/UnitContext';
import { classPrefix, familyPrefix } from '../draft';
import { usePlan } from '../PlanContext';
import { ChoiceList } from './ChoiceList';
import { useRange } from './useRange';

type Axle = 'front' | 'rear';

export function PadEditor({ axle }: { axle: Axle }) {
  const { shelf, draft, plan, change } = usePlan();
  const { show } = useUnits();
  const range = useRange();
  if (!draft || !plan) return null;
  const key = axle === 'front' ? 'frontPad' : 'rearPad';
  const left = axle === 'front' ? 'frontPadMm' : 'rearPadMm';
  const familyName = (code: string) => shelf.padFamilies.find((family) => family.code === code)?.name ?? code;
  const peak = (pad: Pad) => Math.max(...(pad.curve ?? []).map((point) => point.mu));
  const limit = { ...range('frontPadMm'), max: plan.car[axle].padNewMm };
  return (
    <div className="editor-columns">
      <ChoiceList
        legend={`${axle === 'front' ? 'Front' : 'Rear'} pads on the shelf`}
        choices={shelf.content.pads.map((item) => ({
          id: item.id,
          name: item.body.name,
          note: `${familyName(item.body.family)}, friction to ${peak(item.body).toFixed(2)}${item.body.roadApproved ? '' : ', no road approval'}`,
        }))}
        chosen={typeof draft[key] === 'string' ? draft[key] : null}
        onChoose={(id) => change((old) => ({ ...old, [key]: id }))}
      />
      <ChoiceList
        legend="Only the kind is known"
        choices={shelf.padFamilies.map((family) => ({
          id: familyPrefix + family.code,
          name: family.name,
          note: `dust ${family.dust}, noise ${family.noise}, rotor wear ${family.rotorWear} of 10`,
        }))}
        chosen={typeof draft[key] === 'string' ? draft[key] : null}
        onChoose={(id) => change((old) => ({ ...old, [key]: id }))}
      />
      <div>
        <NumberField
          label="Material left this morning"
          hint={`new: ${show(plan.car[axle].padNewMm, 'mm', 1)}`}
          value={draft[left] ?? plan.car[axle].padNewMm}
          range={limit}
          onChange={(value) => change((old) => ({ ...old, [left]: value }))}
        />
      </div>
    </div>
  );
}

const rotorNote = (rotor: Rotor) =>
  `${rotor.outerDiameterMm} x ${rotor.thicknessMm} mm, ${rotor.vanes === 'solid' ? 'solid' : `${rotor.vanes} vanes`}, ${rotor.construction === 'twoPiece' ? 'two-piece' : 'one-piece'}`;

export function RotorEditor() {
  return (
    <div className="editor-columns">
      <RotorChoice axle="front" />
      <RotorChoice axle="rear" />
      <DuctChoice />
    </div>
  );
}

function RotorChoice({ axle }: { axle: Axle }) {
  const { shelf, draft, plan, change } = usePlan();
  const range = useRange();
  if (!draft || !plan) return null;
  const key = axle === 'front' ? 'frontRotor' : 'rearRotor';
  const rotor = plan[key];
  const chosen = draft[key];
  const edit = (changes: Partial<Rotor>) => change((old) => ({ ...old, [key]: { ...rotor, ringMassKg: undefined, ...changes } }));
  return (
    <div>
      <ChoiceList
        legend={axle === 'front' ? 'Front rotors' : 'Rear rotors'}
        choices={[
          ...(typeof draft.car === 'string'
            ? [{ id: 'as-fitted', name: 'as the car has them', note: chosen === null ? rotorNote(rotor) : '' }]
            : []),
          ...shelf.content.rotors.map((item) => ({ id: item.id, name: item.body.name, note: rotorNote(item.body) })),
        ]}
        chosen={chosen === null ? 'as-fitted' : typeof chosen === 'string' ? chosen : null}
        onChoose={(id) => change((old) => ({ ...old, [key]: id === 'as-fitted' ? null : id }))}
      />
      <details>
        <summary>Measure yours</summary>
        <NumberField
          label="Rotor diameter"
          value={rotor.outerDiameterMm}
          range={range('rotor.outerDiameterMm')}
          onChange={(outerDiameterMm) => edit({ outerDiameterMm })}
        />
        <NumberField
          label="Inner diameter of the ring"
          value={rotor.innerDiameterMm}
          range={range('rotor.innerDiameterMm')}
          onChange={(innerDiameterMm) => edit({ innerDiameterMm })}
        />
        <NumberField
          label="Thickness today"
          value={rotor.thicknessMm}
          range={range('rotor.thicknessMm')}
          onChange={(thicknessMm) => edit({ thicknessMm })}
        />
        {rotor.vanes !== 'solid' && (
          <NumberField
            label="Vane gap"
            value={rotor.vaneGapMm}
            range={range('rotor.vaneGapMm')}
            onChange={(vaneGapMm) => edit({ vaneGapMm })}
          />
        )}
      </details>
    </div>
  );
}

function DuctChoice() {
  const { draft, change } = usePlan();
  const range = useRange();
  if (!draft) return null;
  const duct = draft.frontDuct ?? { hoseMm: 0, shield: 'closed' as const };
  return (
    <div>
      <h3>Air to the front</h3>
      <NumberField
        label="Duct hose"
        hint="0 for no duct; 76 is usual"
        value={duct.hoseMm}
        range={range('duct.hoseMm')}
        onChange={(hoseMm) => change((old) => ({ ...old, frontDuct: { ...duct, hoseMm } }))}
      />
      <ChoiceList
        legend="Dust shield"
        choices={[
          { id: 'closed', name: 'closed', note: 'a duct behind it does next to nothing' },
          { id: 'trimmed', name: 'trimmed', note: 'open at the rotor’s eye' },
          { id: 'removed', name: 'removed', note: 'coolest; stones reach the rotor' },
        ]}
        chosen={duct.shield ?? 'closed'}
        onChoose={(shield) => change((old) => ({ ...old, frontDuct: { ...duct, shield: shield as typeof duct.shield } }))}
      />
    </div>
  );
}

export function FluidEditor() {
  const { shelf, draft, change } = usePlan();
  const { show } = useUnits();
  const range = useRange();
  if (!draft) return null;
  const { fluidState } = draft;
  const edit = (changes: Partial<typeof fluidState>) => change((old) => ({ ...old, fluidState: { ...old.fluidState, ...changes } }));
  return (
    <div className="editor-columns">
      <ChoiceList
        legend="Fluids on the shelf"
        choices={shelf.content.fluids.map((item) => ({
          id: item.id,
          name: item.body.name,
          note: `boils at ${show(item.body.dryC, 'C')} dry, ${show(item.body.wetC, 'C')} wet`,
        }))}
        chosen={typeof draft.fluid === 'string' ? draft.fluid : null}
        onChoose={(fluid) => change((old) => ({ ...old, fluid }))}
      />
      <ChoiceList
        legend="Only the class is known"
        choices={shelf.fluidClasses
          .filter((row) => row.code.startsWith('dot'))
          .map((row) => ({
            id: classPrefix + row.code,
            name: row.name,
            note: `at least ${show(row.dryC, 'C')} dry, ${show(row.wetC, 'C')} wet`,
          }))}
        chosen={typeof draft.fluid === 'string' ? draft.fluid : null}
        onChoose={(fluid) => change((old) => ({ ...old, fluid }))}
      />
      <div>
        <NumberField
          label="Age of the fluid"
          hint="months since it was changed"
          value={fluidState.ageMonths}
          range={range('fluidState.ageMonths')}
          onChange={(ageMonths) => edit({ ageMonths })}
        />
        <ChoiceList
          legend="Where the car lives"
          choices={[
            { id: 'temperate', name: 'temperate', note: '' },
            { id: 'humid', name: 'coast or wet', note: 'water comes in 1.3 times as fast' },
            { id: 'dry', name: 'dry', note: '0.7 times' },
          ]}
          chosen={fluidState.climate ?? 'temperate'}
          onChoose={(climate) => edit({ climate: climate as typeof fluidState.climate })}
        />
        <label className="check">
          <input type="checkbox" checked={fluidState.tightHoses} onChange={(event) => edit({ tightHoses: event.target.checked })} /> New or
          braided hoses
        </label>
        <p className="note">Brake fluid harms paint, skin and eyes.</p>
      </div>
    </div>
  );
}
