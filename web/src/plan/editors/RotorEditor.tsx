import type { Rotor } from '../../api/client';
import { VaneHand } from '../../charts/VaneHand';
import { NumberField } from '../../shared/NumberField';
import { SelectField } from '../../shared/SelectField';
import { useLook } from '../PeekContext';
import { usePlan } from '../PlanContext';
import { AirChoice } from './AirChoice';
import { ChoiceList } from './ChoiceList';
import { useRange } from './useRange';
import { useUnits, type Units } from '../../units/UnitContext';

type Axle = 'front' | 'rear';

const materials = { iron: '', carbonCeramic: 'carbon-ceramic, ', carbonCarbon: 'carbon-carbon, ' };

/** What a rotor's name leaves open. */
function rotorNote(rotor: Rotor, show: Units['show'], named = true) {
  const size = `${rotor.outerDiameterMm} x ${rotor.construction === 'drum' ? rotor.drumWidthMm : rotor.thicknessMm}`;
  const wide = (rotor.construction === 'drum' ? rotor.drumWidthMm : null) ?? rotor.thicknessMm;
  const measures = named && rotor.name.includes(size) ? '' : `${show(rotor.outerDiameterMm, 'mm')} x ${show(wide, 'mm')}, `;
  if (rotor.construction === 'drum') return `${measures}drum`;
  const vanes = rotor.vanes === 'solid' ? 'solid' : `${rotor.vanes} vanes`;
  return `${measures}${materials[rotor.material ?? 'iron']}${vanes}, ${rotor.construction === 'twoPiece' ? 'two pieces' : 'one piece'}`;
}

export function RotorEditor() {
  return (
    <div className="editor-columns">
      <RotorChoice axle="front" />
      <RotorChoice axle="rear" />
      <AirChoice />
    </div>
  );
}

function RotorChoice({ axle }: { axle: Axle }) {
  const { show } = useUnits();
  const { shelf, draft, plan, change } = usePlan();
  const onPeek = useLook();
  if (!draft || !plan) return null;
  const key = axle === 'front' ? 'frontRotor' : 'rearRotor';
  const wrongKey = axle === 'front' ? 'frontWrongSide' : 'rearWrongSide';
  const rotor = plan[key];
  const chosen = draft[key];
  const drums = plan.car[axle].caliper === 'drum';
  const wrong = plan[wrongKey] ?? false;
  return (
    <div>
      <ChoiceList
        legend={axle === 'front' ? 'Front rotors' : drums ? 'Rear drums' : 'Rear rotors'}
        choices={[
          ...(typeof draft.car === 'string'
            ? [{ id: 'as-fitted', name: 'as the car has them', note: chosen === null ? rotorNote(rotor, show, false) : '' }]
            : []),
          ...shelf.content.rotors
            .filter((item) => (item.body.construction === 'drum') === drums)
            .map((item) => ({ id: item.id, name: item.body.name, note: rotorNote(item.body, show) })),
        ]}
        chosen={chosen === null ? 'as-fitted' : typeof chosen === 'string' ? chosen : null}
        onChoose={(id) => change((old) => ({ ...old, [key]: id === 'as-fitted' ? null : id }))}
        onPeek={(id) => onPeek(id ? (old) => ({ ...old, [key]: id === 'as-fitted' ? null : id }) : null)}
      />
      {rotor.vanes === 'curved' && (
        <>
          <VaneHand wrong={wrong} />
          <label className="check">
            <input
              type="checkbox"
              checked={wrong}
              onChange={(event) => change((old) => ({ ...old, refine: { ...old.refine, [wrongKey]: event.target.checked } }))}
            />{' '}
            They sit on each other’s side
          </label>
        </>
      )}
      <Measures axle={axle} rotor={rotor} />
    </div>
  );
}

