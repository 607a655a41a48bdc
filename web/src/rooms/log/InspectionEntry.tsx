import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { PredictionPlan } from '../../api/client';
import { readFindings, readMoisture, saveInspection, type CornerLook, type InspectionNote } from '../../api/log';
import { newId, today } from '../../plan/carKey';
import { DayField } from '../../shared/DayField';
import { KeptNote } from '../../shared/KeptNote';
import { LeaveForm } from '../../shared/LeaveForm';
import { NumberField } from '../../shared/NumberField';
import { ProblemNote } from '../../shared/ProblemNote';
import { SelectField } from '../../shared/SelectField';
import { useKept } from '../../shared/useKept';
import { Findings } from './Findings';
import { useLogRange } from './useLogRange';
import { corners, faults, films, reaches, sound } from './words';

const blank = (corner: CornerLook['corner']): CornerLook => ({ corner, reach: 'none', film: 'unsaid', bootTorn: false });

/** A look at the car as it is being written down. */
interface StandsDraft {
  id: string;
  day: string;
  looks: CornerLook[];
  moisturePercent?: number;
  fluidLevelMm?: number;
  hotLapsSince?: number;
  bled?: boolean;
}

const blankLook = (): StandsDraft => ({ id: newId(), day: today(), looks: corners.map((corner) => blank(corner.value)) });

