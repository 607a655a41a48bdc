import createClient from 'openapi-fetch';
import { base } from './base';
import type { components, paths } from './openapi';

export type Schemas = components['schemas'];
export type Car = Schemas['Car'];
export type AxleBrake = Schemas['AxleBrake'];
export type CarEntry = Schemas['CarEntry'];
export type CarGuess = Schemas['CarGuess'];
/** Names that an address may give; the server refuses others by them. */
export type CarLayout = 'frontDrive' | 'rearDrive' | 'allWheel' | 'midEngine' | 'rearEngine' | 'electric' | 'electricFront';
export type CarBody = 'roadster' | 'saloon' | 'tall';
export type Circuit = Schemas['Circuit'];
export type BrakingZone = Schemas['BrakingZone'];
export type Pad = Schemas['Pad'];
export type Rotor = Schemas['Rotor'];
export type BrakeFluid = Schemas['BrakeFluid'];
export type FluidState = Schemas['FluidState'];
export type StintPlan = Schemas['StintPlan'];
export type Weather = Schemas['Weather'];
export type WheelDuct = Schemas['WheelDuct'];
export type PlannedDay = Schemas['PlannedDay'];
export type PredictionPlan = Schemas['PredictionPlan'];
export type PredictionResult = Schemas['PredictionResult'];
export type StrataLayer = Schemas['StrataLayer'];
export type Demand = Schemas['Demand'];
export type DayCourse = Schemas['DayCourse'];
export type SessionSeries = Schemas['SessionSeries'];
export type StopSummary = Schemas['StopSummary'];
export type PhaseSummary = Schemas['PhaseSummary'];
export type WheelCooling = Schemas['WheelCooling'];
export type BandResult = Schemas['BandResult'];
export type BandAnswer = Schemas['BandAnswer'];
export type EvidenceSummary = Schemas['EvidenceSummary'];
export type SeenAndBelieved = Schemas['SeenAndBelieved'];
export type Observation = Schemas['Observation'];
export type ObservationKind = Schemas['ObservationKind'];
export type OutsideHeat = Schemas['OutsideHeat'];
export type LoggerFrame = Schemas['LoggerFrame'];
export type Spread = Schemas['Spread'];
export type PeakBand = Schemas['PeakBand'];
export type LimitBand = Schemas['LimitBand'];
export type Limit = Schemas['Limit'];
export type BrakePart = Schemas['BrakePart'];
export type ShelfAnswer = Schemas['ShelfAnswer'];
export type Wishes = Schemas['Wishes'];
export type MatchAnswer = Schemas['MatchAnswer'];
export type Driving = Schemas['Driving'];
export type Chance = Schemas['Chance'];
export type Suggestion = Schemas['Suggestion'];
export type SpendStep = Schemas['SpendStep'];
export type WhyNot = Schemas['WhyNot'];
export type Reason = Schemas['Reason'];
export type PartName = Schemas['PartName'];
export type LineKit = Schemas['LineKit'];
export type DuctKit = Schemas['DuctKit'];
export type TypicalParts = Schemas['TypicalParts'];
export type CaliperKit = Schemas['CaliperKit'];
export type MasterCylinder = Schemas['MasterCylinder'];
export type Bracket = Schemas['Bracket'];
export type SystemChange = Schemas['SystemChange'];
export type PadFamily = Schemas['PadFamily'];
export type CurveReading = Schemas['CurveReading'];
export type RotorReading = Schemas['RotorReading'];
export type FrictionFile = Schemas['FrictionFile'];
export type DynamometerStop = Schemas['DynamometerStop'];
export type CatalogueImport = Schemas['CatalogueImport'];
export type CurvePoint = Schemas['CurvePoint'];
export type FieldRange = Schemas['FieldRange'];
export type RecordingPreview = Schemas['RecordingPreview'];

/** One thing wrong with what was sent: which field, what stood there, what is allowed. */
export interface Fault {
  field: string;
  value: string;
  allowed: string;
  message: string;
}

/** Problem details (RFC 9457) as an error that screens can show. */
export class ApiProblem extends Error {
  constructor(
    readonly title: string,
    readonly detail: string,
    readonly faults: Fault[],
    readonly status: number,
  ) {
    super(`${title} ${detail}`);
  }
}

export const client = createClient<paths>({ baseUrl: base });

/** The answer of a call, or the problem it ended with. */
export function unwrap<T>(answer: { data?: T; error?: unknown; response: Response }): T {
  if (answer.data !== undefined) return answer.data;
  const problem = (answer.error ?? {}) as { title?: string; detail?: string; faults?: Fault[] };
  throw new ApiProblem(problem.title ?? 'Rimrock did not answer.', problem.detail ?? '', problem.faults ?? [], answer.response.status);
}

