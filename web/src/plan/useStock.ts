import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { carKey } from './carKey';
import { garageOf } from './garage';
import { usePlan } from './PlanContext';

/** Sets of pads that lie in the garage of the plan's car; settled once that is known. */
export function useStock() {
  const { shelf, draft } = usePlan();
  const item = shelf.content.cars.find((one) => draft !== null && one.id === carKey(draft));
  const query = useQuery({ ...garageOf(item, shelf), enabled: item !== undefined });
  const sets = useMemo(
    () => query.data?.state.stock.map((set) => ({ pad: set.pad.name, axle: set.axle, leftMm: set.leftMm.p50, from: set.from })),
    [query.data],
  );
  return { sets: sets?.length ? sets : undefined, settled: item === undefined || !query.isPending };
}
