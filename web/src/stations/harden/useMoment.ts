import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api } from '../../api/client';
import type { Piece, StrandPlan } from '../../api/types';
import { docKey } from '../../kit/docKey';

const options = (piece: Piece, strand: string, state: number) => ({
  queryKey: ['moment', docKey(piece), strand, state],
  queryFn: ({ signal }: { signal: AbortSignal }) => api.moment(piece, strand, state, signal),
  staleTime: Infinity,
  gcTime: 20_000,
});

/** A strand after one of its operations; the finished one is that of the plan. */
export function useMoment(piece: Piece, finished: StrandPlan, state: number): StrandPlan | undefined {
  const cache = useQueryClient();
  const last = finished.operations.length;
  const now = useQuery({
    ...options(piece, finished.id, state),
    enabled: state < last,
    placeholderData: keepPreviousData,
  });
  useEffect(() => {
    if (state >= last) return;
    const soon = setTimeout(() => {
      for (const next of [state - 1, state + 1]) {
        if (next >= 0 && next < last) void cache.prefetchQuery(options(piece, finished.id, next));
      }
    }, 60);
    return () => clearTimeout(soon);
  }, [cache, piece, finished.id, state, last]);
  return state >= last ? finished : now.data;
}
