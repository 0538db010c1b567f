import createClient from 'openapi-fetch';
import type { paths } from './schema';
import type {
  BathPlan,
  BathQuestion,
  BathRecord,
  BinPiece,
  Dipped,
  KeptBaths,
  Making,
  ColourPlaces,
  Finished,
  FinishQuestion,
  Strip,
  StripQuestion,
  WireField,
  FieldGauge,
  Imported,
  Kinds,
  KeptPiece,
  KeptPrices,
  KeptStone,
  KeptStones,
  KeptTools,
  MeasuredQuestion,
  Metal,
  OwnedTool,
  PairMeasures,
  PairMend,
  Piece,
  Plan,
  Prices,
  Problem,
  StrandPlan,
  Temper,
  TracedStone,
  Thinning,
  Wire,
  WaysOut,
  Job,
  JobRow,
  KeptJob,
  KeptMeasures,
  KeptSettings,
  PersonalMeasure,
  Progress,
  Sizes,
  Worn,
  WireAsked,
  CutPlan,
  CutTerms,
  RackAnswer,
  RackEntry,
  RackPreview,
  PriceSheet,
  Instead,
  PolicyCost,
  HowFar,
  LogAnswer,
  Photograph,
  ClassKit,
  SheetOffer,
  JobsByDay,
  NewFact,
  DaybookAnswer,
  Lessons,
} from './types';

const client = createClient<paths>({ baseUrl: '', fetch: (request) => globalThis.fetch(request) });

/** What the server refused, with every bad field. */
export class Refused extends Error {
  /** the problem document */
  readonly problem: Problem;
  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

/** Why something was refused, in a line: the first bad fields, or what is the matter. */
export function reason(thrown: unknown): string {
  if (thrown instanceof Refused && thrown.problem.violations.length > 0) {
    return thrown.problem.violations
      .slice(0, 4)
      .map((v) => `${v.path} was ${v.value}: ${v.limit}`)
      .join('; ');
  }
  return thrown instanceof Error ? thrown.message : String(thrown);
}

const UNREACHABLE: Problem = {
  status: 0,
  detail: 'Etui does not answer: is it still running?',
  violations: [],
};

/** Unwraps an answer, or throws {@link Refused}. */
async function data<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let answer;
  try {
    answer = await call;
  } catch (thrown) {
    if (thrown instanceof DOMException && thrown.name === 'AbortError') throw thrown;
    throw new Refused(UNREACHABLE);
  }
  if (!answer.response.ok) {
    const problem = answer.error as Partial<Problem> | undefined;
    throw new Refused({
      status: answer.response.status,
      detail: problem?.detail ?? answer.response.statusText,
      violations: problem?.violations ?? [],
      ...(problem?.standing && { standing: problem.standing }),
    });
  }
  return answer.data as T;
}

let asked = 0;
const WINDOW = Math.random().toString(36).slice(2);

/** Asks under a name where the question may be taken back; the server stops working on it when it is. */
async function askNamed(path: string, init: RequestInit, signal: AbortSignal): Promise<Response> {
  const name = `${WINDOW}-${++asked}`;
  const takeBack = () => {
    void fetch(`/api/asked/${name}`, { method: 'DELETE', keepalive: true }).catch(() => undefined);
  };
  signal.addEventListener('abort', takeBack, { once: true });
  try {
    return await fetch(path, { ...init, signal, headers: { ...init.headers, 'Etui-Ask': name } });
  } finally {
    signal.removeEventListener('abort', takeBack);
  }
}

/** A question with a document in it; asked at every change, so it goes without the typed client's detours. */
function ask<T>(path: string, question: object, signal?: AbortSignal): Promise<T> {
  const init = {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(question),
  };
  return answered(signal ? askNamed(path, init, signal) : fetch(path, init));
}

/** The body of what was fetched without the typed client, or {@link Refused}. */
function answered<T>(call: Promise<Response>): Promise<T> {
  return data(
    call.then(async (response) => {
      const body: unknown = await response.json();
      return response.ok ? { data: body as T, response } : { error: body, response };
    }),
  );
}

