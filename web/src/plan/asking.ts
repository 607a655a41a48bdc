import { queryOptions } from '@tanstack/react-query';
import { predict, type PredictionPlan } from '../api/client';

/** The prediction of a plan: one question, whoever asks it first. */
export const predictionOf = (plan: PredictionPlan) =>
  queryOptions({
    queryKey: ['prediction', plan],
    queryFn: ({ signal }) => predict(plan, signal),
    staleTime: Infinity,
    retry: false,
  });

/** Query keys of the answers that take longer than the prediction itself. */
export const slower = ['course', 'prior', 'band'] as const;