export async function readShelf(signal?: AbortSignal): Promise<ShelfAnswer> {
  return unwrap(await client.GET('/api/shelf', { signal }));
}

export async function predict(plan: PredictionPlan, signal?: AbortSignal, day?: number): Promise<PredictionResult> {
  return unwrap(await client.POST('/api/predictions', { params: { query: { course: false, day } }, body: plan, signal }));
}

/** Stops and temperatures over time of the same day. */
export async function predictCourse(plan: PredictionPlan, signal?: AbortSignal, day?: number): Promise<DayCourse> {
  return unwrap(await client.POST('/api/predictions/course', { params: { query: { day } }, body: plan, signal }));
}

/** The same day for the whole ensemble: slower, with bands and probabilities, before and after looking at what was seen. */
export async function predictBand(
  plan: PredictionPlan,
  observations: Observation[],
  signal?: AbortSignal,
  settle = true,
  day?: number,
  car?: string,
): Promise<BandAnswer> {
  return unwrap(
    await client.POST('/api/predictions/band', { params: { query: { settle } }, body: { plan, observations, day, car }, signal }),
  );
}

/** Follows the progress of a long answer by its ticket; call what it returns to stop following. */
export function followProgress(ticket: string, onShare: (share: number) => void): () => void {
  const events = new EventSource(`${base}/api/progress/${ticket}`);
  // The stream ends with the answer; what it cannot tell is no error.
  events.onmessage = (event) => onShare(Number(event.data));
  events.onerror = () => events.close();
  return () => events.close();
}

/** What lies in a garage, paid for: sets of pads, opened bottles. */
export type Lying = { stock?: Schemas['StockSet'][]; bottles?: Schemas['OpenedBottle'][] };

/** Weighs the whole shelf; the ticket names its progress. */
export async function match(
  plan: PredictionPlan,
  wishes: Wishes,
  stage: 'sketch' | 'first' | 'whole',
  ticket: string,
  car?: string,
  lying?: Lying,
  signal?: AbortSignal,
): Promise<MatchAnswer> {
  return unwrap(await client.POST('/api/matches', { params: { query: { ticket, stage } }, body: { plan, wishes, car, ...lying }, signal }));
}

/** Puts a simulated logger on a hidden car; returns the address that plays its log. */
export async function startLogger(plan: PredictionPlan, seed: number): Promise<{ id: string; durationS: number }> {
  return unwrap(await client.POST('/api/devices/loggers', { body: { plan, seed } }));
}

export async function saveCar(id: string, revision: number, body: CarEntry): Promise<void> {
  unwrap(await client.PUT('/api/shelf/cars/{id}', { params: { path: { id }, query: { revision } }, body }));
}

export async function saveCircuit(id: string, revision: number, body: Circuit): Promise<void> {
  unwrap(await client.PUT('/api/shelf/circuits/{id}', { params: { path: { id }, query: { revision } }, body }));
}

export async function readRecording(name: string, text: string, mend = false): Promise<RecordingPreview> {
  const response = await client.POST('/api/recordings', {
    params: { query: { name, mend } },
    body: text as never,
    bodySerializer: (body) => body as unknown as string,
    headers: { 'Content-Type': 'text/csv' },
  });
  return unwrap(response);
}

export type Part = Pad | Rotor | BrakeFluid | LineKit | DuctKit | CaliperKit | MasterCylinder | Bracket;

export const asText = (type: string) => ({ bodySerializer: (body: unknown) => body as string, headers: { 'Content-Type': type } });

/** Figures of the car that nobody looked up, and what each would move. */
export async function readGuesses(plan: PredictionPlan, signal?: AbortSignal): Promise<Schemas['DecidingGuess'][]> {
  return unwrap(await client.POST('/api/predictions/guesses', { body: plan, signal }));
}

export type LapRibbon = Schemas['LapRibbon'];

/** The circuit's lap as speed over distance, with its braking. */
export async function readRibbon(plan: PredictionPlan, signal?: AbortSignal): Promise<LapRibbon> {
  return unwrap(await client.POST('/api/predictions/ribbon', { body: plan, signal }));
}

/** The circuit with a corner as fast as asked, and the stretch before it so much longer. */
export async function bendRibbon(plan: PredictionPlan, segment: number, toKmh: number | undefined, longerM: number): Promise<Circuit> {
  return unwrap(await client.POST('/api/predictions/ribbon/bent', { body: { plan, segment, toKmh, longerM } }));
}
