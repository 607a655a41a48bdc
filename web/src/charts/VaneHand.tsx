const centre = 60;
const ring = { inner: 26, outer: 54 };

/** A curved vane from the ring's inner edge to its outer one, swept back against the turning or with it. */
function vane(at: number, sweep: number): string {
  const point = (radius: number, angle: number) => `${centre + radius * Math.cos(angle)} ${centre + radius * Math.sin(angle)}`;
  return `M${point(ring.inner, at)}Q${point((ring.inner + ring.outer) / 2, at + sweep * 0.3)} ${point(ring.outer, at + sweep)}`;
}

/** One side's rotor, from that side's wheel: a car seen from its left drives to the left, and its wheel turns anticlockwise. */
function Rotor({ right, wrong }: { right: boolean; wrong: boolean }) {
  // Vanes that sweep back trail the turning: clockwise on the left, mirrored on the right, the other way where sides are swapped.
  const sweep = wrong ? -0.75 : 0.75;
  return (
    <g transform={right ? 'translate(312 0)' : undefined}>
      <g transform={right ? 'scale(-1 1)' : undefined}>
        <circle cx={centre} cy={centre} r={ring.outer + 3} className="drawing-part" />
        <circle cx={centre} cy={centre} r={ring.inner - 3} className="drawing-hole" />
        {Array.from({ length: 18 }, (_, i) => (
          <path key={i} d={vane((i * Math.PI) / 9, sweep)} className={wrong ? 'drawing-vane wrong' : 'drawing-vane'} />
        ))}
        <circle cx={centre} cy={centre} r={10} className="drawing-part" />
        <path d="M122 38A66 66 0 0 0 84 2" className="drawing-arrow" />
        <path d="M84 2l8 8-1-9z" className="drawing-arrow-head" />
        <path d="M30 128H4m0 0l7-5m-7 5l7 4" className="drawing-arrow" />
      </g>
      <text x={right ? -36 : 36} y={132} textAnchor={right ? 'end' : 'start'} className="drawing-label">
        {right ? 'right, driving this way' : 'left, driving this way'}
      </text>
    </g>
  );
}

/** Both rotors of an axle, each seen from its own wheel side, rolling forward: how their vanes must sweep, or how they sweep now. */
export function VaneHand({ wrong }: { wrong: boolean }) {
  const how = wrong ? 'forward, against the rule' : 'back from the hub as it rolls forward';
  return (
    <figure className="drawing">
      <svg width={312} height={136} role="img" aria-label={`Left and right rotor from the wheel side: vanes sweep ${how}`}>
        <Rotor right={false} wrong={wrong} />
        <Rotor right wrong={wrong} />
      </svg>
      <figcaption>
        {wrong
          ? 'On each other’s side, vanes sweep forward: less air, hotter.'
          : 'Vanes sweep back from the hub as the wheel rolls forward: two rotors, left and right, not one twice.'}
      </figcaption>
    </figure>
  );
}
