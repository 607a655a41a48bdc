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
export type CaliperKit = Schemas['CaliperKit'];
export type MasterCylinder = Schemas['MasterCylinder'];
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

export type StockSet = Schemas['StockSet'];

/** Weighs the whole shelf; the ticket names its progress. */
export async function match(
  plan: PredictionPlan,
  wishes: Wishes,
  stage: 'sketch' | 'first' | 'whole',
  ticket: string,
  car?: string,
  stock?: StockSet[],
  signal?: AbortSignal,
): Promise<MatchAnswer> {
  return unwrap(await client.POST('/api/matches', { params: { query: { ticket, stage } }, body: { plan, wishes, car, stock }, signal }));
}

/** The plan with a setup of the short list fitted: the very plan that was judged. */
export async function fitSetup(plan: PredictionPlan, wishes: Wishes, key: string, stock?: StockSet[]): Promise<PredictionPlan> {
  return unwrap(await client.POST('/api/matches/fit', { body: { plan, wishes, key, stock } }));
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
  stock?: StockSet[],
  signal?: AbortSignal,
): Promise<WhyNot> {
  return unwrap(await client.POST('/api/matches/why', { body: { plan, wishes, kind, part, car, stock }, signal }));
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

/** Puts a simulated logger on a hidden car; returns the address that plays its log. */
export async function startLogger(plan: PredictionPlan, seed: number): Promise<{ id: string; durationS: number }> {
  return unwrap(await client.POST('/api/devices/loggers', { body: { plan, seed } }));
}

export async function guessCar(query: {
  name: string;
  massKg: number;
  powerKw: number;
  tyre: string;
  motorcycle?: boolean;
  layout?: CarLayout;
  body?: CarBody;
  rotorMm?: number;
  rearDrums?: boolean;
  carbonDiscs?: boolean;
}): Promise<CarGuess> {
  return unwrap(await client.GET('/api/shelf/cars/guess', { params: { query } }));
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

type PartKind = 'pads' | 'rotors' | 'fluids' | 'lines' | 'ducts' | 'calipers' | 'cylinders';
export type Part = Pad | Rotor | BrakeFluid | LineKit | DuctKit | CaliperKit | MasterCylinder;

/** Stores an own part; the revision is the one the edit started from, 0 for a new part. */
export async function savePart(kind: PartKind, id: string, revision: number, body: Part): Promise<void> {
  const params = { path: { id }, query: { revision } };
  switch (kind) {
    case 'pads':
      return void unwrap(await client.PUT('/api/shelf/pads/{id}', { params, body: body as Pad }));
    case 'rotors':
      return void unwrap(await client.PUT('/api/shelf/rotors/{id}', { params, body: body as Rotor }));
    case 'fluids':
      return void unwrap(await client.PUT('/api/shelf/fluids/{id}', { params, body: body as BrakeFluid }));
    case 'lines':
      return void unwrap(await client.PUT('/api/shelf/lines/{id}', { params, body: body as LineKit }));
    case 'ducts':
      return void unwrap(await client.PUT('/api/shelf/ducts/{id}', { params, body: body as DuctKit }));
    case 'calipers':
      return void unwrap(await client.PUT('/api/shelf/calipers/{id}', { params, body: body as CaliperKit }));
    case 'cylinders':
      return void unwrap(await client.PUT('/api/shelf/cylinders/{id}', { params, body: body as MasterCylinder }));
  }
}

export async function archivePart(kind: string, id: string, revision: number, archived: boolean): Promise<void> {
  unwrap(await client.POST('/api/shelf/{kind}/{id}/archive', { params: { path: { kind, id }, query: { revision, archived } } }));
}

export async function readPad(pad: Pad, signal?: AbortSignal): Promise<CurveReading> {
  return unwrap(await client.POST('/api/readings/pad', { body: pad, signal }));
}

export async function readRotor(rotor: Rotor, signal?: AbortSignal): Promise<RotorReading> {
  return unwrap(await client.POST('/api/readings/rotor', { body: rotor, signal }));
}

export const asText = (type: string) => ({ bodySerializer: (body: unknown) => body as string, headers: { 'Content-Type': type } });

/** A friction curve, or a dynamometer's stops with a fit, from CSV. */
export async function readFriction(text: string): Promise<FrictionFile> {
  return unwrap(await client.POST('/api/readings/friction', { body: text as never, ...asText('text/csv') }));
}

/** The CSV of a simulated dynamometer with a hidden pad. */
export async function runDynamometer(seed: number): Promise<string> {
  return unwrap(await client.GET('/api/devices/dynamometers/{seed}', { params: { path: { seed } }, parseAs: 'text' }));
}

export async function importCatalogue(text: string, preview: boolean, car?: string): Promise<CatalogueImport> {
  return unwrap(
    await client.POST('/api/shelf/catalogue', { params: { query: { preview, car } }, body: text as never, ...asText('application/json') }),
  );
}

export async function undoImport(ticket: string): Promise<void> {
  const { error, response } = await client.POST('/api/shelf/catalogue/undo/{ticket}', { params: { path: { ticket } } });
  if (!response.ok) unwrap({ error, response });
}

export async function readCaliper(
  plan: PredictionPlan,
  front: AxleBrake,
  other: Schemas['OtherParts'],
  signal?: AbortSignal,
): Promise<Schemas['CaliperSwap']> {
  return unwrap(await client.POST('/api/readings/caliper', { body: { plan, front, with: other }, signal }));
}

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
