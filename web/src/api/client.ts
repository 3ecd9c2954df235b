import type { components } from './schema.generated';

type Schemas = components['schemas'];
export type Plan = Schemas['Plan'];
export type Tier = Schemas['Tier'];
export type DivisionSpec = Schemas['DivisionSpec'];
export type Dressing = Schemas['Dressing'];
export type Reading = Schemas['Reading'];
export type StackWorkup = Schemas['StackWorkup'];
export type TierWorkup = Schemas['TierWorkup'];
export type Divided = Schemas['Divided'];
export type Worn = Schemas['Worn'];
export type Bench = Schemas['Bench'];
export type Refit = Schemas['Refit'];
export type Making = Schemas['Making'];
export type Rung = Schemas['Rung'];
export type Finding = Schemas['Finding'];
export type Mend = Schemas['Mend'];
export type Phrase = Schemas['Phrase'];
export type Quantity = Schemas['Quantity'];
export type Field = Schemas['Field'];
export type Form = Schemas['Form'];
export type Seen = Schemas['Seen'];
export type Handle = Schemas['Handle'];
export type Layout = Schemas['Layout'];
export type Preferences = Schemas['Preferences'];
export type LengthUnit = Preferences['unit'];
export type SavedPlan = Schemas['SavedPlan'];
export type Opened = Schemas['Opened'];
export type PlanLine = Schemas['PlanLine'];
export type DeletedPlan = Schemas['DeletedPlan'];
export type Choices = Schemas['Choices'];
export type WaysToMark = Schemas['WaysToMark'];
export type Played = Schemas['Played'];
export type Press = Schemas['Press'];
export type Rescue = Schemas['Rescue'];
export type Offer = Schemas['Offer'];
export type Thing = Schemas['Thing'];
export type Shelf = Schemas['Shelf'];
export type WorkshopSettings = Schemas['WorkshopSettings'];
export type Worktop = Schemas['Worktop'];
export type Batch = Schemas['Batch'];
export type CutLine = Schemas['CutLine'];
export type Nested = Schemas['Nested'];
export type Buy = Schemas['Buy'];
export type Part = Schemas['Part'];
export type Scaled = Schemas['Scaled'];
export type Quicker = Schemas['Quicker'];
export type Table = Schemas['Table'];
export type Stand = Schemas['Stand'];
export type Built = Schemas['Build'];
export type Standing = Schemas['Standing'];
export type Days = Schemas['Days'];
export type DayItem = Schemas['Item'];
export type Saving = Schemas['Saving'];
export type OwnPiece = Schemas['OwnPiece'];
export type PieceWorkup = Schemas['PieceWorkup'];
export type Agenda = Schemas['Agenda'];
export type OwnTask = Schemas['OwnTask'];
export type Instruction = Schemas['Instruction'];
export type Handover = Schemas['Handover'];
export type Outlook = Schemas['Outlook'];
export type Inserted = Schemas['Inserted'];
export type Coat = Schemas['Coat'];
export type Colour = Schemas['Colour'];
export type Fit = Schemas['Fit'];
export type Taken = Schemas['Taken'];
export type Version = Schemas['Version'];
export type Picture = Schemas['Picture'];
export type ZoneSpec = Schemas['ZoneSpec'];
export type Changed = Schemas['Changed'];
export type Border = Schemas['Border'];
export type Listed = Schemas['Listed'];
export type Laid = Schemas['Laid'];
export type Paper = 'a4' | 'letter' | 'a3';

/** An error as the server tells it (RFC 9457), or one made here when the server did not answer. */
export interface Problem {
  type: string;
  title: string;
  status: number;
  detail: string;
  field?: string;
  phrase?: Phrase;
  yours?: Plan;
  theirs?: SavedPlan;
}

export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
  /** No answer, or one that says to come again: nothing was changed, and it may be tried again. */
  get unreachable(): boolean {
    return [0, 408, 502, 503, 504].includes(this.problem.status);
  }
}

/** What went wrong, as a problem, whatever was thrown. */
export function problemOf(thrown: unknown): Problem {
  if (thrown instanceof Refusal) {
    return thrown.problem;
  }
  return { type: 'unknown', title: 'It went wrong', status: 0, detail: String(thrown) };
}

/** Whoever has not answered by then does not: what waits is kept and asked again. */
const PATIENCE_MS = 20_000;

