import { useState } from 'react';
import type { CurvePoint, Pad } from '../../api/client';
import { CurveEditor } from '../../charts/CurveEditor';
import { Digitizer } from '../../charts/Digitizer';
import { SelectField } from '../../shared/SelectField';

type Basis = NonNullable<Pad['basis']>;

/** The chart that a leaflet prints: traced from its picture or drawn over the family's, and where its temperature was taken. */
export function LeafletChart({
  curve,
  basis,
  family,
  onCurve,
  onBasis,
}: {
  curve: CurvePoint[] | undefined;
  basis: Basis;
  family: CurvePoint[];
  onCurve: (curve: CurvePoint[] | undefined) => void;
  onBasis: (basis: Basis) => void;
}) {
  const [chosen, setChosen] = useState<number | null>(null);
  const [tracing, setTracing] = useState(false);
  return (
    <details className="leaflet-chart">
      <summary>{curve ? `Its chart, ${curve.length} points` : 'Its chart'}</summary>
      {curve ? (
        <CurveEditor points={curve} typical={false} reading={undefined} chosen={chosen} onChoose={setChosen} onChange={onCurve} />
      ) : (
        <p className="note">Without it the kind of pad stands in, with a wide band.</p>
      )}
      <p>
        <button type="button" className="btn btn-outline-dark" aria-expanded={tracing} onClick={() => setTracing(!tracing)}>
          Trace it from a picture
        </button>{' '}
        {curve ? (
          <button type="button" className="btn btn-link" onClick={() => onCurve(undefined)}>
            Leave the chart out
          </button>
        ) : (
          <button type="button" className="btn btn-link" onClick={() => onCurve(family)}>
            Draw it over the kind’s curve
          </button>
        )}
      </p>
      {curve && (
        <SelectField
          label="The chart’s temperature is"
          value={basis}
          options={[
            { value: 'unknown', label: 'not stated' },
            { value: 'initialEmbedded', label: 'before the stop, under the face' },
            { value: 'inStopEmbedded', label: 'in the stop, just under the face' },
            { value: 'rubbing', label: 'the rubbing face itself' },
          ]}
          onChange={onBasis}
        />
      )}
      {tracing && (
        <Digitizer
          onClose={() => setTracing(false)}
          onCurve={(points) => {
            onCurve(points);
            setTracing(false);
          }}
        />
      )}
    </details>
  );
}
