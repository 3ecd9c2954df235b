import { asBlob, aside, BLOB, got, http, near, of, type Packing, packed, raw } from './http';
import { peopleApi } from './people';
import type {
  Bench,
  DeviceLabel,
  Drill,
  LetteringStyle,
  Measured,
  Motif,
  Paper,
  Plan,
  Press,
  Recipe,
  Schemas,
  Seen,
  Swatch,
  Taken,
  Thing,
  Tracing,
  WorkRecord,
  WorkshopSettings,
} from './types';

export { documentOf, isShownOf, type Packing, sent } from './http';
export { type Problem, problemOf, Refusal } from './problem';
export type * from './types';

export interface TemplateOrder {
  plan: Plan;
  /** Left out: templates of all tiers. */
  tier?: string;
  names: string[];
  paper: Paper;
}

export interface BookletOrder {
  id: number;
  plan: Plan;
  /** None: all. */
  chapters: Schemas['BookletRequest']['chapters'];
  paper: Paper;
}

async function pack(order: TemplateOrder, told: (far: Packing) => void, hangUp: AbortSignal): Promise<Blob> {
  return packed(
    await http.POST('/api/templates/pack', { body: order, parseAs: 'stream', signal: hangUp }),
    told,
  );
}

async function booklet(
  order: BookletOrder,
  told: (far: Packing) => void,
  hangUp: AbortSignal,
): Promise<Blob> {
  return packed(await http.POST('/api/booklet', { body: order, parseAs: 'stream', signal: hangUp }), told);
}

