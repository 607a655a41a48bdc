import type { Rotor } from '../api/client';
import { useUnits } from '../units/UnitContext';

const faceRadius = 78;
const centre = { x: 90, y: 92 };

/** Holes and slots on the face, in the drawing's own scale. */
function Face({ rotor, inner }: { rotor: Rotor; inner: number }) {
  const face = rotor.finish?.face ?? 'plain';
  const at = (radius: number, angle: number) =>
    `${(centre.x + radius * Math.cos(angle)).toFixed(1)} ${(centre.y + radius * Math.sin(angle)).toFixed(1)}`;
  const width = faceRadius - inner;
  if (face === 'drilled' || face === 'factoryDrilled')
    return (
      <>
        {Array.from({ length: 24 }, (_, i) =>
          [0.25, 0.5, 0.75].map((share, row) => {
            const angle = ((i + row / 3) * 2 * Math.PI) / 24;
            const radius = inner + width * share;
            return (
              <circle
                key={`${i} ${row}`}
                cx={centre.x + radius * Math.cos(angle)}
                cy={centre.y + radius * Math.sin(angle)}
                r={face === 'drilled' ? 1.9 : 2.2}
                className={face === 'drilled' ? 'rotor-hole' : 'rotor-hole chamfered'}
              />
            );
          }),
        )}
      </>
    );
  if (face === 'slotted' || face === 'hookSlotted') {
    const end = rotor.finish?.slotsReachEdge ? 1 : 0.86;
    return (
      <>
        {Array.from({ length: face === 'slotted' ? 8 : 12 }, (_, i) => {
          const angle = (i * 2 * Math.PI) / (face === 'slotted' ? 8 : 12);
          const from = at(inner + width * 0.12, angle);
          const to = at(inner + width * end, angle + 0.34);
          const hook = face === 'hookSlotted' ? `L${at(inner + width * end * 0.82, angle + 0.5)}` : '';
          return <path key={i} d={`M${from}L${to}${hook}`} className="rotor-slot" />;
        })}
      </>
    );
  }
  return null;
}

/** A rotor drawn to its measures: the face, and a section with thickness, gap and vanes; beside it the wheel's barrel where it is known. */
export function RotorDrawing({ rotor, barrelMm }: { rotor: Rotor; barrelMm?: number | null }) {
  const { show } = useUnits();
  const scale = faceRadius / (rotor.outerDiameterMm / 2);
  const inner = Math.max(12, (rotor.innerDiameterMm / 2) * scale);
  const vented = rotor.vanes !== 'solid' && rotor.vaneGapMm > 0;
  const cheek = vented ? (rotor.thicknessMm - rotor.vaneGapMm) / 2 : rotor.thicknessMm;
  // The section has a scale of its own: at the face's nobody could see a vane.
  const thick = 1.9;
  const high = 1.9;
  const ring = (rotor.outerDiameterMm - rotor.innerDiameterMm) / 2;
  const left = 208;
  const top = centre.y - faceRadius + 8;
  const needs = rotor.outerDiameterMm + 64;
  const words = `${show(rotor.outerDiameterMm, 'mm')} across, ring ${show(ring, 'mm')} high and ${show(rotor.thicknessMm, 'mm', 1)} thick${vented ? `, gap ${show(rotor.vaneGapMm, 'mm', 1)}, ${rotor.vaneCount} ${rotor.vanes} vanes` : ', solid'}`;
  return (
    <figure className="drawing rotor-drawing">
      <svg viewBox="0 0 400 196" width={400} height={196} role="img" aria-label={`Rotor to scale: ${words}`}>
        <circle cx={centre.x} cy={centre.y} r={faceRadius} className="drawing-part" />
        <Face rotor={rotor} inner={inner} />
        <circle cx={centre.x} cy={centre.y} r={inner} className="drawing-hole" />
        {rotor.construction === 'twoPiece' &&
          Array.from({ length: 10 }, (_, i) => {
            const angle = (i * Math.PI) / 5;
            return (
              <circle
                key={i}
                cx={centre.x + inner * Math.cos(angle)}
                cy={centre.y + inner * Math.sin(angle)}
                r={2.6}
                className="rotor-bobbin"
              />
            );
          })}
        <circle cx={centre.x} cy={centre.y} r={inner * 0.62} className="drawing-part" />
        <g>
          <rect x={left} y={top} width={cheek * thick} height={ring * high} className="drawing-part" />
          {vented && (
            <>
              <rect
                x={left + (cheek + rotor.vaneGapMm) * thick}
                y={top}
                width={cheek * thick}
                height={ring * high}
                className="drawing-part"
              />
              {rotor.vanes === 'pillar' ? (
                [0.2, 0.5, 0.8].map((share) => (
                  <rect
                    key={share}
                    x={left + cheek * thick}
                    y={top + ring * high * share - 2}
                    width={rotor.vaneGapMm * thick}
                    height={4}
                    className="rotor-vane-cut"
                  />
                ))
              ) : (
                <rect
                  x={left + cheek * thick}
                  y={top + 3}
                  width={rotor.vaneGapMm * thick}
                  height={ring * high - 6}
                  className="rotor-vane-cut"
                />
              )}
            </>
          )}
          <text x={left} y={top - 5} className="drawing-label">
            {`${show(rotor.thicknessMm, 'mm', 1)}, worn out at ${show(rotor.minThicknessMm, 'mm', 1)}`}
          </text>
          <text x={left + Math.max(cheek * 2 + rotor.vaneGapMm, cheek) * thick + 8} y={top + (ring * high) / 2} className="drawing-label">
            {`ring ${show(ring, 'mm')}`}
          </text>
          <text x={left} y={top + ring * high + 16} className="drawing-label">
            {vented ? `gap ${show(rotor.vaneGapMm, 'mm', 1)}, ${rotor.vaneCount} ${rotor.vanes} vanes` : 'solid'}
          </text>
          {barrelMm != null && (
            <text x={left} y={top + ring * high + 34} className={needs > barrelMm ? 'drawing-label bad' : 'drawing-label'}>
              {needs > barrelMm
                ? `wheel ${show(needs - barrelMm, 'mm')} too small`
                : `${show(barrelMm - needs, 'mm')} of room in the wheel`}
            </text>
          )}
        </g>
        <text x={centre.x} y={190} textAnchor="middle" className="drawing-label">
          {show(rotor.outerDiameterMm, 'mm')}
        </text>
      </svg>
      <figcaption>Face and section to their measures, the section larger.</figcaption>
    </figure>
  );
}
