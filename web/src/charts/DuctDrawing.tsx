interface Props {
  hoseMm: number;
  aim: 'eye' | 'face';
  shield: 'closed' | 'trimmed' | 'removed';
}

/** A rotor in section from the front of the car: where the hose blows and what the shield lets through. */
export function DuctDrawing({ hoseMm, aim, shield }: Props) {
  const y = aim === 'eye' ? 74 : 30;
  const half = Math.max(3, Math.min(13, hoseMm / 9));
  const stopped = shield === 'closed';
  return (
    <figure className="drawing">
      <svg
        width={172}
        height={132}
        role="img"
        aria-label={`Section of a wheel: ${hoseMm > 0 ? `hose blows ${aim === 'eye' ? 'into the rotor’s eye' : 'at the inboard face'}` : 'no hose'}, shield ${shield}${hoseMm > 0 && stopped ? ', which stops nearly all of it' : ''}`}
      >
        {[0, 1].map((cheek) => (
          <g key={cheek} className="drawing-part">
            <rect x={92 + cheek * 16} y={8} width={9} height={46} />
            <rect x={92 + cheek * 16} y={94} width={9} height={34} />
          </g>
        ))}
        <path d="M117 54V94M117 60h22v28h-22" className="drawing-line" />
        {shield !== 'removed' && (
          <path
            d={shield === 'closed' ? 'M82 6V128' : 'M82 6V48M82 100V128'}
            className={stopped ? 'drawing-shield' : 'drawing-shield open'}
          />
        )}
        {hoseMm > 0 && (
          <>
            <path d={`M6 ${y - half}H66V${y + half}H6z`} className="drawing-hose" />
            <path d={`M68 ${y}H${stopped ? 78 : aim === 'eye' ? 104 : 90}m-6-5l6 5-6 5`} className="drawing-arrow" />
            {aim === 'eye' && !stopped && <path d="M104 70V14m-4 6l4-6 4 6" className="drawing-arrow" />}
          </>
        )}
        <text x={6} y={126} className="drawing-label">
          car
        </text>
        <text x={142} y={126} className="drawing-label">
          wheel
        </text>
      </svg>
      <figcaption>
        {hoseMm <= 0
          ? 'No hose: the wheel’s own wind.'
          : stopped
            ? 'The closed shield stops nearly all of it.'
            : aim === 'eye'
              ? 'Into the eye: the vanes draw it through both cheeks.'
              : 'At the face: cools one side, and the ring bends.'}
      </figcaption>
    </figure>
  );
}
