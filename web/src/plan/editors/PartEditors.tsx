import type { Pad } from '../../api/client';
import { NumberField } from '../../shared/NumberField';
import { useUnits } from '../../units/UnitContext';
import { classPrefix, familyPrefix, onOffer } from '../draft';
import { useLook } from '../PeekContext';
import { usePlan } from '../PlanContext';
import { ChoiceList } from './ChoiceList';
import { HeatBeside } from './HeatBeside';
import { useRange } from './useRange';

type Axle = 'front' | 'rear';

export function PadEditor({ axle }: { axle: Axle }) {
  const { shelf, draft, plan, change } = usePlan();
  const onPeek = useLook();
  const { show, told } = useUnits();
  const range = useRange();
  if (!draft || !plan) return null;
  const key = axle === 'front' ? 'frontPad' : 'rearPad';
  const left = axle === 'front' ? 'frontPadMm' : 'rearPadMm';
  const familyName = (code: string) => {
    const family = shelf.padFamilies.find((one) => one.code === code);
    return family ? told(family.name) : code;
  };
  const peak = (pad: Pad) =>
    Math.max(...(pad.curve ?? shelf.padFamilies.find((family) => family.code === pad.family)?.curve ?? []).map((point) => point.mu));
  const limit = { ...range('frontPadMm'), max: plan.car[axle].padNewMm };
  return (
    <div className="editor-columns">
      <ChoiceList
        legend={`${axle === 'front' ? 'Front' : 'Rear'} pads on the shelf`}
        choices={onOffer(shelf.content.pads, draft[key]).map((item) => ({
          id: item.id,
          name: item.body.name,
          note: `${familyName(item.body.family)}, friction to ${peak(item.body).toFixed(2)}${item.body.roadApproved ? '' : ', no road approval'}`,
        }))}
        chosen={typeof draft[key] === 'string' ? draft[key] : null}
        onChoose={(id) => change((old) => ({ ...old, [key]: id }))}
        onPeek={(id) => onPeek(id ? (old) => ({ ...old, [key]: id }) : null)}
      />
      <ChoiceList
        legend="Only the kind is known"
        choices={shelf.padFamilies.map((family) => ({
          id: familyPrefix + family.code,
          name: told(family.name),
          note: `dust ${family.dust}, noise ${family.noise}, rotor wear ${family.rotorWear} of 10`,
        }))}
        chosen={typeof draft[key] === 'string' ? draft[key] : null}
        onChoose={(id) => change((old) => ({ ...old, [key]: id }))}
        onPeek={(id) => onPeek(id ? (old) => ({ ...old, [key]: id }) : null)}
      />
      <div>
        <NumberField
          label="Material left this morning"
          hint={`new: ${show(plan.car[axle].padNewMm, 'mm', 1)}`}
          value={draft[left] ?? plan.car[axle].padNewMm}
          range={limit}
          onChange={(value) => change((old) => ({ ...old, [left]: value }))}
        />
        <label className="check">
          <input
            type="checkbox"
            checked={!(plan.bedded ?? true)}
            onChange={(event) => change((old) => ({ ...old, refine: { ...old.refine, bedded: !event.target.checked } }))}
          />{' '}
          New and not bedded yet
        </label>
      </div>
    </div>
  );
}

export function FluidEditor() {
  const { shelf, draft, change } = usePlan();
  const onPeek = useLook();
  const { show, told } = useUnits();
  const range = useRange();
  if (!draft) return null;
  const { fluidState } = draft;
  const edit = (changes: Partial<typeof fluidState>) => change((old) => ({ ...old, fluidState: { ...old.fluidState, ...changes } }));
  return (
    <div className="editor-columns">
      <ChoiceList
        legend="Fluids on the shelf"
        choices={onOffer(shelf.content.fluids, draft.fluid).map((item) => ({
          id: item.id,
          name: item.body.name,
          note: `boils at ${show(item.body.dryC, 'C')} dry, ${show(item.body.wetC, 'C')} wet`,
        }))}
        chosen={typeof draft.fluid === 'string' ? draft.fluid : null}
        onChoose={(fluid) => change((old) => ({ ...old, fluid }))}
        onPeek={(fluid) => onPeek(fluid ? (old) => ({ ...old, fluid }) : null)}
      />
      <ChoiceList
        legend="Only the class is known"
        choices={shelf.fluidClasses
          .filter((row) => row.code.startsWith('dot'))
          .map((row) => ({
            id: classPrefix + row.code,
            name: told(row.name),
            note: `at least ${show(row.dryC, 'C')} dry, ${show(row.wetC, 'C')} wet`,
          }))}
        chosen={typeof draft.fluid === 'string' ? draft.fluid : null}
        onChoose={(fluid) => change((old) => ({ ...old, fluid }))}
        onPeek={(fluid) => onPeek(fluid ? (old) => ({ ...old, fluid }) : null)}
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
      <HeatBeside />
    </div>
  );
}
