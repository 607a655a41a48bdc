import { rangeOf, type FieldRange } from '../../api/ranges';

/** The stated range of a field, by its path. */
export function useRange(): (field: string, label?: string) => FieldRange {
  return rangeOf;
}
