import { base } from './base';
import { ApiProblem, asText, client, followProgress, unwrap, type PredictionPlan, type Schemas } from './client';
import type { SeasonEvent } from './ready';

export type LogSession = Schemas['LogSession'];
export type Inspection = Schemas['Inspection'];
export type InspectionNote = Schemas['InspectionNote'];
export type CornerLook = Schemas['CornerLook'];
export type Finding = Schemas['Finding'];
export type Logged = Schemas['Logged'];
export type PaintKit = Schemas['PaintKit'];
export type WorkTicks = Schemas['WorkTicks'];
export type LearningPage = Schemas['LearningPage'];
export type RankedCause = Schemas['RankedCause'];
export type WearPage = Schemas['WearPage'];
export type TraceComparison = Schemas['TraceComparison'];
export type RecordingColumns = Schemas['RecordingColumns'];
export type ColumnsPreview = Schemas['ColumnsPreview'];
export type DrivenDay = Schemas['DrivenDay'];
export type RestorePreview = Schemas['RestorePreview'];
export type KeptState = Schemas['KeptState'];
export type AsideRow = Schemas['AsideRow'];
export type LogTables = Schemas['LogTables'];

export interface Entry<T> {
  id: string;
  day: string;
  revision: number;
  body: T;
  /** When it was last saved, ISO 8601. */
  saved?: string | null;
}
export interface Entries<T> {
  total: number;
  items: Entry<T>[];
}

const page = (car: string, skip = 0, take = 30) => ({ params: { path: { car }, query: { skip, take } } });
const at = (car: string, entry: { id: string; day: string; revision: number }) => ({
  params: { path: { car, id: entry.id }, query: { revision: entry.revision, day: entry.day } },
});

export const readTables = async (): Promise<LogTables> => unwrap(await client.GET('/api/log/tables'));

export const readSessions = async (car: string, skip?: number): Promise<Entries<LogSession>> =>
  unwrap(await client.GET('/api/log/{car}/sessions', page(car, skip)));
export const saveSession = async (car: string, entry: Entry<LogSession>): Promise<Logged> =>
  unwrap(await client.PUT('/api/log/{car}/sessions/{id}', { ...at(car, entry), body: entry.body }));

export const readInspections = async (car: string, skip?: number): Promise<Entries<InspectionNote>> =>
  unwrap(await client.GET('/api/log/{car}/inspections', page(car, skip)));
export const saveInspection = async (car: string, entry: Entry<InspectionNote>): Promise<Logged> =>
  unwrap(await client.PUT('/api/log/{car}/inspections/{id}', { ...at(car, entry), body: entry.body }));

export const readEvents = async (car: string): Promise<Entries<SeasonEvent>> =>
  unwrap(await client.GET('/api/log/{car}/events', page(car, 0, 60)));
export const saveEvent = async (car: string, entry: Entry<SeasonEvent>): Promise<Logged> =>
  unwrap(await client.PUT('/api/log/{car}/events/{id}', { ...at(car, entry), body: entry.body }));

export const readKits = async (car: string): Promise<Entries<PaintKit>> =>
  unwrap(await client.GET('/api/log/{car}/kits', page(car, 0, 60)));
export const saveKit = async (car: string, entry: Entry<PaintKit>): Promise<Logged> =>
  unwrap(await client.PUT('/api/log/{car}/kits/{id}', { ...at(car, entry), body: entry.body }));

export const readWork = async (car: string): Promise<Entries<WorkTicks>> =>
  unwrap(await client.GET('/api/log/{car}/work', page(car, 0, 20)));
export const saveWork = async (car: string, entry: Entry<WorkTicks>): Promise<Logged> =>
  unwrap(await client.PUT('/api/log/{car}/work/{id}', { ...at(car, entry), body: entry.body }));

export async function deleteEntry(id: string, revision: number): Promise<void> {
  const { error, response } = await client.DELETE('/api/log/entries/{id}', { params: { path: { id }, query: { revision } } });
  if (!response.ok) unwrap({ error, response });
}

export const readFindings = async (note: InspectionNote, car: string, signal?: AbortSignal): Promise<Finding[]> =>
  unwrap(await client.POST('/api/log/findings', { params: { query: { car } }, body: note, signal }));

export const diagnose = async (car: string, symptom: string, plan: PredictionPlan): Promise<RankedCause[]> =>
  unwrap(await client.POST('/api/log/{car}/diagnosis', { params: { path: { car } }, body: { symptom, plan } }));

