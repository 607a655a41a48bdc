import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { readBelief } from '../api/log';
import { carKey } from './carKey';
import { usePlan } from './PlanContext';

export interface Belief {
  /** The car whose log every room learns from; undefined where it has taught nothing, or is left out. */
  car?: string;
  /** Another text where the log tells something else: a question's key. */
  key: string;
  /** Days that are learnt from, 0 for none. */
  days: number;
  /** The last of them. */
  last?: string;
  /** True where the log is left out to compare. */
  leftOut: boolean;
  leaveOut: (out: boolean) => void;
}

/** What the car's log has taught: the belief of every question in every room, unless it is left out to compare. */
export function useBelief(): Belief {
  const { draft, change } = usePlan();
  const car = draft ? carKey(draft) : '';
  const held = useQuery({
    queryKey: ['log', car, 'belief'],
    queryFn: ({ signal }) => readBelief(car, signal),
    enabled: car !== '',
    staleTime: 60_000,
  });
  const leftOut = draft?.withoutLog === true;
  const days = held.data?.days ?? 0;
  const leaveOut = useCallback((out: boolean) => change((old) => ({ ...old, withoutLog: out || undefined })), [change]);
  const [key, last] = [held.data?.key ?? '', held.data?.last ?? undefined];
  return useMemo(
    () => ({
      car: days > 0 && !leftOut ? car : undefined,
      key: days > 0 && !leftOut ? key : '',
      days,
      last,
      leftOut,
      leaveOut,
    }),
    [car, days, key, last, leftOut, leaveOut],
  );
}
