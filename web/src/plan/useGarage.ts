import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { carKey } from './carKey';
import type { Lying } from '../api/client';
import { resolve } from './draft';
import { garageOf, standingDraft } from './garage';
import { usePlan } from './PlanContext';

/** The car of the plan as it stands: what is on it, the draft of it, and that draft's plan; nothing where the car is not on the shelf. */
export function useGarage() {
  const { shelf, draft } = usePlan();
  const key = draft ? carKey(draft) : '';
  const item = shelf.content.cars.find((one) => one.id === key);
  const query = useQuery({ ...garageOf(item, shelf), enabled: item !== undefined });
  return useMemo(() => {
    if (!item || !draft || !query.data) return null;
    const stands = standingDraft(item, shelf, query.data, draft);
    const resolved = resolve({ ...stands, circuit: draft.circuit }, shelf);
    return 'plan' in resolved ? { state: query.data.state, stops: query.data.stops, draft: stands, plan: resolved.plan } : null;
  }, [item, draft, shelf, query.data]);
}

/** Sets of pads and opened bottles that lie in the garage of the plan's car; settled once that is known. */
export function useStock() {
  const { shelf, draft } = usePlan();
  const item = shelf.content.cars.find((one) => draft !== null && one.id === carKey(draft));
  const query = useQuery({ ...garageOf(item, shelf), enabled: item !== undefined });
  const lying = useMemo((): Lying => {
    const sets = query.data?.state.stock.map((set) => ({ pad: set.pad.name, axle: set.axle, leftMm: set.leftMm.p50, from: set.from }));
    const bottles = query.data?.state.bottles;
    return { stock: sets?.length ? sets : undefined, bottles: bottles?.length ? bottles : undefined };
  }, [query.data]);
  return { lying, settled: item === undefined || !query.isPending };
}