function sendFile(path: string, file: File): Promise<Response> {
  const type = file.name.endsWith('.zip') ? 'application/zip' : 'application/json';
  return fetch(path, { method: 'POST', headers: { 'Content-Type': type }, body: file });
}

/** Units that the server writes lengths in. */
export type ServerUnits = 'mm' | 'in' | 'in32';

export const api = {
  /** A page of the tray. */
  tray: (from: number, most: number, signal?: AbortSignal) =>
    data(client.GET('/api/pieces', { params: { query: { from, most } }, signal: signal ?? null })),
  /** What there is to work with: kinds of element, work and tool. */
  kinds: () => data<Kinds>(client.GET('/api/kinds') as never),
  /** The sheets of a piece or a job that have something to show; its address is `/api/pieces/…` or `/api/jobs/…`. */
  sheets: (address: string) => answered<SheetOffer[]>(fetch(`${address}/sheets`)),
  metals: () => data(client.GET('/api/metals')),
  reasons: () => data(client.GET('/api/reasons')),
  tools: () => data<KeptTools>(client.GET('/api/tools') as never),
  saveTools: (version: number, tools: readonly OwnedTool[]) =>
    data<KeptTools>(
      client.PUT('/api/tools', {
        params: { header: { 'If-Match': String(version) } },
        body: { tools: [...tools] },
      }) as never,
    ),
  rack: () => data<RackAnswer>(client.GET('/api/rack') as never),
  /** Books what happened to the rack, after the entry that was the last. */
  book: (version: number, entry: RackEntry) =>
    data<RackAnswer>(
      client.POST('/api/rack/entries', {
        params: { header: { 'If-Match': String(version) } },
        body: entry as never,
      }) as never,
    ),
  /** What a table of a rack would change. */
  rackPreview: (text: string) => ask<RackPreview>('/api/rack/csv', { text }),
  /** What is cut from which stock; stopped by its name it answers the best that it has found. */
  cutPlan: (
    question: { pieces: string[]; jobs: string[]; terms: CutTerms },
    name: string,
    signal?: AbortSignal,
  ) =>
    answered<CutPlan>(
      fetch('/api/rack/cut-plans', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'Etui-Ask': name },
        body: JSON.stringify(question),
        signal: signal ?? null,
      }),
    ),
  /** What the rack has in place of wire that it has not enough of. */
  substitutes: (question: { pieces: string[]; jobs: string[]; terms: CutTerms }, signal?: AbortSignal) =>
    ask<Instead[]>('/api/rack/substitutes', question, signal),
  /** What it makes in wire and money how generously a piece is cut. */
  cutPolicies: (piece: Piece, signal?: AbortSignal) => ask<PolicyCost[]>('/api/cut-policies', piece, signal),
  /** Whoever asked under a name wants what there is by now. */
  stopAsking: (name: string) => fetch(`/api/asked/${name}`, { method: 'DELETE' }).catch(() => undefined),
  /** How far the work on a question has come that was asked under a name. */
  howFar: (ask: string) =>
    data<HowFar>(client.GET('/api/asked/{ask}', { params: { path: { ask } } }) as never),
  log: (subject: string) =>
    data<LogAnswer>(client.GET('/api/log/{subject}', { params: { path: { subject } } }) as never),
  /** Writes facts down, all or none. */
  writeDown: (subject: string, facts: readonly Partial<NewFact>[]) =>
    ask<LogAnswer>(`/api/log/${subject}`, { facts }),
  takeFactBack: (subject: string, number: number) =>
    answered<LogAnswer>(fetch(`/api/log/${subject}/facts/${number}`, { method: 'DELETE' })),
  keepFact: (subject: string, number: number) =>
    answered<LogAnswer>(fetch(`/api/log/${subject}/facts/${number}/keep`, { method: 'POST' })),
  daybook: (search: string, before: string) =>
    data<DaybookAnswer>(client.GET('/api/daybook', { params: { query: { search, before } } }) as never),
  /** All jobs over the next days. */
  dayPlan: (minutes: number, days: readonly number[]) =>
    data<JobsByDay>(
      client.GET('/api/day-plan', { params: { query: { minutes, days: [...days] } } }) as never,
    ),
  /** Kits for a class, with so many spare ones of each size. */
  kit: (job: string, spares: number) =>
    data<ClassKit>(
      client.GET('/api/jobs/{id}/kit', { params: { path: { id: job }, query: { spares } } }) as never,
    ),
  photographs: () => data<Photograph[]>(client.GET('/api/photographs') as never),
  /** Keeps a photograph, JPEG in base64. */
  keepPhotograph: (subject: string, jpeg: string) =>
    ask<Photograph[]>(`/api/photographs/${subject}`, { jpeg }),
  takePhotographBack: (number: number) =>
    answered<Photograph[]>(fetch(`/api/photographs/${number}`, { method: 'DELETE' })),
  keepPhotographAfterAll: (number: number) =>
    answered<Photograph[]>(fetch(`/api/photographs/${number}/keep`, { method: 'POST' })),
  lessons: () => data<Lessons>(client.GET('/api/daybook/lessons') as never),
  stones: () => data<KeptStones>(client.GET('/api/stones') as never),
  saveStones: (version: number, stones: readonly KeptStone[]) =>
    data<KeptStones>(
      client.PUT('/api/stones', {
        params: { header: { 'If-Match': String(version) } },
        body: { stones: [...stones] },
      }) as never,
    ),
  undoStones: () => data<KeptStones>(client.POST('/api/stones/undo') as never),
  redoStones: () => data<KeptStones>(client.POST('/api/stones/redo') as never),
  undoTools: () => data<KeptTools>(client.POST('/api/tools/undo') as never),
  redoTools: () => data<KeptTools>(client.POST('/api/tools/redo') as never),
  gauges: () => data(client.GET('/api/gauges', { params: { query: {} } })),
  patterns: () => data(client.GET('/api/patterns')),
  /** What a wire would make of a pattern. */
  making: (name: string, asked: WireAsked, signal?: AbortSignal) =>
    ask<Making>(`/api/patterns/${name}/making`, asked, signal),
  nearest: (thicknessMm: number) => data(client.GET('/api/gauges', { params: { query: { thicknessMm } } })),
  piece: (id: string) => data(client.GET('/api/pieces/{id}', { params: { path: { id } } })),
  make: (name: string, measures: Record<string, unknown>) =>
    data<Piece>(client.POST('/api/patterns/{name}', { params: { path: { name } }, body: measures as never })),
  create: (piece: Piece) => data<KeptPiece>(client.POST('/api/pieces', { body: piece }) as never),
  /** The plan of a document. */
  plan: (piece: Piece, units: ServerUnits, states: 'last' | 'all', signal?: AbortSignal) =>
    ask<Plan>(`/api/plans?units=${units}&states=${states}`, piece, signal),
  /** The piece worked again in every gauge and temper of a metal. */
  field: (
    question: { piece: Piece; gauges: FieldGauge[]; tempers: Temper[]; metal: Metal; strand: number },
    signal?: AbortSignal,
  ) => ask<WireField>('/api/fields', question, signal),
  /** The piece with other measures of its pattern, or in other wire. */
  remake: (question: {
    piece: Piece;
    measures?: Record<string, number | string>;
    strand?: number;
    wire?: Wire;
    wireMm?: number;
  }) => ask<Piece>('/api/remakes', question),
  /** A strand after one of its operations; finished without. */
  moment: (piece: Piece, strand: string, state: number | undefined, signal?: AbortSignal) =>
    ask<StrandPlan>('/api/moments', { piece, strand, ...(state !== undefined && { state }) }, signal),
  /** An element flattened further and further. */
  thinning: (
    question: { piece: Piece; strand: string; element: string; with: string },
    signal?: AbortSignal,
  ) => ask<Thinning>('/api/thinnings', question, signal),
  /** Two finished pieces compared. */
  pair: (
    question: { piece: Piece; strand: number; first: PairMeasures; second: PairMeasures },
    units: ServerUnits,
    signal?: AbortSignal,
  ) => ask<PairMend>(`/api/pairs?units=${units}`, question, signal),
  /** A hook that was measured, and the ways out. */
  measured: (question: MeasuredQuestion, units: ServerUnits, signal?: AbortSignal) =>
    ask<WaysOut>(`/api/measured-hooks?units=${units}`, question, signal),
  /** Pieces that are planned to be darkened. */
  dipped: () => data<Dipped[]>(client.GET('/api/bath/pieces') as never),
  /** When each is pulled from a bath that several share. */
  bathPlan: (question: BathQuestion, signal?: AbortSignal) =>
    ask<BathPlan>('/api/bath/plans', question, signal),
  /** What came out of the maker's own baths. */
  baths: () => data<KeptBaths>(client.GET('/api/bath') as never),
  saveBaths: (version: number, records: readonly BathRecord[]) =>
    data<KeptBaths>(
      client.PUT('/api/bath', {
        params: { header: { 'If-Match': String(version) } },
        body: { records: [...records] },
      }) as never,
    ),
  undoBaths: () => data<KeptBaths>(client.POST('/api/bath/undo') as never),
  /** The colours of a bath over time. */
  strip: (question: StripQuestion, signal?: AbortSignal) =>
    ask<Strip>('/api/colour/strips', question, signal),
  /** How hidden every place of a piece is from a polishing tool. */
  places: (piece: Piece, signal?: AbortSignal) => ask<ColourPlaces>('/api/colour/places', piece, signal),
  /** The colours of a film, polished back. */
  finish: (question: FinishQuestion, signal?: AbortSignal) =>
    ask<Finished>('/api/colour/finishes', question, signal),
  /** The outline of the stone in a photograph of the stone sheet; the stone is widest so high over it, mm. */
  trace: (photograph: Blob, girdleMm: number) =>
    answered<TracedStone>(
      fetch(`/api/outlines?girdleMm=${girdleMm}`, {
        method: 'POST',
        headers: { 'Content-Type': photograph.type },
        body: photograph,
      }),
    ),
  /** What the camera sees. */
  photograph: () => fetch('/api/camera/photograph').then((answer) => answer.blob()),
  /** What an instrument reads, in mm, g or °C. */
  reading: (from: 'calliper' | 'scale' | 'thermometer', about: number) =>
    ask<{ value: number; from: string }>('/api/readings', { from, about }),
  tempers: () => data(client.GET('/api/tempers')),
  prices: () => data<KeptPrices>(client.GET('/api/prices') as never),
  /** What a piece costs and is sold for. */
  priceOf: (piece: Piece) => ask<PriceSheet>('/api/price-sheets', piece),
  /** The same of every size of a job. */
  priceOfJob: (id: string) =>
    data<PriceSheet>(client.GET('/api/jobs/{id}/price', { params: { path: { id } } }) as never),
  savePrices: (version: number, prices: Prices) =>
    data<KeptPrices>(
      client.PUT('/api/prices', {
        params: { header: { 'If-Match': String(version) } },
        body: prices,
      }) as never,
    ),
  save: (id: string, version: number, piece: Piece) =>
    data<KeptPiece>(
      client.PUT('/api/pieces/{id}', {
        params: { path: { id }, header: { 'If-Match': String(version) } },
        body: piece,
        keepalive: piece.strands.length < 8,
      }),
    ),
  undo: (id: string) => data<KeptPiece>(client.POST('/api/pieces/{id}/undo', { params: { path: { id } } })),
  redo: (id: string) => data<KeptPiece>(client.POST('/api/pieces/{id}/redo', { params: { path: { id } } })),
  remove: (id: string) => data(client.DELETE('/api/pieces/{id}', { params: { path: { id } } })),
  restore: (id: string) => data(client.POST('/api/pieces/{id}/undelete', { params: { path: { id } } })),
  duplicate: (id: string) =>
    data<KeptPiece>(client.POST('/api/pieces/{id}/duplicate', { params: { path: { id } } }) as never),
  settings: () => data<KeptSettings>(client.GET('/api/settings') as never),
  saveSettings: (version: number, settings: KeptSettings['settings']) =>
    data<KeptSettings>(
      client.PUT('/api/settings', {
        params: { header: { 'If-Match': String(version) } },
        body: settings,
      }) as never,
    ),
  measures: () => data<KeptMeasures>(client.GET('/api/measures') as never),
  saveMeasures: (version: number, measures: readonly PersonalMeasure[]) =>
    data<KeptMeasures>(
      client.PUT('/api/measures', {
        params: { header: { 'If-Match': String(version) } },
        body: { measures: [...measures] },
      }) as never,
    ),
  jobs: () => data<JobRow[]>(client.GET('/api/jobs') as never),
  job: (id: string) => data<KeptJob>(client.GET('/api/jobs/{id}', { params: { path: { id } } }) as never),
  /** All pieces of a job as one document. */
  jobPiece: (id: string) =>
    data<Piece>(client.GET('/api/jobs/{id}/piece', { params: { path: { id } } }) as never),
  createJob: (job: Job) => data<KeptJob>(client.POST('/api/jobs', { body: job }) as never),
  saveJob: (id: string, version: number, job: Job) =>
    data<KeptJob>(
      client.PUT('/api/jobs/{id}', {
        params: { path: { id }, header: { 'If-Match': String(version) } },
        body: job,
      }) as never,
    ),
  undoJob: (id: string) =>
    data<KeptJob>(client.POST('/api/jobs/{id}/undo', { params: { path: { id } } }) as never),
  redoJob: (id: string) =>
    data<KeptJob>(client.POST('/api/jobs/{id}/redo', { params: { path: { id } } }) as never),
  removeJob: (id: string) => data(client.DELETE('/api/jobs/{id}', { params: { path: { id } } })),
  restoreJob: (id: string) => data(client.POST('/api/jobs/{id}/undelete', { params: { path: { id } } })),
  progress: (subject: string) =>
    data<Progress>(client.GET('/api/progress/{subject}', { params: { path: { subject } } }) as never),
  saveProgress: (subject: string, progress: Progress) =>
    data<Progress>(
      client.PUT('/api/progress/{subject}', {
        params: { path: { subject } },
        body: progress,
        keepalive: true,
      }) as never,
    ),
  formulas: () => data(client.GET('/api/formulas')),
  toolCare: () => data(client.GET('/api/tool-care')),
  cautions: () => data(client.GET('/api/cautions')),
  sizes: (question: { worn: Worn; girthMm: number; easeMm?: number; thicknessMm: number; widthMm: number }) =>
    ask<Sizes>('/api/sizes', question),
  /** Keeps every document of a file; says what becomes of pieces that are on the tray already. */
  importFile: (file: File, existing: 'ask' | 'replace' | 'both' | 'leave') =>
    answered<Imported>(sendFile(`/api/pieces/import?existing=${existing}`, file)),
  /** Keeps a job out of a file. */
  importJob: (file: File) => answered<KeptJob>(sendFile('/api/jobs/import', file)),
  /** Puts a backup back where nothing is kept yet. */
  restoreBackup: (file: File) =>
    answered<unknown>(
      fetch('/api/backup/import', {
        method: 'POST',
        headers: { 'Content-Type': 'application/zip' },
        body: file,
      }),
    ),
  /** What lies in the bin. */
  bin: () => data<BinPiece[]>(client.GET('/api/pieces/bin') as never),
  jobBin: () => data<BinPiece[]>(client.GET('/api/jobs/bin') as never),
  /** Empties both bins for good. */
  emptyBin: async () => {
    const pieces = await data(client.DELETE('/api/pieces/bin'));
    const jobs = await data(client.DELETE('/api/jobs/bin'));
    return (pieces?.pieces ?? 0) + (jobs?.pieces ?? 0);
  },
  length: (text: string, unit: ServerUnits) =>
    data(client.POST('/api/lengths', { body: { text, unit, measures: {} } })),
};
