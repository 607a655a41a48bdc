import { DuctDrawing } from '../../charts/DuctDrawing';
import type { WheelDuct } from '../../api/client';
import { NumberField } from '../../shared/NumberField';
import { SelectField } from '../../shared/SelectField';
import { useLook } from '../PeekContext';
import { usePlan } from '../PlanContext';
import { ChoiceList } from './ChoiceList';
import { useRange } from './useRange';
import { useUnits } from '../../units/UnitContext';

const noDuct: Required<WheelDuct> = { hoseMm: 0, shield: 'closed', aim: 'eye', lengthM: 1, wheel: 'usual' };

/** Ducts, dust shield and wheels. */
export function AirChoice() {
  const { show } = useUnits();
  const { draft, change } = usePlan();
  const onPeek = useLook();
  const range = useRange();
  if (!draft) return null;
  const duct = { ...noDuct, ...draft.frontDuct };
  const rear = { ...noDuct, ...draft.refine?.rearDuct };
  // Upon what stands then, which this page may not have drawn yet: nothing that was typed just before is lost.
  const edit = (changes: Partial<WheelDuct>) =>
    change((old) => ({
      ...old,
      refine: { ...old.refine, ductPrice: undefined },
      frontDuct: { ...noDuct, ...old.frontDuct, ...changes },
    }));
  const editRear = (changes: Partial<WheelDuct>) =>
    change((old) => ({ ...old, refine: { ...old.refine, rearDuct: { ...noDuct, ...old.refine?.rearDuct, ...changes } } }));
  return (
    <div>
      <h3>Air to the front</h3>
      <NumberField
        label="Duct hose"
        hint={`0 for no duct; ${show(76, 'mm')} is usual`}
        value={duct.hoseMm}
        range={range('duct.hoseMm')}
        onChange={(hoseMm) => edit({ hoseMm })}
      />
      <DuctDrawing hoseMm={duct.hoseMm} aim={duct.aim} shield={duct.shield} />
      {duct.hoseMm > 0 && (
        <>
          <SelectField
            label="It blows"
            value={duct.aim}
            options={[
              { value: 'eye', label: 'into the rotor’s eye' },
              { value: 'face', label: 'at the inboard face' },
            ]}
            onChange={(aim) => edit({ aim })}
          />
          <NumberField label="Hose length" value={duct.lengthM} range={range('duct.lengthM')} onChange={(lengthM) => edit({ lengthM })} />
        </>
      )}
      <ChoiceList
        legend="Dust shield"
        choices={[
          { id: 'closed', name: 'closed', note: 'a duct behind it does next to nothing' },
          { id: 'trimmed', name: 'trimmed', note: 'open at the rotor’s eye' },
          { id: 'removed', name: 'removed', note: 'coolest; stones reach the rotor' },
        ]}
        chosen={duct.shield}
        onChoose={(shield) => edit({ shield: shield as WheelDuct['shield'] })}
        onPeek={(shield) =>
          onPeek(shield ? (old) => ({ ...old, frontDuct: { ...noDuct, ...old.frontDuct, shield: shield as WheelDuct['shield'] } }) : null)
        }
      />
      <SelectField
        label="Wheels"
        value={duct.wheel}
        options={[
          { value: 'closed', label: 'small windows or covers' },
          { value: 'usual', label: 'as most alloy wheels' },
          { value: 'open', label: 'thin spokes, open' },
        ]}
        onChange={(wheel) => {
          edit({ wheel });
          editRear({ wheel });
        }}
      />
      <details>
        <summary>Air to the rear</summary>
        <NumberField
          label="Rear duct hose"
          hint="0 for no duct"
          value={rear.hoseMm}
          range={range('duct.hoseMm')}
          onChange={(hoseMm) => editRear({ hoseMm })}
        />
        <SelectField
          label="Rear shield"
          value={rear.shield}
          options={[
            { value: 'closed', label: 'closed' },
            { value: 'trimmed', label: 'trimmed' },
            { value: 'removed', label: 'removed' },
          ]}
          onChange={(shield) => editRear({ shield })}
        />
      </details>
    </div>
  );
}