function Measures({ axle, rotor }: { axle: Axle; rotor: Rotor }) {
  const { change } = usePlan();
  const range = useRange();
  const key = axle === 'front' ? 'frontRotor' : 'rearRotor';
  // Upon the rotor as it stands then, which this page may not have drawn yet.
  const edit = (changes: Partial<Rotor>) =>
    change((old) => {
      const now = old[key];
      return { ...old, [key]: { ...(now && typeof now !== 'string' ? now : rotor), ringMassKg: undefined, ...changes } };
    });
  const drum = rotor.construction === 'drum';
  const vented = { vaneGapMm: Math.max(6, rotor.vaneGapMm ?? 0), vaneCount: Math.max(30, rotor.vaneCount ?? 0) };
  return (
    <details>
      <summary>Measure yours</summary>
      <NumberField
        label={drum ? 'Drum diameter' : 'Rotor diameter'}
        value={rotor.outerDiameterMm}
        range={range('rotor.outerDiameterMm')}
        onChange={(outerDiameterMm) => edit({ outerDiameterMm })}
      />
      {drum ? (
        <NumberField
          label="Drum width"
          value={rotor.drumWidthMm}
          range={range('rotor.drumWidthMm')}
          onChange={(drumWidthMm) => edit({ drumWidthMm })}
        />
      ) : (
        <NumberField
          label="Inner diameter of the ring"
          value={rotor.innerDiameterMm}
          range={range('rotor.innerDiameterMm')}
          onChange={(innerDiameterMm) => edit({ innerDiameterMm })}
        />
      )}
      <NumberField
        label={drum ? 'Wall thickness' : 'Thickness today'}
        value={rotor.thicknessMm}
        range={range('rotor.thicknessMm')}
        onChange={(thicknessMm) => edit({ thicknessMm })}
      />
      {!drum && (
        <>
          <SelectField
            label="Vanes"
            value={rotor.vanes ?? 'solid'}
            options={[
              { value: 'solid', label: 'none: solid' },
              { value: 'straight', label: 'straight' },
              { value: 'pillar', label: 'pillars' },
              { value: 'curved', label: 'curved, handed' },
            ]}
            onChange={(vanes) => edit({ vanes, ...(vanes === 'solid' ? { vaneGapMm: 0, vaneCount: 0 } : vented) })}
          />
          {rotor.vanes !== 'solid' && (
            <NumberField
              label="Vane gap"
              value={rotor.vaneGapMm}
              range={range('rotor.vaneGapMm')}
              onChange={(vaneGapMm) => edit({ vaneGapMm })}
            />
          )}
          <SelectField
            label="Held by"
            value={rotor.construction ?? 'onePiece'}
            options={[
              { value: 'onePiece', label: 'one piece with its hat' },
              { value: 'twoPiece', label: 'two pieces, floating ring' },
            ]}
            onChange={(construction) => edit({ construction })}
          />
          <SelectField
            label="Ring material"
            value={rotor.material ?? 'iron'}
            options={[
              { value: 'iron', label: 'iron' },
              { value: 'carbonCeramic', label: 'carbon-ceramic' },
              { value: 'carbonCarbon', label: 'carbon-carbon (race only)' },
            ]}
            onChange={(material) => edit({ material, replacesCarbonCeramic: false })}
          />
          {rotor.material !== 'carbonCeramic' && rotor.material !== 'carbonCarbon' && (
            <SelectField
              label="Iron"
              value={rotor.grade ?? 'plain'}
              options={[
                { value: 'plain', label: 'plain' },
                { value: 'highCarbon', label: 'high-carbon' },
                { value: 'alloyed', label: 'alloyed for the track' },
              ]}
              onChange={(grade) => edit({ grade })}
            />
          )}
          {rotor.material !== 'carbonCeramic' && rotor.material !== 'carbonCarbon' && (
            <label className="check">
              <input
                type="checkbox"
                checked={rotor.replacesCarbonCeramic ?? false}
                onChange={(event) =>
                  edit({
                    replacesCarbonCeramic: event.target.checked,
                    construction: event.target.checked ? 'twoPiece' : rotor.construction,
                  })
                }
              />{' '}
              Iron ring in place of a carbon-ceramic disc
            </label>
          )}
          <NumberField
            label="Ring mass by its maker"
            hint="wins over the geometry"
            value={rotor.ringMassKg ?? undefined}
            range={range('rotor.ringMassKg')}
            onChange={(ringMassKg) => edit({ ringMassKg })}
          />
        </>
      )}
    </details>
  );
}
