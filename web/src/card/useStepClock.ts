import { useEffect, useState } from 'react';

interface Clock {
  step: string;
  /** when it was started or went on last, ms */
  since: number;
  /** what was on it before that, ms */
  before: number;
  paused: boolean;
}

function kept(key: string): Clock | undefined {
  try {
    const text = sessionStorage.getItem(key);
    return text ? (JSON.parse(text) as Clock) : undefined;
  } catch {
    return undefined;
  }
}

/** How long a clock has gone, ms. */
function gone(clock: Clock, at: number): number {
  return clock.before + (clock.paused ? 0 : at - clock.since);
}

/** Times the step that is open: starts with it, stands still while it is paused, and goes on after a reload. */
export function useStepClock(subject: string, step: string) {
  const key = `etui.clock.${subject}`;
  const [clock, setClock] = useState<Clock>();
  const [at, setAt] = useState(0);
  const keep = (next: Clock) => {
    sessionStorage.setItem(key, JSON.stringify(next));
    setAt(Date.now());
    setClock(next);
  };
  useEffect(() => {
    const start = () => {
      const now = Date.now();
      const old = kept(key);
      const next = old?.step === step ? old : { step, since: now, before: 0, paused: false };
      sessionStorage.setItem(key, JSON.stringify(next));
      setAt(now);
      setClock(next);
    };
    const begins = setTimeout(start, 0);
    const tick = setInterval(() => setAt(Date.now()), 1000);
    return () => {
      clearTimeout(begins);
      clearInterval(tick);
    };
  }, [key, step]);
  const runs = clock?.step === step ? clock : undefined;
  return {
    /** ms on the clock */
    ms: runs ? Math.max(0, gone(runs, at)) : 0,
    paused: runs?.paused ?? false,
    /** Stops it, or lets it go on. */
    pause: () => {
      if (!runs) return;
      const now = Date.now();
      keep({ ...runs, before: gone(runs, now), since: now, paused: !runs.paused });
    },
    /** Minutes on it now. */
    minutes: () => (runs ? gone(runs, Date.now()) / 60_000 : 0),
  };
}
