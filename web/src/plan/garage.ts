import { queryOptions } from '@tanstack/react-query';
import { readGarage, type GarageAnswer } from '../api/log';
import type { PredictionPlan, ShelfAnswer } from '../api/client';
import { today } from './carKey';
import { classFluid, draftOfCar, familyPad, resolve, type Draft, type Refinements } from './draft';
import { signKey } from './fittedDraft';

type CarItem = ShelfAnswer['content']['cars'][number];

const same = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/** The car as its entry on the shelf describes it, on the day of a draft. */
export function described(item: CarItem, shelf: ShelfAnswer, keep?: Draft): PredictionPlan | null {
  const found = resolve(draftOfCar(item.id, item.body, keep), shelf);
  return 'plan' in found ? found.plan : null;
}

/** What is on a car of the shelf today, by its description and its log. */
export const garageOf = (item: CarItem | undefined, shelf: ShelfAnswer | undefined) =>
  queryOptions({
    queryKey: ['log', item?.id, 'garage', item?.revision, today()],
    queryFn: async ({ signal }): Promise<GarageAnswer | null> => {
      const plan = item && shelf && described(item, shelf);
      if (!item || !plan) return null;
      return readGarage(item.id, { described: plan, describedOn: item.saved?.slice(0, 10) ?? null, today: today() }, signal);
    },
    staleTime: 60_000,
    retry: false,
  });

/** What else a plan can have on the car, besides what has a place of its own in a draft. */
const besides = ['rearDuct', 'lines', 'hoseYears', 'outsideHeat', 'frontKit', 'rearKit', 'cylinder', 'bedded'] as const;

/** A draft of the car with what is on it today; what the shelf has too stays a reference to it. */
export function standingDraft(item: CarItem, shelf: ShelfAnswer, garage: GarageAnswer | null | undefined, keep?: Draft): Draft {
  const plain = draftOfCar(item.id, item.body, keep);
  if (!garage) return plain;
  const { plan } = garage;
  const { pads, rotors, fluids } = shelf.content;
  const placed = <T>(ref: string, refBody: T | undefined, items: { id: string; body: T }[], part: T): string | T =>
    same(refBody, part) ? ref : (items.find((one) => same(one.body, part))?.id ?? part);
  const padOf = (ref: string) => (ref.startsWith('family:') ? familyPad(ref.slice(7), shelf) : pads.find((one) => one.id === ref)?.body);
  const fluidOf = (ref: string) =>
    ref.startsWith('class:') ? classFluid(ref.slice(6), shelf) : fluids.find((one) => one.id === ref)?.body;
  const refine = Object.fromEntries(besides.flatMap((key) => (plan[key] == null ? [] : [[key, plan[key]]]))) as Partial<Refinements>;
  const isOther = plan.frontKit != null || plan.rearKit != null || plan.cylinder != null || plan.car.tyre !== item.body.car.tyre;
  // "The car's own" needs the car of the shelf: one that is another stands on its own, and so do its rotors.
  const rotorOf = (own: PredictionPlan['frontRotor'], part: PredictionPlan['frontRotor']) =>
    same(own, part) && !isOther ? null : (rotors.find((one) => same(one.body, part))?.id ?? part);
  return {
    ...plain,
    car: isOther ? plan.car : item.id,
    logCar: isOther ? item.id : undefined,
    frontPad: placed(item.body.frontPad, padOf(item.body.frontPad), pads, plan.frontPad),
    rearPad: placed(item.body.rearPad, padOf(item.body.rearPad), pads, plan.rearPad),
    frontRotor: rotorOf(item.body.frontRotor, plan.frontRotor),
    rearRotor: rotorOf(item.body.rearRotor, plan.rearRotor),
    fluid: placed(item.body.fluid, fluidOf(item.body.fluid), fluids, plan.fluid),
    fluidState: plan.fluidState,
    frontPadMm: plan.frontPadMm ?? undefined,
    rearPadMm: plan.rearPadMm ?? undefined,
    frontDuct: plan.frontDuct ?? undefined,
    refine: Object.keys(refine).length > 0 ? refine : undefined,
  };
}

