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
  gauges: () => queryOptions({ queryKey: ['gauges'], queryFn: api.gauges, staleTime: Infinity }),
};
