import type { FieldRange } from '../../api/client';
import { usePlan } from '../PlanContext';

/** The stated range of a field, by its path; the server's table is the only copy. */
export function useRange(): (field: string) => FieldRange {
  const { shelf } = usePlan();
  return (field) => {
    const range = shelf.ranges.find((row) => row.field === field);
    if (!range) throw new Error(`No range is known for ${field}.`);
    return range;
  };
}
