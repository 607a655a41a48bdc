const centre = 60;
const ring = { inner: 26, outer: 54 };

/** A curved vane from the ring's inner edge to its outer one, swept back against the turning or with it. */
function vane(at: number, sweep: number): string {
  const point = (radius: number, angle: number) => `${centre + radius * Math.cos(angle)} ${centre + radius * Math.sin(angle)}`;
  return `M${point(ring.inner, at)}Q${point((ring.inner + ring.outer) / 2, at + sweep * 0.3)} ${point(ring.outer, at + sweep)}`;
}

/** A rotor seen from the wheel side of the car's left, rolling forward: how its vanes must sweep, and how they sweep now. */
export function VaneHand({ wrong }: { wrong: boolean }) {
  // Seen from the left side, a wheel rolling forward turns anticlockwise; vanes that sweep back trail clockwise.
  const sweep = wrong ? -0.75 : 0.75;
  return (
    <figure className="drawing">
      <svg
        width={148}
        height={132}
        role="img"
        aria-label={`Left rotor from the wheel side: vanes sweep ${wrong ? 'forward, against the rule' : 'back from the hub as it rolls forward'}`}
      >
        <circle cx={centre} cy={centre} r={ring.outer + 3} className="drawing-part" />
        <circle cx={centre} cy={centre} r={ring.inner - 3} className="drawing-hole" />
        {Array.from({ length: 18 }, (_, i) => (
          <path key={i} d={vane((i * Math.PI) / 9, sweep)} className={wrong ? 'drawing-vane wrong' : 'drawing-vane'} />
        ))}
        <circle cx={centre} cy={centre} r={10} className="drawing-part" />
        <path d="M122 38A66 66 0 0 0 84 2" className="drawing-arrow" />
        <path d="M84 2l8 8-1-9z" className="drawing-arrow-head" />
        <path d="M30 126H4m0 0l7-5m-7 5l7 4" className="drawing-arrow" />
        <text x={36} y={130} className="drawing-label">
          driving this way
        </text>
      </svg>
      <figcaption>{wrong ? 'Swept forward: the wrong side. Less air, hotter.' : 'Left wheel: vanes sweep back from the hub.'}</figcaption>
    </figure>
  );
}
