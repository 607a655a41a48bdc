import type { PaintKit } from '../../api/log';
import { NumberField } from '../../shared/NumberField';
import type { DayDraft } from './dayDraft';
import { KitRow } from './KitRow';
import { useLogRange } from './useLogRange';

/** What few days need: rear paints, readings, the fluid's level, photos, a note. */
export function SessionMore({
  draft,
  set,
  paints,
  onPhotos,
}: {
  draft: DayDraft;
  set: (changes: Partial<DayDraft>) => void;
  paints: PaintKit;
  onPhotos: (photos: File[]) => void;
}) {
  const range = useLogRange();
  return (
    <details>
      <summary>More: rear paints, readings, fluid level, photos, a note</summary>
      <KitRow kit={paints} label="Rear rotor’s paints" gone={draft.rearPaint} onChange={(rearPaint) => set({ rearPaint })} />
      <div className="field-grid">
        <NumberField
          label="Front rotor read"
          hint="in the paddock"
          value={draft.readingC}
          range={range('session.readingC')}
          onChange={(readingC) => set({ readingC })}
          onClear={() => set({ readingC: undefined })}
        />
        <NumberField
          label="Minutes after stopping"
          value={draft.readingMinutes}
          range={range('session.readingMinutes')}
          onChange={(readingMinutes) => set({ readingMinutes })}
          onClear={() => set({ readingMinutes: undefined })}
        />
        <NumberField
          label="Fluid below the upper mark"
          hint="do not top up without a leak"
          value={draft.fluidLevelMm}
          range={range('session.fluidLevelMm')}
          onChange={(fluidLevelMm) => set({ fluidLevelMm })}
          onClear={() => set({ fluidLevelMm: undefined })}
        />
        <NumberField
          label="Highest line pressure"
          value={draft.pressureBar}
          range={range('session.pressureBar')}
          onChange={(pressureBar) => set({ pressureBar })}
          onClear={() => set({ pressureBar: undefined })}
        />
      </div>
      <label className="field">
        Photos (they stay on this machine; place and time are taken out)
        <input
          type="file"
          accept="image/*"
          multiple
          className="form-control"
          onChange={(event) => onPhotos([...(event.target.files ?? [])].slice(0, 8))}
        />
      </label>
      <label className="field">
        Note
        <textarea
          className="form-control"
          rows={3}
          maxLength={2000}
          value={draft.note}
          onChange={(event) => set({ note: event.target.value })}
        />
      </label>
    </details>
  );
}
