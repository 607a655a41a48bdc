import { useInfiniteQuery } from '@tanstack/react-query';
import type { Entry } from '../../api/log';

/** A kind of log entry, newest first, page by page. */
export function usePages<T>(
  car: string,
  kind: string,
  read: (car: string, skip?: number) => Promise<{ total: number; items: Entry<T>[] }>,
) {
  const query = useInfiniteQuery({
    queryKey: ['log', car, kind],
    queryFn: ({ pageParam }) => read(car, pageParam),
    initialPageParam: 0,
    getNextPageParam: (last, all) => {
      const seen = all.reduce((sum, page) => sum + page.items.length, 0);
      return last.items.length > 0 && seen < last.total ? seen : undefined;
    },
    enabled: car !== '',
  });
  const items = query.data?.pages.flatMap((page) => page.items) ?? [];
  return { query, items, total: query.data?.pages[0]?.total ?? 0, oldest: query.hasNextPage ? (items.at(-1)?.day ?? '') : '' };
}