/** The car on stands: tap what you see, and stop-or-go follows as you type. */
export function InspectionEntry({ car, plan, onDone }: { car: string; plan: PredictionPlan; onDone: () => void }) {
  const queries = useQueryClient();
  const range = useLogRange();
  const kept = useKept(`stands:${car}`, blankLook);
  const { id, day, looks, moisturePercent, fluidLevelMm, hotLapsSince, bled } = kept.now;
  const set = (changes: Partial<StandsDraft>) => kept.set((old) => ({ ...old, ...changes }));
  const [at, setAt] = useState(0);
  const touched = looks.filter((look) => JSON.stringify(look) !== JSON.stringify(blank(look.corner)));
  const note: InspectionNote = {
    inspection: { date: day, corners: touched, moisturePercent, fluidLevelMm, hotLapsSince, bled: bled ?? false },
    plan,
  };
  const findings = useQuery({
    queryKey: ['findings', car, note],
    queryFn: ({ signal }) => readFindings(note, car, signal),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  const save = useMutation({
    mutationFn: () => saveInspection(car, { id, day, revision: 0, body: note }),
    onSuccess: () => {
      kept.forget();
      onDone();
    },
    onSettled: () => queries.invalidateQueries({ queryKey: ['log', car] }),
  });
  const look = looks[at]!;
  const edit = (changes: Partial<CornerLook>) => set({ looks: looks.map((old, i) => (i === at ? { ...old, ...changes } : old)) });
  const marks = look.marks ?? [];
  const mark = ({ value, label }: { value: (typeof marks)[number]; label: string }) => (
    <label key={value} className="check">
      <input
        type="checkbox"
        checked={marks.includes(value)}
        onChange={(event) => {
          const now = event.target.checked ? [...marks, value] : marks.filter((one) => one !== value);
          edit({ marks: now.length > 0 ? now : undefined });
        }}
      />{' '}
      {label}
    </label>
  );
  const carbon = (look.corner === 'leftFront' || look.corner === 'rightFront' ? plan.frontRotor : plan.rearRotor).material !== 'iron';
  const number = (
    label: string,
    key: 'innerMm' | 'outerMm' | 'leadingMm' | 'trailingMm' | 'rotorMm' | 'rotorKg' | 'crackMm',
    field: string,
  ) => (
    <NumberField
      key={`${at} ${key}`}
      label={label}
      value={look[key] ?? undefined}
      range={range(field)}
      onChange={(value) => edit({ [key]: value })}
      onClear={() => edit({ [key]: undefined })}
    />
  );
  return (
    <section aria-label="On the stands" className="paddock">
      <h2>On the stands</h2>
      <KeptNote takenUp={kept.takenUp} onThrow={() => kept.forget(blankLook())} />
      <div className="paddock-row">
        <DayField day={day} onChange={(next) => set({ day: next })} />
        <NumberField
          label="Hot laps since last measured"
          value={hotLapsSince}
          range={range('inspection.hotLapsSince')}
          onChange={(value) => set({ hotLapsSince: Math.round(value) })}
          onClear={() => set({ hotLapsSince: undefined })}
        />
      </div>
      <div className="corner-tabs" role="group" aria-label="Corner">
        {corners.map((corner, i) => (
          <button
            key={corner.value}
            type="button"
            className={i === at ? 'kit-mark chosen' : 'kit-mark'}
            aria-pressed={i === at}
            onClick={() => setAt(i)}
          >
            {corner.label}
          </button>
        ))}
      </div>
      <div className="field-grid">
        {number('Inner pad', 'innerMm', 'corner.innerMm')}
        {number('Outer pad', 'outerMm', 'corner.innerMm')}
        {number('Leading edge', 'leadingMm', 'corner.innerMm')}
        {number('Trailing edge', 'trailingMm', 'corner.innerMm')}
        {number('Rotor', 'rotorMm', 'corner.rotorMm')}
        {plan.frontRotor.material !== 'iron' && number('Ring mass', 'rotorKg', 'corner.rotorKg')}
        {number('Longest crack', 'crackMm', 'corner.crackMm')}
        <SelectField label="The crack" value={look.reach ?? 'none'} options={reaches} onChange={(reach) => edit({ reach })} />
        <SelectField label="Film" value={look.film ?? 'unsaid'} options={films} onChange={(film) => edit({ film })} />
        <label className="check">
          <input type="checkbox" checked={look.bootTorn} onChange={(event) => edit({ bootTorn: event.target.checked })} /> dust boot torn or
          burnt
        </label>
      </div>
      <fieldset className="corner-marks">
        <legend>Looked at, and sound</legend>
        {sound.map(mark)}
      </fieldset>
      <fieldset className="corner-marks">
        <legend>Found</legend>
        {faults.filter((row) => carbon || !row.carbon).map(mark)}
      </fieldset>
      <div className="field-grid">
        <NumberField
          label="Water in the fluid"
          hint="by a tester in the reservoir"
          value={moisturePercent}
          range={range('inspection.moisturePercent')}
          onChange={(percent) => set({ moisturePercent: percent })}
          onClear={() => set({ moisturePercent: undefined })}
        />
        <NumberField
          label="Fluid below the upper mark"
          value={fluidLevelMm}
          range={range('inspection.fluidLevelMm')}
          onChange={(mm) => set({ fluidLevelMm: mm })}
          onClear={() => set({ fluidLevelMm: undefined })}
        />
        <label className="check">
          <input type="checkbox" checked={bled ?? false} onChange={(event) => set({ bled: event.target.checked || undefined })} /> bled, and
          the pedal is firm
        </label>
      </div>
      <p>
        <button
          type="button"
          className="btn btn-link"
          onClick={() =>
            void readMoisture(plan.fluidState.ageMonths, 1 + Math.floor(Math.random() * 1e6)).then((percent) =>
              set({ moisturePercent: percent }),
            )
          }
        >
          Try a simulated moisture tester
        </button>
      </p>
      {findings.error ? (
        <ProblemNote error={findings.error} />
      ) : (
        findings.data && findings.data.length > 0 && <Findings findings={findings.data} />
      )}
      <p className="note">Limits are rules of the trade; your maker’s service limit overrules them.</p>
      {save.error && <ProblemNote error={save.error} />}
      <p className="paddock-do">
        <button type="button" className="btn btn-dark" disabled={save.isPending || day === ''} onClick={() => save.mutate()}>
          Write it down
        </button>
        <LeaveForm unsaved={kept.unsaved} onLeave={onDone} onThrow={() => kept.forget(blankLook())} />
      </p>
    </section>
  );
}
