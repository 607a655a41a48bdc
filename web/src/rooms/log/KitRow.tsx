import type { PaintKit } from '../../api/log';
import { useUnits } from '../../units/UnitContext';

/** A kit as a row of big buttons: how many, from the coolest, are gone or turned; null where nobody looked. */
export function KitRow({
  kit,
  label,
  gone,
  onChange,
}: {
  kit: PaintKit;
  label: string;
  gone: number | null;
  onChange: (gone: number | null) => void;
}) {
  const { show } = useUnits();
  const verb = kit.stickers ? 'turned' : 'gone';
  return (
    <fieldset className="kit-row">
      <legend>{label}</legend>
      <button
        type="button"
        className={gone === null ? 'kit-mark chosen' : 'kit-mark'}
        aria-pressed={gone === null}
        onClick={() => onChange(null)}
      >
        not looked
      </button>
      <button type="button" className={gone === 0 ? 'kit-mark chosen' : 'kit-mark'} aria-pressed={gone === 0} onClick={() => onChange(0)}>
        none {verb}
      </button>
      {kit.marks.map((mark, i) => (
        <button
          key={mark.celsius}
          type="button"
          className={gone === i + 1 ? 'kit-mark chosen' : 'kit-mark'}
          aria-pressed={gone === i + 1}
          onClick={() => onChange(i + 1)}
        >
          <svg width={14} height={14} aria-hidden="true">
            <rect width={14} height={14} fill={mark.colour} />
          </svg>{' '}
          {mark.name === String(mark.celsius) ? '' : `${mark.name} `}
          {show(mark.celsius, 'C')} {verb}
        </button>
      ))}
    </fieldset>
  );
}
