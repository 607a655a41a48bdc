import { queryOptions } from '@tanstack/react-query';
import { predict, predictBand, type Observation, type PredictionPlan } from '../api/client';

/** The prediction of a plan, drawn for one of its days or for the leading one: one question, whoever asks it first. */
export const predictionOf = (plan: PredictionPlan, day?: number) =>
  queryOptions({
    queryKey: ['prediction', plan, day],
    queryFn: ({ signal }) => predict(plan, signal, day),
    staleTime: Infinity,
    retry: false,
  });

/** Query keys of the answers that take longer than the prediction itself. */
export const slower = ['course', 'prior', 'band'] as const;

/** The band of a plan by what was seen on its day and what the car's log has taught. */
export const bandOf = (plan: PredictionPlan, seen: Observation[], belief: { car?: string; key: string }, day?: number) =>
  queryOptions({
    queryKey: ['band', plan, seen, belief.key, day],
    queryFn: ({ signal }) => predictBand(plan, seen, signal, true, day, belief.car),
    staleTime: Infinity,
    retry: false,
  });