async function answer(method: string, path: string, body?: unknown, hangUp?: AbortSignal): Promise<Response> {
  const file = body instanceof Blob;
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers:
        body === undefined ? {} : { 'Content-Type': file ? 'application/octet-stream' : 'application/json' },
      body: body === undefined ? null : file || typeof body === 'string' ? body : JSON.stringify(body),
      signal: hangUp ?? AbortSignal.timeout(PATIENCE_MS),
    });
  } catch (thrown) {
    if (hangUp?.aborted) {
      throw thrown;
    }
    throw new Refusal({
      type: 'unreachable',
      title: 'No answer',
      status: 0,
      detail: 'Sectorum does not answer just now. Nothing was changed there; try again in a moment.',
    });
  }
  if (!response.ok) {
    let problem: Problem;
    try {
      problem = (await response.json()) as Problem;
    } catch {
      problem = {
        type: 'unknown',
        title: 'It went wrong',
        status: response.status,
        detail: `Sectorum answered ${response.status}. Try again; nothing typed is lost.`,
      };
    }
    throw new Refusal(problem);
  }
  return response;
}

async function json<T>(method: string, path: string, body?: unknown): Promise<T> {
  return (await answer(method, path, body)).json() as Promise<T>;
}

export interface TemplateOrder {
  plan: Plan;
  /** Left out: templates of all tiers. */
  tier?: string;
  names: string[];
  paper: Paper;
}

/** How far a pack is. */
export interface Packing {
  done: number;
  of: number;
}

/** A pack a line at a time, told how far it is; hanging up ends it. */
async function pack(order: TemplateOrder, told: (far: Packing) => void, hangUp: AbortSignal): Promise<Blob> {
  const response = await answer('POST', '/api/templates/pack', order, hangUp);
  const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  for (;;) {
    const { done, value } = await reader.read();
    text += value ?? '';
    const lines = text.split('\n');
    text = lines.pop() ?? '';
    for (const line of lines) {
      const far = JSON.parse(line) as Packing & { pdf?: string };
      if (far.pdf !== undefined) {
        const bytes = Uint8Array.from(atob(far.pdf), (c) => c.charCodeAt(0));
        return new Blob([bytes], { type: 'application/pdf' });
      }
      told(far);
    }
    if (done) {
      throw new Refusal({
        type: 'cut',
        title: 'Cut off',
        status: 0,
        detail: 'The pack broke off. Make it again.',
      });
    }
  }
}

