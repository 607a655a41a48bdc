import {
  client,
  asText,
  unwrap,
  type CatalogueImport,
  type CurveReading,
  type FrictionFile,
  type Pad,
  type Rotor,
  type RotorReading,
  type CarGuess,
  type CarBody,
  type CarLayout,
  type LineKit,
  type Bracket,
  type MasterCylinder,
  type CaliperKit,
  type BrakeFluid,
  type Part,
  type DuctKit,
  type PredictionPlan,
  type TypicalParts,
} from './client';

/** Kinds of part that are known as they usually are. */
export type TypicalKind = keyof TypicalParts;

export async function typicalParts(plan: PredictionPlan, signal?: AbortSignal): Promise<TypicalParts> {
  return unwrap(await client.POST('/api/shelf/typical', { body: plan, signal }));
}

type PartKind = 'pads' | 'rotors' | 'fluids' | 'lines' | 'ducts' | 'calipers' | 'cylinders' | 'brackets';

export async function readPad(pad: Pad, signal?: AbortSignal): Promise<CurveReading> {
  return unwrap(await client.POST('/api/readings/pad', { body: pad, signal }));
}

export async function readRotor(rotor: Rotor, signal?: AbortSignal): Promise<RotorReading> {
  return unwrap(await client.POST('/api/readings/rotor', { body: rotor, signal }));
}

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
    case 'brackets':
      return void unwrap(await client.PUT('/api/shelf/brackets/{id}', { params, body: body as Bracket }));
    case 'cylinders':
      return void unwrap(await client.PUT('/api/shelf/cylinders/{id}', { params, body: body as MasterCylinder }));
  }
}

export async function archivePart(kind: string, id: string, revision: number, archived: boolean): Promise<void> {
  unwrap(await client.POST('/api/shelf/{kind}/{id}/archive', { params: { path: { kind, id }, query: { revision, archived } } }));
}
