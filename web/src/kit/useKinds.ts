import { useSuspenseQuery } from '@tanstack/react-query';
import { queries } from '../api/queries';
import type { Kinds } from '../api/types';

/** What there is to work with; asked for once, the screen waits for it. */
export function useKinds(): Kinds {
  return useSuspenseQuery(queries.kinds()).data;
}