export const api = {
  plans: () => json<PlanLine[]>('GET', '/api/plans'),
  deleted: () => json<DeletedPlan[]>('GET', '/api/plans/deleted'),
  plan: (id: number) => json<SavedPlan>('GET', `/api/plans/${id}`),
  opened: (id: number) => json<Opened>('GET', `/api/plans/${id}/opened`),
  demo: () => json<PlanLine[]>('POST', '/api/plans/demo'),
  fresh: (name: string) => json<SavedPlan>('POST', '/api/plans/fresh', { name }),
  /** The text of a plan file, as it was read: the server says what is wrong with it. */
  open: (text: string) => json<SavedPlan>('POST', '/api/plans', text),
  save: (id: number, base: number, document: Plan) =>
    json<SavedPlan>('PUT', `/api/plans/${id}`, { base, document }),
  copy: (id: number, name: string) => json<SavedPlan>('POST', `/api/plans/${id}/copy`, { name }),
  remove: async (id: number): Promise<void> => void (await answer('DELETE', `/api/plans/${id}`)),
  restore: (id: number) => json<SavedPlan>('POST', `/api/plans/${id}/restore`),
  archive: async (id: number, away: boolean): Promise<void> =>
    void (await answer('PUT', `/api/plans/${id}/archive`, { away })),
  nextTier: (plan: Plan) => json<Tier>('POST', '/api/next-tier', plan),
  ways: (asked: { plan: Plan; tier: string; division: string; press?: Press; shape?: number }) =>
    json<WaysToMark>('POST', '/api/ways', asked),
  rescue: (stuck: { plan: Plan; tier: string; division: string; placed: number; reads: number }) =>
    json<Rescue>('POST', '/api/rescue', stuck),
  cupboard: () => json<Thing[]>('GET', '/api/cupboard'),
  kinds: () => json<Shelf[]>('GET', '/api/cupboard/kinds'),
  keepThing: (thing: Thing) => json<Thing>('PUT', '/api/cupboard', thing),
  /** Amounts from stock; less than nothing puts back. */
  take: (wanted: Taken[]) => json<Taken[]>('POST', '/api/cupboard/take', wanted),
  cupboardTable: async () => (await answer('GET', '/api/cupboard/table')).blob(),
  readTable: async (file: Blob) =>
    (await answer('POST', '/api/cupboard/table', file)).json() as Promise<{ things: number }>,
  workshop: () => json<WorkshopSettings>('GET', '/api/workshop'),
  settle: (settings: WorkshopSettings) => json<WorkshopSettings>('PUT', '/api/workshop', settings),
  worktop: (plan: Plan) => json<Worktop>('POST', '/api/worktop', { plan }),
  build: (plan: Plan) => json<Built>('POST', '/api/build', { plan }),
  quicker: (asked: { plan: Plan; tier: string; dressing: string; bench: Bench }) =>
    json<Quicker[]>('POST', '/api/quicker', asked),
  recipe: (name: string, grams: number) =>
    json<Scaled>('GET', `/api/recipe?${new URLSearchParams({ name, grams: String(grams) })}`),
  list: async (what: 'cuts' | 'shopping', plan: Plan) =>
    (await answer('POST', `/api/worktop/${what}`, { plan })).blob(),
  days: (id: number, plan: Plan) => json<Days>('POST', '/api/days', { id, plan }),
  savings: (id: number, plan: Plan) => json<Saving[]>('POST', '/api/days/savings', { id, plan }),
  dayFile: async (what: 'calendar' | 'table', id: number, plan: Plan) =>
    (await answer('POST', `/api/days/${what}`, { id, plan })).blob(),
  outlook: () => json<Outlook[]>('GET', '/api/days/orders'),
  pieces: (plan: Plan) => json<PieceWorkup[]>('POST', '/api/pieces', { plan }),
  steps: (id: number, plan: Plan) => json<Instruction[]>('POST', '/api/steps', { id, plan }),
  handover: (id: number, plan: Plan) => json<Handover>('POST', '/api/handover', { id, plan }),
  handoverPdf: async (id: number, plan: Plan) =>
    (await answer('POST', '/api/handover/pdf', { id, plan })).blob(),
  versions: (id: number) => json<Version[]>('GET', `/api/plans/${id}/versions`),
  version: (id: number, revision: number) => json<SavedPlan>('GET', `/api/plans/${id}/versions/${revision}`),
  takeOutThing: async (id: number): Promise<void> => void (await answer('DELETE', `/api/cupboard/${id}`)),
  pictures: (plan: number) => json<Picture[]>('GET', `/api/plans/${plan}/pictures`),
  addPicture: async (plan: number, file: File): Promise<Picture> => {
    const path = `/api/plans/${plan}/pictures?${new URLSearchParams({ caption: file.name })}`;
    return (await answer('POST', path, file)).json() as Promise<Picture>;
  },
  takePicture: async (id: number): Promise<void> => void (await answer('DELETE', `/api/pictures/${id}`)),
  /** The workup of the tiers named, or of all. */
  workup: (plan: Plan, bench: Bench, only?: string[]) =>
    json<StackWorkup>('POST', '/api/workup', only === undefined ? { plan, bench } : { plan, bench, only }),
  bench: () => json<Bench>('GET', '/api/bench'),
  tray: (asked: { plan: Plan; tier: string; surface: Seen['kind']; division: string; bench: Bench }) =>
    json<Worn[]>('POST', '/api/tray', asked),
  refit: (asked: { plan: Plan; from: string; dressing: string; to: string; into?: Plan; bench: Bench }) =>
    json<Refit>('POST', '/api/refit', asked),
  catalogue: () => json<Choices>('GET', '/api/catalogue'),
  names: () => json<Schemas['Names']>('GET', '/api/names'),
  preferences: () => json<Preferences>('GET', '/api/preferences'),
  prefer: (preferences: Preferences) => json<Preferences>('PUT', '/api/preferences', preferences),
  length: (field: string, typed: string, unit: LengthUnit) =>
    json<Schemas['Understood']>('GET', `/api/length?${new URLSearchParams({ field, typed, unit })}`),
  templates: (order: TemplateOrder) => json<Listed[]>('POST', '/api/templates/list', order),
  sheets: (order: TemplateOrder) => json<Laid[]>('POST', '/api/templates/sheets', order),
  pdf: async (order: TemplateOrder) => (await answer('POST', '/api/templates/pdf', order)).blob(),
  pack,
  dxf: async (order: TemplateOrder) => (await answer('POST', '/api/templates/dxf', order)).blob(),
  svg: async (order: TemplateOrder) => (await answer('POST', '/api/templates/svg', order)).blob(),
};
