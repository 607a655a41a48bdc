import { client, unwrap, type Lying, type PredictionPlan, type Schemas } from './client';
import type { UnitSystem } from '../units/units';

export type WorkOrder = Schemas['WorkOrder'];
export type WorkStep = Schemas['WorkStep'];
export type OrderSheet = Schemas['OrderSheet'];
export type BleedWay = Schemas['BleedWay'];
export type BeddingPlan = Schemas['BeddingPlan'];
export type BeddingPlace = Schemas['BeddingPlace'];
export type SeasonPlan = Schemas['SeasonPlan'];
export type SeasonEvent = Schemas['SeasonEvent'];
export type FluidPolicy = Schemas['FluidPolicy'];

export async function workOrder(
  before: PredictionPlan,
  after: PredictionPlan,
  freshFluid: boolean,
  otherCars: string[],
  bleed: BleedWay,
  car?: string,
  lying?: Lying,
  today?: string,
  signal?: AbortSignal,
): Promise<WorkOrder> {
  return unwrap(
    await client.POST('/api/ready/work', { body: { before, after, freshFluid, otherCars, bleed, car, ...lying, today }, signal }),
  );
}

export async function beddingPlan(plan: PredictionPlan, place: BeddingPlace, signal?: AbortSignal): Promise<BeddingPlan> {
  return unwrap(await client.POST('/api/ready/bedding', { body: { plan, place }, signal }));
}

export interface Season {
  plan: PredictionPlan;
  events: SeasonEvent[];
  today: string;
  policy: FluidPolicy;
  /** Its log is learnt from; undefined for none. */
  car?: string;
}

export async function seasonPlan(body: Season, settle: boolean, signal?: AbortSignal): Promise<SeasonPlan> {
  return unwrap(await client.POST('/api/ready/season', { params: { query: { settle } }, body, signal }));
}

export async function seasonCalendar(body: Season, units: UnitSystem): Promise<string> {
  return unwrap(await client.POST('/api/ready/season/calendar', { params: { query: { units } }, body, parseAs: 'text' }));
}

export async function seasonTable(body: Season, units: UnitSystem): Promise<string> {
  return unwrap(await client.POST('/api/ready/season/table', { params: { query: { units } }, body, parseAs: 'text' }));
}
