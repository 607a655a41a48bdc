import { useQuery } from '@tanstack/react-query';
import { readTables } from '../../api/log';
import { rangeOf, type FieldRange } from '../../api/ranges';

export const useLogTables = () => useQuery({ queryKey: ['logTables'], queryFn: readTables, staleTime: Infinity });

/** The stated range of a field of the log. */
export function useLogRange(): (field: string) => FieldRange {
  return rangeOf;
}
