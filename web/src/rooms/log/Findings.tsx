import type { Finding } from '../../api/log';
import { inUnits } from '../../units/units';
import { useUnits } from '../../units/UnitContext';
import { verdicts } from './words';

const marks: Record<Finding['verdict'], string> = { fine: '✓', notJudged: '?', watch: '◔', changeBefore: '▲', stopNow: '■' };

/** Stop or go, worst first: each with its rule and where it stands. */
export function Findings({ findings }: { findings: Finding[] }) {
  const { system } = useUnits();
  return (
    <ul className="findings">
      {findings.map((finding) => (
        <li key={finding.part + finding.rule} className={`finding finding-${finding.verdict}`}>
          <span className="finding-part">{finding.part}</span>
          <span className="finding-verdict">
            <span aria-hidden="true">{marks[finding.verdict]}</span> {verdicts[finding.verdict]}
          </span>
          <span className="finding-words">
            {inUnits(finding.sentence, system)}{' '}
            <span className="note">
              Rule: {finding.rule} ({finding.source})
            </span>
          </span>
        </li>
      ))}
    </ul>
  );
}
