import type { PredictionPlan, ShelfAnswer, Suggestion } from '../api/client';
import { type Draft, draftOfPlan, resolve } from './draft';

/** A draft without what does not make a new plan: what was seen, what is wished, what is pinned. */
export const planPart = (draft: Draft): Draft => ({
  ...draft,
  seen: undefined,
  withoutLog: undefined,
  wishes: undefined,
  pins: undefined,
});

/** A car of which a figure is changed stays the one of its log; undefined for one that was never kept. */
export const logCarOf = (draft: Draft): string | undefined => (typeof draft.car === 'string' ? draft.car : draft.logCar);

/** The parts of a draft that can answer a sign, as a text. */
const answering = (draft: Draft) =>
  JSON.stringify([
    draft.fluid,
    draft.fluidState,
    draft.frontPad,
    draft.rearPad,
    draft.frontRotor,
    draft.rearRotor,
    draft.refine?.lines,
    draft.refine?.hoseYears,
    draft.refine?.frontKit,
    draft.refine?.rearKit,
    draft.refine?.cylinder,
  ]);

/** Signs that are answered by what is laid over the car, as long as it is. */
export const answeredIn = (draft: Draft | null | undefined): string[] =>
  draft?.answered && draft.answeredBy === answering(draft) ? draft.answered : [];

/** One sign that stops the car, as a text of its own. */
export const signKey = (sign: NonNullable<PredictionPlan['open']>[number]) => `${sign.since} ${sign.trouble} ${sign.axle ?? ''}`;

/** What a flush with a fluid changes: it is new, and what was measured in the old one says nothing of it. */
export const flushedWith = (fluid: string, draft: Draft) => ({
  fluid,
  fluidState: { ...draft.fluidState, ageMonths: 0, reservoirWaterPercent: undefined },
});

/**
 * A draft of the plan that was judged with a setup fitted: the same fluid's age, bedding, everything. Things from the shelf stay references where they are the same thing, so that the
 * sentence still names and offers them.
 */
export function fittedDraft(
  draft: Draft,
  plan: PredictionPlan,
  parts: Suggestion['parts'],
  shelf: ShelfAnswer,
  open?: PredictionPlan['open'],
): Draft {
  const whole = draftOfPlan(plan, draft.wishes);
  const before = resolve(draft, shelf);
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  const keep = <T>(ref: string | T | null, part: T, now: T | undefined): string | T | null => (same(now, part) ? ref : part);
  const placed = <T>(
    id: string,
    items: { id: string; body: T }[],
    ref: string | T | null,
    part: T,
    now: T | undefined,
  ): string | T | null => {
    const found = items.find((item) => item.id === id.replace(/^stock:(front:|rear:)?/, ''));
    return found && same(found.body, part) ? found.id : keep(ref, part, now);
  };
  const old = 'missing' in before ? undefined : before.plan;
  const { pads, rotors, fluids } = shelf.content;
  const answered = [...answeredIn(draft), ...(open ?? []).map(signKey).filter((key) => !plan.open?.some((sign) => signKey(sign) === key))];
  const car = keep(draft.car, plan.car, old?.car)!;
  // "The car's own" needs the car of the shelf: one with other calipers stands on its own, and so do its rotors.
  const standing = <T>(ref: string | T | null, part: T) => ref ?? (typeof car === 'string' ? null : part);
  const fitted: Draft = {
    ...whole,
    car,
    logCar: logCarOf(draft),
    circuit: keep(draft.circuit, plan.circuit, old?.circuit)!,
    frontPad: placed(parts.frontPad.id, pads, draft.frontPad, plan.frontPad, old?.frontPad)!,
    rearPad: placed(parts.rearPad.id, pads, draft.rearPad, plan.rearPad, old?.rearPad)!,
    frontRotor: standing(placed(parts.rotor.id, rotors, draft.frontRotor, plan.frontRotor, old?.frontRotor), plan.frontRotor),
    rearRotor: standing(placed(parts.rearRotor?.id ?? '', rotors, draft.rearRotor, plan.rearRotor, old?.rearRotor), plan.rearRotor),
    fluid: placed(parts.fluid.id, fluids, draft.fluid, plan.fluid, old?.fluid)!,
  };
  return answered.length > 0 ? { ...fitted, answered, answeredBy: answering(fitted) } : fitted;
}
