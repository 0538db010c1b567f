import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { RackAnswer, RackEntry } from '../api/types';

/** The rack, and a way to book what happened to it; what is refused is said, and the rack read again. */
export function useRack() {
  const cache = useQueryClient();
  const rack = useQuery(queries.rack());
  const [wrong, setWrong] = useState<string>();
  const save = useMutation({
    mutationFn: (asked: { version: number; entry: RackEntry }) => api.book(asked.version, asked.entry),
    onSuccess: (now: RackAnswer) => {
      setWrong(undefined);
      cache.setQueryData(queries.rack().queryKey, now);
    },
    onError: (thrown) => {
      setWrong(reason(thrown));
      void cache.invalidateQueries({ queryKey: queries.rack().queryKey });
    },
  });
  /** Books an entry after the last that this window knows; says whether it was taken. */
  const book = (entry: Partial<RackEntry> & Pick<RackEntry, 'what'>, version = rack.data?.version ?? 0) =>
    save.mutateAsync({ version, entry: { stocks: [], lines: [], note: '', ...entry } }).then(
      () => true,
      () => false,
    );
  return { rack, book, wrong, booking: save.isPending };
}