export const api = {
  ...peopleApi,
  plans: () => got(http.GET('/api/plans')),
  deleted: () => got(http.GET('/api/plans/deleted')),
  plan: (id: number) => got(http.GET('/api/plans/{id}', of({ id }))),
  opened: (id: number) => got(http.GET('/api/plans/{id}/opened', of({ id }))),
  demo: () => got(http.POST('/api/plans/demo')),
  fresh: (name: string) => got(http.POST('/api/plans/fresh', { body: { name } })),
  /** The text of a plan file, as it was read: the server says what is wrong with it. */
  open: (text: string) => got(http.POST('/api/plans', raw(text))),
  /** What others saved since the base is put together with it; the answer is what the plan is now. */
  save: (id: number, base: number, document: Plan, more: Pick<Schemas['Save'], 'from' | 'choices'> = {}) =>
    got(http.PUT('/api/plans/{id}', { ...of({ id }), body: { base, document, ...more } })),
  copy: (id: number, name: string) =>
    got(http.POST('/api/plans/{id}/copy', { ...of({ id }), body: { name } })),
  remove: async (id: number): Promise<void> => void (await http.DELETE('/api/plans/{id}', of({ id }))),
  restore: (id: number) => got(http.POST('/api/plans/{id}/restore', of({ id }))),
  archive: async (id: number, away: boolean): Promise<void> =>
    void (await http.PUT('/api/plans/{id}/archive', { ...of({ id }), body: { away } })),
  nextTier: (plan: Plan) =>
    near('NextTierRequest', { plan }, () => got(http.POST('/api/next-tier', { body: { plan } }))),
  ways: (body: { plan: Plan; tier: string; division: string; press?: Press; shape?: number; bench: Bench }) =>
    aside('WaysRequest', body, () => got(http.POST('/api/ways', { body }))),
  rescue: (body: {
    plan: Plan;
    tier: string;
    division: string;
    placed: number;
    reads: number;
    bench: Bench;
  }) => near('RescueRequest', body, () => got(http.POST('/api/rescue', { body }))),
  cupboard: () => got(http.GET('/api/cupboard')),
  kinds: () => got(http.GET('/api/cupboard/kinds')),
  keepThing: (body: Thing) => got(http.PUT('/api/cupboard', { body })),
  /** Amounts from stock; less than nothing puts back. */
  take: (body: Taken[]) => got(http.POST('/api/cupboard/take', { body })),
  cupboardTable: () => asBlob(http.GET('/api/cupboard/table', BLOB)),
  readTable: (file: Blob) => got(http.POST('/api/cupboard/table', raw(file))),
  workshop: () => got(http.GET('/api/workshop')),
  settle: (body: WorkshopSettings) => got(http.PUT('/api/workshop', { body })),
  worktop: (plan: Plan) => got(http.POST('/api/worktop', { body: { plan } })),
  build: (plan: Plan, bench: Bench) =>
    aside('BuildRequest', { plan, bench }, () => got(http.POST('/api/build', { body: { plan, bench } }))),
  quicker: (body: { plan: Plan; tier: string; dressing: string; bench: Bench }) =>
    got(http.POST('/api/quicker', { body })),
  recipes: () => got(http.GET('/api/recipes')),
  scaled: (id: string, wanted: { grams?: number; part?: number; have?: number }) =>
    got(http.GET('/api/recipes/scaled', { params: { query: { id, ...wanted } } })),
  tried: (body: Recipe) => got(http.POST('/api/recipes/tried', { body })),
  keepRecipe: (body: Recipe) => got(http.PUT('/api/recipes', { body })),
  takeOutRecipe: async (id: string): Promise<void> =>
    void (await http.DELETE('/api/recipes/{id}', of({ id }))),
  recipeFile: () => asBlob(http.GET('/api/recipes/file', BLOB)),
  /** The text of a file, as it was read: the server says what is wrong with it. */
  readRecipes: (text: string) => got(http.POST('/api/recipes/file', raw(text))),
  swatches: () => got(http.GET('/api/swatches')),
  keepSwatch: (body: Swatch) => got(http.POST('/api/swatches', { body })),
  takeOutSwatch: async (id: number): Promise<void> =>
    void (await http.DELETE('/api/swatches/{id}', of({ id }))),
  shades: (body: Schemas['DoseRequest']) => got(http.POST('/api/swatches/shades', { body })),
  reach: (body: Schemas['ShadeRequest']) => got(http.POST('/api/swatches/reach', { body })),
  notebook: (words: string, skipped: number) =>
    got(http.GET('/api/notebook', { params: { query: { words, skipped } } })),
  job: (plan: number | undefined, job: string) =>
    got(
      http.GET('/api/notebook/job', { params: { query: plan === undefined ? { job } : { plan, job: '' } } }),
    ),
  rates: () => got(http.GET('/api/notebook/rates')),
  notebookChoices: () => got(http.GET('/api/notebook/choices')),
  switchOff: (body: string[]) => got(http.PUT('/api/notebook/off', { body })),
  keepRecords: (body: WorkRecord[]) => got(http.POST('/api/notebook/records', { body })),
  measured: (body: Measured) => got(http.POST('/api/notebook/measured', { body })),
  takeOutRecord: async (id: number): Promise<void> =>
    void (await http.DELETE('/api/notebook/records/{id}', of({ id }))),
  decide: async (body: Schemas['Decision']): Promise<void> =>
    void (await http.POST('/api/notebook/decisions', { body })),
  answer: async (body: Schemas['Answered']): Promise<void> =>
    void (await http.POST('/api/notebook/answers', { body })),
  notebookTable: () => asBlob(http.GET('/api/notebook/table', BLOB)),
  readNotebook: (file: Blob) => got(http.POST('/api/notebook/table', raw(file))),
  devices: () => got(http.GET('/api/devices')),
  device: (id: string) => got(http.GET('/api/devices/{id}', { params: { path: { id } } })),
  tare: (id: string) => got(http.POST('/api/devices/{id}/tare', { params: { path: { id } } })),
  putBefore: async (id: string, value: number): Promise<void> =>
    void (await http.POST('/api/devices/{id}/put', { params: { path: { id } }, body: { value } })),
  faultAt: async (id: string, fault: string): Promise<void> =>
    void (await http.POST('/api/devices/{id}/fault', { params: { path: { id } }, body: { fault } })),
  roomHours: (back: number) => got(http.GET('/api/devices/room/hours', { params: { query: { back } } })),
  cutter: (known: boolean) => got(http.GET('/api/devices/cutter', { params: { query: { known } } })),
  cut: (body: Schemas['CutOrder']) => got(http.POST('/api/devices/cutter/jobs', { body })),
  pauseCutter: () => got(http.POST('/api/devices/cutter/pause')),
  resumeCutter: () => got(http.POST('/api/devices/cutter/resume')),
  printed: () => got(http.GET('/api/devices/printer')),
  printLabels: (labels: DeviceLabel[]) => got(http.POST('/api/devices/printer', { body: { labels } })),
  exercise: (drill: Drill, seed: number) =>
    got(http.GET('/api/practice/exercise', { params: { query: { drill, seed } } })),
  judge: (drill: Drill, seed: number, answer: Schemas['PracticeAnswer']) =>
    got(http.POST('/api/practice/judge', { body: { drill, seed, answer } })),
  practice: () => got(http.GET('/api/practice/progress')),
  classSheet: (seed: number, many: number, paper: Paper) =>
    asBlob(http.GET('/api/practice/sheet', { params: { query: { seed, many, paper } }, ...BLOB })),
  layOut: (id: number, plan: Plan) => got(http.POST('/api/lay-out', { body: { id, plan } })),
  price: (id: number, plan: Plan) => got(http.POST('/api/price', { body: { id, plan } })),
  client: (id: number, plan: Plan, priced: boolean) =>
    got(http.POST('/api/client', { body: { id, plan, priced } })),
  clientPdf: (id: number, plan: Plan, priced: boolean) =>
    asBlob(http.POST('/api/client/pdf', { body: { id, plan, priced }, ...BLOB })),
  chapters: () => got(http.GET('/api/booklet/chapters')),
  booklet,
  list: (what: 'cuts' | 'shopping', plan: Plan) =>
    asBlob(http.POST(`/api/worktop/${what}`, { body: { plan }, ...BLOB })),
  days: (id: number, plan: Plan) => got(http.POST('/api/days', { body: { id, plan } })),
  savings: (id: number, plan: Plan) => got(http.POST('/api/days/savings', { body: { id, plan } })),
  dayFile: (what: 'calendar' | 'table', id: number, plan: Plan) =>
    asBlob(http.POST(`/api/days/${what}`, { body: { id, plan }, ...BLOB })),
  outlook: () => got(http.GET('/api/days/orders')),
  pieces: (plan: Plan, bench: Bench) =>
    near('PiecesRequest', { plan, bench }, () => got(http.POST('/api/pieces', { body: { plan, bench } }))),
  pieceTray: (plan: Plan, tier: string, bench: Bench) =>
    aside('PieceTrayRequest', { plan, tier, bench }, () =>
      got(http.POST('/api/pieces/tray', { body: { plan, tier, bench } })),
    ),
  steps: (id: number, plan: Plan) => got(http.POST('/api/steps', { body: { id, plan } })),
  handover: (id: number, plan: Plan) => got(http.POST('/api/handover', { body: { id, plan } })),
  handoverPdf: (id: number, plan: Plan) =>
    asBlob(http.POST('/api/handover/pdf', { body: { id, plan }, ...BLOB })),
  versions: (id: number) => got(http.GET('/api/plans/{id}/versions', of({ id }))),
  version: (id: number, revision: number) =>
    got(http.GET('/api/plans/{id}/versions/{revision}', of({ id, revision }))),
  callVersion: (id: number, revision: number, name: string) =>
    got(http.PUT('/api/plans/{id}/versions/{revision}/name', { ...of({ id, revision }), body: { name } })),
  goBack: (id: number, revision: number) =>
    got(http.POST('/api/plans/{id}/versions/{revision}/back', of({ id, revision }))),
  changes: (before: Plan, after: Plan) => got(http.POST('/api/changes', { body: { before, after } })),
  here: async (id: number, device: string, place: string): Promise<void> =>
    void (await http.POST('/api/plans/{id}/presence', { ...of({ id }), body: { device, place } })),
  takeOutThing: async (id: number): Promise<void> =>
    void (await http.DELETE('/api/cupboard/{id}', of({ id }))),
  pictures: (id: number) => got(http.GET('/api/plans/{id}/pictures', of({ id }))),
  addPicture: (id: number, file: File) =>
    got(
      http.POST('/api/plans/{id}/pictures', {
        params: { path: { id }, query: { caption: file.name } },
        ...raw(file),
      }),
    ),
  takePicture: async (id: number): Promise<void> =>
    void (await http.DELETE('/api/pictures/{id}', of({ id }))),
  benchSteps: (id: number, plan: Plan) => got(http.POST('/api/turntable/steps', { body: { id, plan } })),
  places: (body: Schemas['PlacesRequest']) =>
    near('PlacesRequest', body, () => got(http.POST('/api/turntable/places', { body }))),
  benchState: (body: Schemas['BenchStateRequest']) =>
    near('BenchStateRequest', body, () => got(http.POST('/api/turntable/state', { body }))),
  evenness: (body: Schemas['EvennessRequest']) =>
    near('EvennessRequest', body, () => got(http.POST('/api/turntable/evenness', { body }))),
  coverUps: (body: Schemas['FaultRequest']) => got(http.POST('/api/turntable/cover-ups', { body })),
  /** A link for another device, made anew each time. */
  door: (id: number) => got(http.POST('/api/plans/{id}/door', of({ id }))),
  journal: (id: number, after: number) =>
    got(http.GET('/api/plans/{id}/journal', { params: { path: { id }, query: { after } } })),
  sendLines: (id: number, lines: readonly Schemas['Entry'][], after: number) =>
    got(http.POST('/api/plans/{id}/journal', { ...of({ id }), body: { lines: [...lines], after } })),
  /** The workup of the tiers named, or of all. */
  workup: (plan: Plan, bench: Bench, only?: string[]) => {
    const body = only === undefined ? { plan, bench } : { plan, bench, only };
    return near('WorkupRequest', body, () => got(http.POST('/api/workup', { body })));
  },
  bench: () => got(http.GET('/api/bench')),
  tray: (body: { plan: Plan; tier: string; surface: Seen['kind']; division: string; bench: Bench }) =>
    aside('TrayRequest', body, () => got(http.POST('/api/tray', { body }))),
  refit: (body: { plan: Plan; from: string; dressing: string; to: string; into?: Plan; bench: Bench }) =>
    near('RefitRequest', body, () => got(http.POST('/api/refit', { body }))),
  catalogue: () => got(http.GET('/api/catalogue')),
  names: () => got(http.GET('/api/names')),
  preferences: () => got(http.GET('/api/preferences')),
  prefer: (body: Schemas['Preferences']) => got(http.PUT('/api/preferences', { body })),
  length: (field: string, typed: string, unit: Schemas['Preferences']['unit']) =>
    near('LengthRequest', { field, typed, unit }, () =>
      got(http.GET('/api/length', { params: { query: { field, typed, unit } } })),
    ),
  templates: (body: TemplateOrder) => got(http.POST('/api/templates/list', { body })),
  sheets: (body: TemplateOrder) => got(http.POST('/api/templates/sheets', { body })),
  pdf: (body: TemplateOrder) => asBlob(http.POST('/api/templates/pdf', { body, ...BLOB })),
  pack,
  dxf: (body: TemplateOrder) => asBlob(http.POST('/api/templates/dxf', { body, ...BLOB })),
  svg: (body: TemplateOrder) => asBlob(http.POST('/api/templates/svg', { body, ...BLOB })),
  /** An SVG as it is: its regions, and what could not be read. */
  drawing: (file: File) =>
    got(
      http.POST('/api/art/drawing', {
        params: { query: { name: file.name.replace(/\.\w+$/, '') } },
        ...raw(file),
      }),
    ),
  faces: () => got(http.GET('/api/art/faces')),
  letters: (body: { text: string; face: string; wish: LetteringStyle; ornament?: Motif }) =>
    got(http.POST('/api/art/letters', { body })),
  traced: (body: { picture: number; name: string; wish: Tracing }) =>
    got(http.POST('/api/art/traced', { body })),
  tracingSheet: (body: { picture: number; width: number; mirrored: boolean; paper: Paper }) =>
    asBlob(http.POST('/api/art/tracing-sheet', { body, ...BLOB })),
  motifSvg: (body: Motif) => asBlob(http.POST('/api/art/svg', { body, ...BLOB })),
  drawer: () => got(http.GET('/api/art/drawer')),
  keepMotif: (body: Motif) => got(http.POST('/api/art/drawer', { body })),
  takeOutMotif: async (id: number): Promise<void> =>
    void (await http.DELETE('/api/art/drawer/{id}', of({ id }))),
};
