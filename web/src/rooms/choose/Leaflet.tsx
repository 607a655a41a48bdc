import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { holdLeaflet, type LeafletAnswer } from '../../api/choose';
import { savePart } from '../../api/shelf';
import { type BrakeFluid, type CurvePoint, type Pad, type PredictionPlan, type Wishes } from '../../api/client';
import { newId } from '../../plan/carKey';
import { usePlan } from '../../plan/PlanContext';
import { useRange } from '../../plan/editors/useRange';
import { percentOf } from '../../shared/chance';
import { NumberField } from '../../shared/NumberField';
import { ProblemNote } from '../../shared/ProblemNote';
import { SelectField } from '../../shared/SelectField';
import { useUnits } from '../../units/UnitContext';
import { LeafletChart } from './LeafletChart';

const words: Record<LeafletAnswer['outcome'], { mark: string; word: string }> = {
  fits: { mark: '●', word: 'Fits.' },
  nearly: { mark: '◐', word: 'Nearly.' },
  no: { mark: '○', word: 'No.' },
};

/** What a leaflet says, typed and held against the car: fits, nearly, or no and why; one press puts it on the shelf. */
export function Leaflet({ plan, wishes, car }: { plan: PredictionPlan; wishes: Wishes; car?: string }) {
  const { shelf } = usePlan();
  const { told } = useUnits();
  const range = useRange();
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [family, setFamily] = useState('track-sport');
  const [fromC, setFrom] = useState<number>();
  const [toC, setTo] = useState<number>();
  const [edgeCode, setEdgeCode] = useState('');
  const [curve, setCurve] = useState<CurvePoint[]>();
  const [basis, setBasis] = useState<NonNullable<Pad['basis']>>('unknown');
  const [price, setPrice] = useState<number>();
  const [rear, setRear] = useState(false);
  const [dryC, setDry] = useState<number>();
  const [wetC, setWet] = useState<number>();
  const [held, setHeld] = useState<{ name: string; answer: LeafletAnswer }[]>([]);
  const [kept, setKept] = useState('');
  const pad: Pad = {
    name: name.trim() || 'the leaflet’s pad',
    family,
    basis: curve ? basis : 'unknown',
    ...(curve ? { curve } : {}),
    statedFromC: fromC,
    statedToC: toC,
    priceAxleSet: price,
    roadApproved: true,
    forMotorcycle: plan.car.kind === 'motorcycle',
    ...(edgeCode
      ? {
          traits: {
            discs: plan.frontRotor.material === 'carbonCeramic' ? 'carbonCeramic' : 'iron',
            edgeCode,
            corrosiveDust: false,
            preBedded: false,
          },
        }
      : {}),
  };
  const fluid: BrakeFluid | undefined =
    dryC && wetC ? { name: 'the leaflet’s fluid', class: plan.car.asksFluid ?? 'dot4', dryC, wetC, bottleLitres: 1 } : undefined;
  const hold = useMutation({
    mutationFn: () => holdLeaflet(plan, wishes, pad, rear, fluid, car),
    onSuccess: (answer) => setHeld((old) => [{ name: pad.name, answer }, ...old].slice(0, 6)),
  });
  const keep = useMutation({
    mutationFn: async () => {
      await savePart('pads', newId(), 0, pad);
      await queries.invalidateQueries({ queryKey: ['shelf'] });
    },
    onSuccess: () => setKept(`${pad.name} is on your shelf.`),
  });
  return (
    <div className="leaflet no-print">
      <h3>Held against a leaflet</h3>
      <p className="note">Type what it says; nothing is kept until you put it on the shelf.</p>
      <label className="leaflet-text">
        <span>Name</span>
        <input className="form-control" maxLength={80} value={name} onChange={(event) => setName(event.target.value)} />
      </label>
      <SelectField
        label="Kind of pad"
        value={family}
        options={shelf.padFamilies.map((row) => ({ value: row.code, label: told(row.name) }))}
        onChange={setFamily}
      />
      <NumberField label="Range it claims, from" value={fromC} range={range('pad.statedFromC')} onChange={setFrom} />
      <NumberField label="to" value={toC} range={range('pad.statedFromC')} onChange={setTo} />
      <label className="leaflet-text">
        <span>Edge code, two letters</span>
        <input
          className="form-control"
          maxLength={2}
          value={edgeCode}
          onChange={(event) => setEdgeCode(event.target.value.toUpperCase().replace(/[^C-HZ]/g, ''))}
        />
      </label>
      <NumberField label="Price of an axle set" value={price} range={range('pad.priceAxleSet')} onChange={setPrice} />
      <SelectField
        label="Where"
        value={rear ? 'rear' : 'front'}
        options={[
          { value: 'front', label: 'front' },
          { value: 'rear', label: 'rear' },
        ]}
        onChange={(where) => setRear(where === 'rear')}
      />
      <LeafletChart
        curve={curve}
        basis={basis}
        family={shelf.padFamilies.find((row) => row.code === family)?.curve ?? []}
        onCurve={setCurve}
        onBasis={setBasis}
      />
      <details>
        <summary>A fluid with it</summary>
        <NumberField label="Dry boiling point" value={dryC} range={range('fluid.dryC')} onChange={setDry} />
        <NumberField label="Wet boiling point" value={wetC} range={range('fluid.wetC')} onChange={setWet} />
      </details>
      <p>
        <button type="button" className="btn btn-dark" disabled={hold.isPending} onClick={() => hold.mutate()}>
          {hold.isPending ? 'Driving its days…' : 'Hold it against the car'}
        </button>{' '}
        <button
          type="button"
          className="btn btn-outline-dark"
          disabled={name.trim() === '' || keep.isPending}
          onClick={() => keep.mutate()}
        >
          Put it on my shelf
        </button>{' '}
        <span role="status" className="note">
          {kept}
        </span>
      </p>
      {(hold.error ?? keep.error) && <ProblemNote error={(hold.error ?? keep.error)!} />}
      <ul className="leaflet-answers" aria-live="polite">
        {held.map(({ name: which, answer }, i) => (
          <li key={held.length - i} className={`leaflet-${answer.outcome}`}>
            <span aria-hidden="true">{words[answer.outcome].mark}</span> <b>{words[answer.outcome].word}</b> {which}
            {answer.stop && <>: {told(answer.stop.sentence)}</>}
            {answer.danger && answer.damage && (
              <>
                : danger {percentOf(answer.danger)}, damage {percentOf(answer.damage)}
                {answer.fades && `, fades or bites late while cold ${percentOf(answer.fades)}`}.
              </>
            )}
            {answer.with.length > 0 && <> Holds {answer.with.map((way) => told(way.what)).join(', or ')}.</>}
          </li>
        ))}
      </ul>
    </div>
  );
}
