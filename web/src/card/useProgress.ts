import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { api } from '../api/client';
import type { Progress, Step, Timer } from '../api/types';
import { mark, untilAnswered } from '../kit/saves';
import { foundAgain } from './card';

/** A timer as it stands now. */
export interface RunningTimer extends Timer {
  /** ms left; 0 when it is over */
  leftMs: number;
  /** whether it is over */
  over: boolean;
}

const BEGINNING: Progress = { step: 0, title: '', timers: [] };

/** Where the card of a piece or a job stands: read from the store, and kept there at every step. It has no revisions: the last window to write is right. */
export function useProgress(subject: string, steps: readonly Step[]) {
  const kept = useQuery({
    queryKey: ['progress', subject],
    queryFn: () => api.progress(subject),
    gcTime: 0,
    refetchOnWindowFocus: false,
  });
  const newest = useRef<Progress | undefined>(undefined);
  const [own, setOwn] = useState<Progress>();
  const progress = own ?? kept.data ?? BEGINNING;
  const now = foundAgain(progress, steps);
  const [at, setAt] = useState(() => Date.now());
  const running = progress.timers.length > 0;
  useEffect(() => {
    if (!running) return undefined;
    const tick = setInterval(() => setAt(Date.now()), 500);
    return () => clearInterval(tick);
  }, [running]);

  const keep = useCallback(
    (next: Progress) => {
      setOwn(next);
      newest.current = next;
      // Sent at once, so that a reload right after it finds it; where Etui does not answer the newest is sent again.
      void untilAnswered(
        () => api.saveProgress(subject, next),
        (away) => mark(newest, away),
        () => newest.current === next,
      ).catch(() => undefined);
    },
    [subject],
  );
  return useMemo(() => {
    const timers: RunningTimer[] = progress.timers.map((t) => ({
      ...t,
      leftMs: Math.max(0, t.endsAtMs - at),
      over: t.endsAtMs <= at,
    }));
    return {
      /** whether it was read */
      ready: kept.data !== undefined || kept.error !== null,
      now,
      timers,
      /** Opens a step; what goes on by itself meanwhile gets a timer. */
      go: (index: number, starts?: Step) => {
        const step = Math.max(0, Math.min(index, steps.length - 1));
        const began = Date.now();
        setAt(began);
        const timer = starts && { title: starts.title, endsAtMs: began + starts.minutes * 60_000, step: now };
        keep({
          step,
          title: steps[step]?.title ?? '',
          timers: timer ? [...progress.timers.filter((t) => t.step !== now), timer] : progress.timers,
        });
      },
      /** Takes a timer off. */
      dismiss: (step: number) =>
        keep({ ...progress, timers: progress.timers.filter((t) => t.step !== step) }),
      /** The card is done: the next time it begins at its beginning. */
      finish: () => keep(BEGINNING),
    };
  }, [progress, at, kept.data, kept.error, now, steps, keep]);
}
