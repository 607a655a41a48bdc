/** Hatch patterns, told apart by angle and weight as well as by colour. */
export function Hatches({ id }: { id: string }) {
  return (
    <defs>
      <pattern id={`${id}-hot`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="7" className="hatch-hot" />
      </pattern>
      <pattern id={`${id}-cold`} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <line x1="0" y1="0" x2="0" y2="6" className="hatch-cold" />
      </pattern>
      <pattern id={`${id}-unknown`} width="6" height="6" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="0.9" className="hatch-unknown" />
      </pattern>
    </defs>
  );
}
