import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { api, Refused } from '../api/client';
import { queries } from '../api/queries';
import type { Job, KeptJob } from '../api/types';
import { Saves } from '../kit/saves';

/** A kept job and what can be done to it; every change is kept at once. */
export function useJob(read: KeptJob) {
  const cache = useQueryClient();
  const { id } = read;
  const [saves] = useState(
    () => new Saves(read, (version: number, job: Job) => api.saveJob(id, version, job)),
  );
  const state = useSyncExternalStore(saves.subscribe, () => saves.state);
  const [failed, setFailed] = useState<string>();
  // Each change starts from what the one before it made of the job.
  const asked = useRef<Job | undefined>(undefined);
  useEffect(() => {
    cache.setQueryData(queries.job(id).queryKey, state.standing);
    void cache.invalidateQueries({ queryKey: queries.jobs().queryKey, exact: true });
  }, [cache, id, state.standing]);

  const step = async (go: () => Promise<KeptJob>) => {
    setFailed(undefined);
    if (!(await saves.flush())) return;
    try {
      saves.stands(await go());
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      setFailed(thrown.problem.detail);
    }
  };
  return {
    kept: state.standing,
    away: state.away,
    conflict: state.conflict,
    /** what was refused last, each with its path */
    wrong: state.problem?.violations ?? [],
    failed: state.problem?.violations.length === 0 ? state.problem.detail : failed,
    change: async (update: (job: Job) => Job) => {
      const next = update(asked.current ?? saves.state.standing.document);
      asked.current = next;
      const well = await saves.keep(next);
      if (asked.current === next && !saves.state.conflict) asked.current = undefined;
      return well;
    },
    undo: () => step(() => api.undoJob(id)),
    redo: () => step(() => api.redoJob(id)),
    takeTheirs: () => {
      asked.current = undefined;
      saves.takeTheirs();
    },
    keepMine: () => {
      asked.current = undefined;
      void saves.keepMine();
    },
  };
}
