import { queryOptions, type QueryClient } from '@tanstack/react-query';
import { api } from './client';
import type { TrayPiece } from './types';

/** So many pieces come at once: the first of them are seen while the others are on their way. */
const PAGE = 200;

/** Every page of the tray, one after the other; where nothing is shown yet, each as soon as it is there. */
async function wholeTray(context: {
  client: QueryClient;
  queryKey: readonly string[];
  signal: AbortSignal;
}): Promise<TrayPiece[]> {
  const first = context.client.getQueryData(context.queryKey) === undefined;
  const all: TrayPiece[] = [];
  for (;;) {
    const page = await api.tray(all.length, PAGE, context.signal);
    all.push(...page);
    if (page.length < PAGE) return all;
    if (first) context.client.setQueryData(context.queryKey, [...all]);
  }
}

/** Query options, one factory a resource. Tables never change while the application runs. */
export const queries = {
  /** Rows whose figures are still being worked out are asked for again. */
  tray: () =>
    queryOptions({
      queryKey: ['pieces'],
      queryFn: wholeTray,
      refetchInterval: (query) => (query.state.data?.some((p) => p.waiting) ? 700 : false),
    }),
  bin: () =>
    queryOptions({
      queryKey: ['bin'],
      queryFn: async () => ({ pieces: await api.bin(), jobs: await api.jobBin() }),
      gcTime: 0,
    }),
  piece: (id: string) => queryOptions({ queryKey: ['pieces', id], queryFn: () => api.piece(id), gcTime: 0 }),
  patterns: () => queryOptions({ queryKey: ['patterns'], queryFn: api.patterns, staleTime: Infinity }),
  kinds: () => queryOptions({ queryKey: ['kinds'], queryFn: api.kinds, staleTime: Infinity }),
  metals: () => queryOptions({ queryKey: ['metals'], queryFn: api.metals, staleTime: Infinity }),
  reasons: () => queryOptions({ queryKey: ['reasons'], queryFn: api.reasons, staleTime: Infinity }),
  rack: () => queryOptions({ queryKey: ['rack'], queryFn: api.rack }),
  log: (subject: string) => queryOptions({ queryKey: ['log', subject], queryFn: () => api.log(subject) }),
  photographs: () => queryOptions({ queryKey: ['photographs'], queryFn: api.photographs }),
  lessons: () => queryOptions({ queryKey: ['lessons'], queryFn: api.lessons, gcTime: 0 }),
  stones: () => queryOptions({ queryKey: ['stones'], queryFn: api.stones }),
  baths: () => queryOptions({ queryKey: ['baths'], queryFn: api.baths }),
  dipped: () => queryOptions({ queryKey: ['dipped'], queryFn: api.dipped, gcTime: 0 }),
  tools: () => queryOptions({ queryKey: ['tools'], queryFn: api.tools }),
  tempers: () => queryOptions({ queryKey: ['tempers'], queryFn: api.tempers, staleTime: Infinity }),
  prices: () => queryOptions({ queryKey: ['prices'], queryFn: api.prices }),
  settings: () => queryOptions({ queryKey: ['settings'], queryFn: api.settings }),
  measures: () => queryOptions({ queryKey: ['measures'], queryFn: api.measures }),
  jobs: () => queryOptions({ queryKey: ['jobs'], queryFn: api.jobs }),
  job: (id: string) => queryOptions({ queryKey: ['jobs', id], queryFn: () => api.job(id), gcTime: 0 }),
  formulas: () => queryOptions({ queryKey: ['formulas'], queryFn: api.formulas, staleTime: Infinity }),
  toolCare: () => queryOptions({ queryKey: ['tool-care'], queryFn: api.toolCare, staleTime: Infinity }),
  cautions: () => queryOptions({ queryKey: ['cautions'], queryFn: api.cautions, staleTime: Infinity }),
  gauges: () => queryOptions({ queryKey: ['gauges'], queryFn: api.gauges, staleTime: Infinity }),
};
