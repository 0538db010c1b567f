import { keepPreviousData, useQueries } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api } from '../../api/client';
import type { Colour as Bath, Metal } from '../../api/types';

/** A strand or part that is darkened. */
export interface Darkened {
  /** its id */
  of: string;
  metal: Metal;
  bath: Bath;
}

/** Shades of all that is darkened, from a high place to a hidden one, out of the bath or polished back. */
export function useShades(all: readonly Darkened[], polished: boolean): Record<string, readonly string[]> {
  const answers = useQueries({
    queries: all.map(({ metal, bath }) => {
      const question = {
        metal,
        stopAt: bath.stopAt,
        polishBack: polished ? bath.polishBack : 0,
        polishWith: bath.polishWith,
      };
      return {
        queryKey: ['finish', question],
        queryFn: () => api.finish(question),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
      };
    }),
  });
  const known = answers.map((a) => a.data);
  const key = JSON.stringify([all.map((s) => s.of), known]);
  // The same object for the same shades, so that the form is not drawn again.
  return useMemo(() => {
    const [of, shades] = JSON.parse(key) as [string[], ({ polished: string[] } | null)[]];
    return Object.fromEntries(of.flatMap((id, i) => (shades[i] ? [[id, shades[i].polished]] : [])));
  }, [key]);
}
