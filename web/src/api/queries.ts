import { queryOptions } from '@tanstack/react-query';
import { api } from './client';

/** Query options, one factory a resource. Tables never change while the application runs. */
export const queries = {
  tray: () => queryOptions({ queryKey: ['pieces'], queryFn: api.tray }),
  piece: (id: string) => queryOptions({ queryKey: ['pieces', id], queryFn: () => api.piece(id), gcTime: 0 }),
  patterns: () => queryOptions({ queryKey: ['patterns'], queryFn: api.patterns, staleTime: Infinity }),
  metals: () => queryOptions({ queryKey: ['metals'], queryFn: api.metals, staleTime: Infinity }),
  reasons: () => queryOptions({ queryKey: ['reasons'], queryFn: api.reasons, staleTime: Infinity }),
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
