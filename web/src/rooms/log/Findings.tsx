import type { Finding } from '../../api/log';
import { useUnits } from '../../units/UnitContext';
import { verdicts } from './words';

const marks: Record<Finding['verdict'], string> = { fine: '✓', notJudged: '?', watch: '◔', changeBefore: '▲', stopNow: '■' };

/** Stop or go, worst first: each with its rule and where it stands. */
export function Findings({ findings }: { findings: Finding[] }) {
  const { told } = useUnits();
  return (
    <ul className="findings">
      {findings.map((finding) => (
        <li key={told(finding.part) + told(finding.sentence)} className={`finding finding-${finding.verdict}`}>
          <span className="finding-part">{told(finding.part)}</span>
          <span className="finding-verdict">
            <span aria-hidden="true">{marks[finding.verdict]}</span> {verdicts[finding.verdict]}
          </span>
          <span className="finding-words">
            {told(finding.sentence)}{' '}
            <span className="note">
              Rule: {told(finding.rule)} ({told(finding.source)})
            </span>
          </span>
        </li>
      ))}
    </ul>
  );
}
