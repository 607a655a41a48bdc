import type { AskCard } from '../../api/choose';
import { useUnits } from '../../units/UnitContext';

const [width, height, base, left] = [520, 150, 118, 12];
const muTop = 0.6;

/** The window that a pad must fill: friction over temperature, the cold step, the hot end of nine days in ten. */
export function AskWindow({ pad }: { pad: AskCard['pads']['front'] }) {
  const { to, unitOf } = useUnits();
  const most = Math.max(700, pad.toFaceC + 80);
  const x = (celsius: number) => left + (celsius / most) * (width - left - 16);
  const y = (mu: number) => base - (mu / muTop) * 92;
  return (
    <svg
      className="ask-window"
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`At least ${pad.leastMu.toFixed(2)} from ${to(pad.fromC, 'C').toFixed(0)} to ${to(pad.toFaceC, 'C').toFixed(0)} ${unitOf('C')}, cold ${pad.coldMu.toFixed(2)}`}
    >
      <path className="ask-area" d={`M${x(0)} ${base}V${y(pad.coldMu)}H${x(pad.fromC)}V${y(pad.leastMu)}H${x(pad.toFaceC)}V${base}Z`} />
      <path className="ask-cold" d={`M${x(0)} ${y(pad.coldMu)}H${x(pad.fromC)}`} />
      <path className="ask-line" d={`M${x(pad.fromC)} ${y(pad.coldMu)}V${y(pad.leastMu)}H${x(pad.toFaceC)}`} />
      <path className="ask-end" d={`M${x(pad.toFaceC)} ${y(pad.leastMu) - 14}V${base + 4}`} />
      <path className="ask-base" d={`M${x(0)} ${base}H${width - 12}`} />
      <text x={x(pad.fromC) + 8} y={y(pad.leastMu) - 6} className="ask-text">
        {pad.leastMu.toFixed(2)}
      </text>
      <text x={x(0) + 4} y={y(pad.coldMu) + 16} className="ask-note">
        {pad.coldMu.toFixed(2)} cold
      </text>
      <text x={x(pad.toFaceC)} y={y(pad.leastMu) - 20} textAnchor="end" className="ask-hot">
        nine days in ten
      </text>
      <text x={x(pad.fromC)} y={height - 12} textAnchor="middle" className="ask-note">
        {to(pad.fromC, 'C').toFixed(0)}
      </text>
      <text x={x(pad.toFaceC)} y={height - 12} textAnchor="middle" className="ask-note">
        {to(pad.toFaceC, 'C').toFixed(0)} {unitOf('C')}
      </text>
    </svg>
  );
}
