import { queryOptions } from '@tanstack/react-query';
import { predict, type PredictionPlan } from '../api/client';

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
