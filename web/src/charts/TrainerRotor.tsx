const centre = 80;
const ring = { inner: 34, outer: 72 };

const point = (radius: number, angle: number) =>
  `${(centre + radius * Math.cos(angle)).toFixed(1)} ${(centre + radius * Math.sin(angle)).toFixed(1)}`;

/**
 * A handed rotor from its wheel side, its vanes dashed through the cheek. On the left of a car that rolls forward it turns
 * anticlockwise as seen here, so vanes that sweep back lean clockwise on their way out; on the right the other way round.
 */
export function TrainerRotor({ left, slotsForward }: { left: boolean; slotsForward: boolean }) {
  const sweep = left ? 0.75 : -0.75;
  const slot = slotsForward ? 0.4 : -0.4;
  return (
    <svg
      viewBox="0 0 160 160"
      width={160}
      height={160}
      role="img"
      aria-label={`Vanes lean ${left ? 'clockwise' : 'anticlockwise'} on their way out`}
    >
      <circle cx={centre} cy={centre} r={ring.outer + 4} className="drawing-part" />
      {Array.from({ length: 20 }, (_, i) => {
        const at = (i * Math.PI) / 10;
        return (
          <path
            key={i}
            d={`M${point(ring.inner + 3, at)}Q${point((ring.inner + ring.outer) / 2, at + sweep * 0.3)} ${point(ring.outer, at + sweep)}`}
            className="trainer-vane"
          />
        );
      })}
      {Array.from({ length: 6 }, (_, i) => {
        const at = (i * Math.PI) / 3 + 0.2;
        return <path key={i} d={`M${point(ring.inner + 8, at)}L${point(ring.outer - 6, at + slot)}`} className="rotor-slot" />;
      })}
      <circle cx={centre} cy={centre} r={ring.inner} className="drawing-hole" />
      <circle cx={centre} cy={centre} r={12} className="drawing-part" />
    </svg>
  );
}