/** What the log has taught; null where no day has evidence. */
export async function learn(car: string, plan: PredictionPlan, ticket: string, signal?: AbortSignal): Promise<LearningPage | null> {
  const answer = await client.POST('/api/log/{car}/learning', { params: { path: { car }, query: { ticket } }, body: plan, signal });
  return answer.response.status === 204 ? null : unwrap(answer);
}

export type CarInGarage = Schemas['CarInGarage'];
export type GarageAnswer = Schemas['GarageAnswer'];

/** What is on a car today. */
export const readGarage = async (car: string, body: Schemas['GarageQuestion'], signal?: AbortSignal): Promise<GarageAnswer> =>
  unwrap(await client.POST('/api/log/{car}/garage', { params: { path: { car } }, body, signal }));

/** How many days of a car's log tell of it. */
export const readBelief = async (car: string, signal?: AbortSignal): Promise<Schemas['LogBelief']> =>
  unwrap(await client.GET('/api/log/{car}/belief', { params: { path: { car } }, signal }));

export const forecastWear = async (car: string, plan: PredictionPlan, signal?: AbortSignal): Promise<WearPage> =>
  unwrap(await client.POST('/api/log/{car}/wear', { params: { path: { car } }, body: plan, signal }));

export const compareTraces = async (first: string, second: string, mend = false): Promise<TraceComparison> =>
  unwrap(await client.POST('/api/log/traces', { body: { first, second, mend } }));

export const readMoisture = async (ageMonths: number, seed: number): Promise<number> =>
  unwrap(await client.GET('/api/log/moisture', { params: { query: { ageMonths, seed } } }));

export async function addPhoto(entry: string, name: string, jpeg: Blob): Promise<void> {
  unwrap(
    await client.POST('/api/log/entries/{id}/photos', {
      params: { path: { id: entry }, query: { name } },
      body: jpeg as never,
      bodySerializer: (body) => body as unknown as Blob,
      headers: { 'Content-Type': 'image/jpeg' },
    }),
  );
}

export const listPhotos = async (entry: string): Promise<string[]> =>
  unwrap(await client.GET('/api/log/entries/{id}/photos', { params: { path: { id: entry } } }));

/** Sends an archive, telling the share sent and then the share done there. */
export function restoreArchive(file: Blob, preview: boolean, onShare?: (share: number) => void): Promise<RestorePreview> {
  const ticket = crypto.randomUUID();
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    let stop = () => {};
    request.open('POST', `${base}/api/archive?preview=${preview}&ticket=${ticket}`);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.responseType = 'json';
    request.upload.onprogress = (event) => onShare?.((0.5 * event.loaded) / Math.max(1, event.total));
    request.upload.onload = () => {
      if (onShare) stop = followProgress(ticket, (share) => onShare(0.5 + 0.5 * share));
    };
    request.onloadend = () => {
      stop();
      const body = request.response as (RestorePreview & { title?: string; detail?: string; faults?: Schemas['InputFault'][] }) | null;
      if (request.status >= 200 && request.status < 300 && body) resolve(body);
      else reject(new ApiProblem(body?.title ?? 'Rimrock did not answer.', body?.detail ?? '', body?.faults ?? [], request.status));
    };
    request.send(file);
  });
}

export const readKept = async (): Promise<KeptState> => unwrap(await client.GET('/api/archive/state'));

/** Brings back what the last restore replaced. */
export async function undoRestore(): Promise<void> {
  const { error, response } = await client.POST('/api/archive/undo');
  if (!response.ok) unwrap({ error, response });
}

export const readAside = async (): Promise<AsideRow[]> => unwrap(await client.GET('/api/archive/aside'));

export async function deleteAside({ table, kind, id }: AsideRow): Promise<void> {
  const { error, response } = await client.DELETE('/api/archive/aside/{table}/{kind}/{id}', { params: { path: { table, kind, id } } });
  if (!response.ok) unwrap({ error, response });
}

/** Columns and first rows of a recording, with a guess which is which. */
export const readColumns = async (text: string): Promise<ColumnsPreview> =>
  unwrap(await client.POST('/api/log/recorded/columns', { body: text as never, ...asText('text/csv') }));

/** A recording lap by lap beside what is predicted for the very same driving. */
export const readDriven = async (
  plan: PredictionPlan,
  name: string,
  text: string,
  columns: RecordingColumns | null,
  mend = false,
): Promise<DrivenDay> => unwrap(await client.POST('/api/log/recorded', { body: { plan, name, text, columns, mend } }));
