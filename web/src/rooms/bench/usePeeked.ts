import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { PredictionResult, StrataLayer } from '../../api/client';
import { predictionOf } from '../../plan/asking';
import { resolveOnce } from '../../plan/resolveOnce';
import { usePeek } from '../../plan/PeekContext';
import { usePlan } from '../../plan/PlanContext';

/** A demand moved by less than this, K, is not worth an outline of its own. */
const visibleK = 4;

const sameCapacity = (a: StrataLayer, b: StrataLayer) =>
  JSON.stringify([a.capacity.name, a.capacity.marks]) === JSON.stringify([b.capacity.name, b.capacity.marks]);

const sameDemand = (a: StrataLayer, b: StrataLayer) =>
  a.track === b.track ||
  (a.track != null &&
    b.track != null &&
    Math.abs(a.track.p50C - b.track.p50C) < visibleK &&
    Math.abs(a.track.p90C - b.track.p90C) < visibleK);

export interface Peeked {
  /** The day with the candidate. */
  result: PredictionResult;
  /** The layers that change with it. */
  layers: StrataLayer[];
}

/** The candidate that is looked at, predicted for the whole day; undefined while none is. */
export function usePeeked(layers: StrataLayer[]): Peeked | undefined {
  const { peek } = usePeek();
  const { shelf, draft, plan: fitted } = usePlan();
  const plan = useMemo(() => {
    const resolved = peek && draft ? resolveOnce(peek.edit(draft), shelf) : null;
    const tried = resolved && 'plan' in resolved ? resolved.plan : null;
    // What is fitted already changes nothing.
    return tried && JSON.stringify(tried) !== JSON.stringify(fitted) ? tried : null;
  }, [peek, draft, shelf, fitted]);
  const tried = useQuery({ ...predictionOf(plan!), enabled: plan !== null }).data;
  return useMemo(() => {
    if (!plan || !tried) return undefined;
    const changed = tried.strata.filter((layer) => {
      const fitted = layers.find((item) => item.part === layer.part);
      return !fitted || !sameCapacity(layer, fitted) || !sameDemand(layer, fitted);
    });
    return { result: tried, layers: changed };
  }, [plan, tried, layers]);
}
