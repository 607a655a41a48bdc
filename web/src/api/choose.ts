import {
  client,
  unwrap,
  type AxleBrake,
  type BrakeFluid,
  type CaliperKit,
  type Lying,
  type MasterCylinder,
  type Pad,
  type PredictionPlan,
  type Schemas,
  type SystemChange,
  type WhyNot,
  type Wishes,
} from './client';

/** The plan with a setup of the short list fitted: the very plan that was judged. */
export async function fitSetup(plan: PredictionPlan, wishes: Wishes, key: string, lying?: Lying): Promise<PredictionPlan> {
  return unwrap(await client.POST('/api/matches/fit', { body: { plan, wishes, key, ...lying } }));
}

/** A caliper kit held against the whole system. */
export async function holdKit(plan: PredictionPlan, wishes: Wishes, kit: CaliperKit, signal?: AbortSignal): Promise<SystemChange> {
  return unwrap(await client.POST('/api/matches/kit', { body: { plan, wishes, kit }, signal }));
}

/** A master cylinder held against it. */
export async function holdCylinder(
  plan: PredictionPlan,
  wishes: Wishes,
  cylinder: MasterCylinder,
  signal?: AbortSignal,
): Promise<SystemChange> {
  return unwrap(await client.POST('/api/matches/cylinder', { body: { plan, wishes, cylinder }, signal }));
}

/** Judges the best setup that has a part. */
export async function whyNot(
  plan: PredictionPlan,
  wishes: Wishes,
  kind: string,
  part: string,
  car?: string,
  lying?: Lying,
  signal?: AbortSignal,
): Promise<WhyNot> {
  return unwrap(await client.POST('/api/matches/why', { body: { plan, wishes, kind, part, car, ...lying }, signal }));
}

export type AskCard = Omit<Schemas['AskCard'], 'pads'> & { pads: { front: Schemas['PadAsk']; rear: Schemas['PadAsk'] } };
export type LeafletAnswer = Schemas['LeafletAnswer'];

/** What parts must do on this car's days, whatever the maker. */
export async function askFor(plan: PredictionPlan, wishes: Wishes, car?: string, signal?: AbortSignal): Promise<AskCard> {
  return unwrap(await client.POST('/api/matches/ask', { body: { plan, wishes, car }, signal })) as AskCard;
}

/** A pad by its leaflet, judged on this car's days. */
export async function holdLeaflet(
  plan: PredictionPlan,
  wishes: Wishes,
  pad: Pad,
  rear: boolean,
  fluid?: BrakeFluid,
  car?: string,
): Promise<LeafletAnswer> {
  return unwrap(await client.POST('/api/matches/leaflet', { body: { plan, wishes, pad, rear, fluid, car } }));
}

export async function readCaliper(
  plan: PredictionPlan,
  front: AxleBrake,
  other: Schemas['OtherParts'],
  signal?: AbortSignal,
): Promise<Schemas['CaliperSwap']> {
  return unwrap(await client.POST('/api/readings/caliper', { body: { plan, front, with: other }, signal }));
}
