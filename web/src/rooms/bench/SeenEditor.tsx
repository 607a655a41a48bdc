import { useState } from 'react';
import type { Observation, ObservationKind } from '../../api/client';
import { useRange } from '../../plan/editors/useRange';
import { usePlan } from '../../plan/PlanContext';
import { NumberField } from '../../shared/NumberField';
import { SelectField } from '../../shared/SelectField';

const kinds: { value: ObservationKind; label: string }[] = [
  { value: 'rotorPaint', label: 'paints on the rotor’s rim' },
  { value: 'caliperSticker', label: 'stickers on the caliper' },
  { value: 'rotorReading', label: 'rotor read in the paddock' },
  { value: 'rotorPeak', label: 'rotor’s highest on a logger' },
  { value: 'caliperPeak', label: 'caliper’s highest on a logger' },
  { value: 'pedalSoft', label: 'the pedal' },
  { value: 'padWear', label: 'pad wear over the day' },
  { value: 'moisture', label: 'water in the reservoir' },
];

/** Enters one observation into the log; nothing typed is lost when it is refused. */
export function SeenEditor({ count }: { count: (seen: Observation) => void }) {
  const { plan } = usePlan();
  const range = useRange();
  const [kind, setKind] = useState<ObservationKind>('rotorPaint');
  const [rear, setRear] = useState(false);
  const [aboveC, setAbove] = useState<number>();
  const [belowC, setBelow] = useState<number>();
  const [value, setValue] = useState<number>();
  const [minutes, setMinutes] = useState<number>(3);
  const [lap, setLap] = useState<number>(0);
  if (!plan) return null;
  const interval = kind === 'rotorPaint' || kind === 'caliperSticker';
  const crossed = aboveC !== undefined && belowC !== undefined && aboveC >= belowC;
  const ready = interval ? (aboveC !== undefined || belowC !== undefined) && !crossed : kind === 'pedalSoft' || value !== undefined;
  const add = () => {
    const seen: Observation = {
      kind,
      rear,
      ...(interval ? { aboveC, belowC } : {}),
      ...(kind === 'pedalSoft' ? { lap: Math.round(lap) } : {}),
      ...(!interval && kind !== 'pedalSoft' ? { value } : {}),
      ...(kind === 'rotorReading' ? { minutesAfterStop: minutes } : {}),
    };
    count(seen);
    setValue(undefined);
    setAbove(undefined);
    setBelow(undefined);
  };
  return (
    <div className="seen-editor">
      <SelectField label="I looked at" value={kind} options={kinds} onChange={setKind} />
      <SelectField
        label="Where"
        value={rear ? 'rear' : 'front'}
        options={[
          { value: 'front', label: 'front' },
          { value: 'rear', label: 'rear' },
        ]}
        onChange={(where) => setRear(where === 'rear')}
      />
      {interval && (
        <>
          <NumberField
            label="Hottest that is gone"
            hint="hotter than this"
            value={aboveC}
            range={range('observation.aboveC')}
            onChange={setAbove}
          />
          <NumberField
            label="Coolest that is left"
            hint="cooler than this"
            value={belowC}
            range={range('observation.aboveC')}
            onChange={setBelow}
          />
          {crossed && (
            <p className="field-problem" role="alert">
              What is gone lies below what is left: the first must be the smaller.
            </p>
          )}
        </>
      )}
      {!interval && kind !== 'pedalSoft' && (
        <NumberField
          label={kind === 'padWear' ? 'Worn off' : 'It read'}
          value={value}
          range={range('observation.value', kind === 'padWear' ? 'Pad wear' : kind === 'moisture' ? 'Water read' : 'Temperature read')}
          onChange={setValue}
        />
      )}
      {kind === 'rotorReading' && (
        <NumberField label="Minutes after stopping" value={minutes} range={range('observation.minutesAfterStop')} onChange={setMinutes} />
      )}
      {kind === 'pedalSoft' && (
        <NumberField label="Went soft in lap" hint="0: it stayed firm" value={lap} range={range('observation.lap')} onChange={setLap} />
      )}
      <button type="button" className="btn btn-outline-dark" disabled={!ready} onClick={add}>
        Count it
      </button>
    </div>
  );
}
