import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { api, Refused } from '../api/client';
import { queries } from '../api/queries';
import type { Job, KeptJob, Violation } from '../api/types';

/** A kept job and what can be done to it; every change is kept at once. */
export function useJob(id: string) {
  const cache = useQueryClient();
  const kept = useQuery(queries.job(id));
  const [wrong, setWrong] = useState<readonly Violation[]>([]);
  const [stale, setStale] = useState<string>();
  const took = useCallback(
    (now: KeptJob) => {
      setWrong([]);
      setStale(undefined);
      cache.setQueryData(queries.job(id).queryKey, now);
      void cache.invalidateQueries({ queryKey: queries.jobs().queryKey, exact: true });
    },
    [cache, id],
  );
  const turn = useRef<Promise<unknown>>(Promise.resolve());
  const ask = useCallback(
    async (call: () => Promise<KeptJob>) => {
      // Each change starts from what the one before it made of the job.
      const mine = turn.current.then(call).then((now) => {
        took(now);
        return now;
      });
      turn.current = mine.catch(() => undefined);
      try {
        await mine;
        return true;
      } catch (thrown) {
        if (!(thrown instanceof Refused)) throw thrown;
        setWrong(thrown.problem.violations);
        if (thrown.problem.status === 409) {
          setStale('It was changed in another window; what stands there is shown now.');
          await cache.refetchQueries({ queryKey: queries.job(id).queryKey });
        } else if (thrown.problem.violations.length === 0) {
          setStale(thrown.problem.detail);
        }
        return false;
      }
    },
    [cache, id, took],
  );
  return {
    kept: kept.data,
    error: kept.error,
    /** what was refused last, each with its path */
    wrong,
    stale,
    change: (update: (job: Job) => Job) =>
      ask(() => {
        const now = cache.getQueryData<KeptJob>(queries.job(id).queryKey);
        if (!now) return Promise.reject(new Error('the job was not read yet'));
        return api.saveJob(id, now.version, update(now.document));
      }),
    undo: () => ask(() => api.undoJob(id)),
    redo: () => ask(() => api.redoJob(id)),
  };
}
