import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api } from '../../api/client';
import type { Piece } from '../../api/types';
import type { Moment } from '../../bench/moment';
import { momentOf } from '../../card/momentOf';
import { docKey } from '../../kit/docKey';

/** What lies together with a strand after one of its operations; nothing while that is asked for, and where it lies by itself. */
export function useBeside(piece: Piece, strand: string, state: number, wanted: boolean): Moment | undefined {
  const whole = useQuery({
    queryKey: ['assembled', docKey(piece)],
    queryFn: ({ signal }) => api.plan(piece, 'mm', 'all', signal),
    enabled: wanted,
    staleTime: Infinity,
    gcTime: 20_000,
  });
  return useMemo(
    () => (wanted && whole.data ? momentOf(whole.data, strand, state) : undefined),
    [wanted, whole.data, strand, state],
  );
}
