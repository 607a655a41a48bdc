import { useQueryClient } from '@tanstack/react-query';
import { garageOf, standingDraft } from './garage';
import { usePlan } from './PlanContext';

/** Takes a car of the shelf into the plan as it stands by its log; as it was described where the log cannot be read. */
export function useTakeCar() {
  const { shelf, change } = usePlan();
  const queries = useQueryClient();
  return async (id: string) => {
    const item = shelf.content.cars.find((one) => one.id === id);
    if (!item) return;
    const garage = await queries.fetchQuery(garageOf(item, shelf)).catch(() => null);
    change((old) => standingDraft(item, shelf, garage, old));
  };
}
