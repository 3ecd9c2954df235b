import type { components } from './schema.generated';

type Schemas = components['schemas'];
export type Plan = Schemas['Plan'];
export type Tier = Schemas['Tier'];
export type DivisionSpec = Schemas['DivisionSpec'];
export type Dressing = Schemas['Dressing'];
export type Reading = Schemas['Reading'];
export type Workup = Schemas['Workup'];
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
export type Handle = Schemas['Handle'];
export type Layout = Schemas['Layout'];
export type Preferences = Schemas['Preferences'];
export type LengthUnit = Preferences['unit'];
export type SavedPlan = Schemas['SavedPlan'];
export type PlanLine = Schemas['PlanLine'];
export type Choices = Schemas['Choices'];
export type WaysToMark = Schemas['WaysToMark'];
export type Played = Schemas['Played'];
export type Press = Schemas['Press'];
export type Rescue = Schemas['Rescue'];
export type Offer = Schemas['Offer'];
export type Item = Schemas['Item'];
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
  get unreachable(): boolean {
    return this.problem.status === 0;
  }
}

/** What went wrong, as a problem, whatever was thrown. */
export function problemOf(thrown: unknown): Problem {
  if (thrown instanceof Refusal) {
    return thrown.problem;
  }
  return { type: 'unknown', title: 'It went wrong', status: 0, detail: String(thrown) };
}

async function answer(method: string, path: string, body?: unknown): Promise<Response> {
  const file = body instanceof Blob;
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers:
        body === undefined ? {} : { 'Content-Type': file ? 'application/octet-stream' : 'application/json' },
      body: body === undefined ? null : file || typeof body === 'string' ? body : JSON.stringify(body),
    });
  } catch {
    throw new Refusal({
      type: 'unreachable',
      title: 'No answer',
      status: 0,
      detail: 'Sectorum does not answer. What you did is kept here and saved when it is back.',
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
  tier: string;
  names: string[];
  paper: Paper;
}

export const api = {
  plans: () => json<PlanLine[]>('GET', '/api/plans'),
  plan: (id: number) => json<SavedPlan>('GET', `/api/plans/${id}`),
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
  cupboard: () => json<Item[]>('GET', '/api/cupboard'),
  keepItem: (item: Item) => json<Item>('PUT', '/api/cupboard', item),
  takeOutItem: async (id: number): Promise<void> => void (await answer('DELETE', `/api/cupboard/${id}`)),
  pictures: (plan: number) => json<Picture[]>('GET', `/api/plans/${plan}/pictures`),
  addPicture: async (plan: number, file: File): Promise<Picture> => {
    const path = `/api/plans/${plan}/pictures?${new URLSearchParams({ caption: file.name })}`;
    return (await answer('POST', path, file)).json() as Promise<Picture>;
  },
  takePicture: async (id: number): Promise<void> => void (await answer('DELETE', `/api/pictures/${id}`)),
  /** The workup of the tiers named, or of all. */
  workup: (plan: Plan, bench: Bench, only?: string[]) =>
    json<Workup>('POST', '/api/workup', only === undefined ? { plan, bench } : { plan, bench, only }),
  bench: () => json<Bench>('GET', '/api/bench'),
  tray: (asked: { plan: Plan; tier: string; division: string; bench: Bench }) =>
    json<Worn[]>('POST', '/api/tray', asked),
  refit: (asked: { plan: Plan; from: string; dressing: string; to: string; bench: Bench }) =>
    json<Refit>('POST', '/api/refit', asked),
  catalogue: () => json<Choices>('GET', '/api/catalogue'),
  names: () => json<Schemas['Names']>('GET', '/api/names'),
  preferences: () => json<Preferences>('GET', '/api/preferences'),
  prefer: (preferences: Preferences) => json<Preferences>('PUT', '/api/preferences', preferences),
  length: (field: string, typed: string, unit: LengthUnit) =>
    json<{ mm: number; shown: string }>('GET', `/api/length?${new URLSearchParams({ field, typed, unit })}`),
  templates: (order: TemplateOrder) => json<Listed[]>('POST', '/api/templates/list', order),
  sheets: (order: TemplateOrder) => json<Laid[]>('POST', '/api/templates/sheets', order),
  pdf: async (order: TemplateOrder) => (await answer('POST', '/api/templates/pdf', order)).blob(),
  svg: async (order: TemplateOrder) => (await answer('POST', '/api/templates/svg', order)).blob(),
};
