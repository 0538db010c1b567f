import createClient from 'openapi-fetch';
import type { paths } from './schema';
import type {
  Field,
  FieldGauge,
  KeptPiece,
  KeptPrices,
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

/** A question with a document in it; asked at every change, so it goes without the typed client's detours. */
function ask<T>(path: string, question: object, signal?: AbortSignal): Promise<T> {
  return data(
    fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(question),
      signal: signal ?? null,
    }).then(async (response) => {
      const body: unknown = await response.json();
      return response.ok ? { data: body as T, response } : { error: body, response };
    }),
  );
}

/** Units that the server writes lengths in. */
export type ServerUnits = 'mm' | 'in' | 'in32';

export const api = {
  tray: () => data(client.GET('/api/pieces')),
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
  undoTools: () => data<KeptTools>(client.POST('/api/tools/undo') as never),
  redoTools: () => data<KeptTools>(client.POST('/api/tools/redo') as never),
  gauges: () => data(client.GET('/api/gauges', { params: { query: {} } })),
  patterns: () => data(client.GET('/api/patterns')),
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
  ) => ask<Field>('/api/fields', question, signal),
  /** The piece with other measures of its pattern, or in other wire. */
  remake: (question: {
    piece: Piece;
    measures?: Record<string, number | string>;
    strand?: number;
    wire?: Wire;
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
    signal?: AbortSignal,
  ) => ask<PairMend>('/api/pairs', question, signal),
  /** A hook that was measured, and the ways out. */
  measured: (question: MeasuredQuestion, signal?: AbortSignal) =>
    ask<WaysOut>('/api/measured-hooks', question, signal),
  /** What the calliper reads. */
  calliper: (aboutMm: number) => ask<{ mm: number; from: string }>('/api/calliper', { aboutMm }),
  tempers: () => data(client.GET('/api/tempers')),
  prices: () => data<KeptPrices>(client.GET('/api/prices') as never),
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
  /** Keeps every document of a file, or none of them. */
  importFile: (file: File) =>
    data<KeptPiece[]>(
      fetch('/api/pieces/import', {
        method: 'POST',
        headers: { 'Content-Type': file.name.endsWith('.zip') ? 'application/zip' : 'application/json' },
        body: file,
      }).then(async (response) => {
        const body: unknown = await response.json();
        return response.ok ? { data: body as KeptPiece[], response } : { error: body, response };
      }),
    ),
  length: (text: string, unit: ServerUnits) =>
    data(client.POST('/api/lengths', { body: { text, unit, measures: {} } })),
};