/** What stops the car by its log, without what is answered in the plan; nothing where nothing does. */
export function openSigns(garage: Pick<GarageAnswer, 'state'> | null | undefined, answered: string[] = []) {
  const open = (garage?.state.open ?? []).filter((sign) => !answered.includes(signKey(sign)));
  return open.length > 0 ? open : undefined;
}

/** A month's difference of a fluid's age is no wish. */
const sameAgeMonths = 1;
const samePadMm = 0.15;
const sameHoseYears = 0.5;

/** In what a plan differs from the car as it stands, in words; empty where it is the car as it stands. */
export function differences(plan: PredictionPlan, stands: PredictionPlan): string[] {
  const words: string[] = [];
  const part = (what: string, a: { name: string } | null | undefined, b: { name: string } | null | undefined) => {
    if (!same(a, b)) words.push(`${what} ${a?.name ?? 'none'}${a?.name !== b?.name ? ` instead of ${b?.name ?? 'none'}` : ', changed'}`);
  };
  part('front pads', plan.frontPad, stands.frontPad);
  part('rear pads', plan.rearPad, stands.rearPad);
  part('front rotors', plan.frontRotor, stands.frontRotor);
  part('rear rotors', plan.rearRotor, stands.rearRotor);
  part('fluid', plan.fluid, stands.fluid);
  part('calipers', plan.frontKit, stands.frontKit);
  part('rear calipers', plan.rearKit, stands.rearKit);
  part('master cylinder', plan.cylinder, stands.cylinder);
  const left = (what: string, a: number | null | undefined, b: number | null | undefined, newMm: number) => {
    if (Math.abs((a ?? newMm) - (b ?? newMm)) > samePadMm) words.push(`${what} of another thickness`);
  };
  if (same(plan.frontPad, stands.frontPad)) left('front pads', plan.frontPadMm, stands.frontPadMm, stands.car.front.padNewMm ?? 0);
  if (same(plan.rearPad, stands.rearPad)) left('rear pads', plan.rearPadMm, stands.rearPadMm, stands.car.rear.padNewMm ?? 0);
  if (same(plan.fluid, stands.fluid) && Math.abs(plan.fluidState.ageMonths - stands.fluidState.ageMonths) > sameAgeMonths)
    words.push(`fluid of ${Math.round(plan.fluidState.ageMonths)} months instead of ${Math.round(stands.fluidState.ageMonths)}`);
  if (
    (plan.lines ?? 'rubber') === (stands.lines ?? 'rubber') &&
    Math.abs((plan.hoseYears ?? -1) - (stands.hoseYears ?? -1)) > sameHoseYears
  )
    words.push('hoses of another age');
  if (plan.car.tyre !== stands.car.tyre) words.push('other tyres');
  if (plan.car.massKg !== stands.car.massKg || plan.car.powerKw !== stands.car.powerKw) words.push('another mass or power');
  if ((plan.lines ?? 'rubber') !== (stands.lines ?? 'rubber')) words.push('other lines');
  if (!same(plan.frontDuct, stands.frontDuct) || !same(plan.rearDuct, stands.rearDuct)) words.push('other ducts');
  return words;
}

/** A plan as it is driven, with what is on the car: what an order starts from. */
export function beforeOf(plan: PredictionPlan, on: PredictionPlan): PredictionPlan {
  const { frontPad, rearPad, frontRotor, rearRotor, fluid, fluidState, frontPadMm, rearPadMm, frontDuct, rearDuct } = on;
  const { front, rear, hydraulics, tyre } = on.car;
  return {
    ...plan,
    car: { ...plan.car, front, rear, hydraulics, tyre },
    ...{ frontPad, rearPad, frontRotor, rearRotor, fluid, fluidState, frontPadMm, rearPadMm, frontDuct, rearDuct },
    open: on.open,
    frontKit: on.frontKit,
    rearKit: on.rearKit,
    cylinder: on.cylinder,
    lines: on.lines ?? 'rubber',
    hoseYears: on.hoseYears,
  };
}
