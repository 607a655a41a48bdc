import { useQuery } from '@tanstack/react-query';
import type { FieldRange } from '../../api/client';
import { readTables } from '../../api/log';

export const useLogTables = () => useQuery({ queryKey: ['logTables'], queryFn: readTables, staleTime: Infinity });

/** The stated range of a field of the log; wide open until the table is there. */
export function useLogRange(): (field: string) => FieldRange {
  const tables = useLogTables();
  return (field) =>
    tables.data?.ranges.find((row) => row.field === field) ?? { field, label: field, unit: '', min: -1e6, max: 1e6, allowed: '' };
}
