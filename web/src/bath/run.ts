import { useEffect, useState } from 'react';
import type { BathPlan, Colour, Metal, StripQuestion } from '../api/types';

/** A piece in the bath. */
export interface Dip {
  /** names it in the bath */
  id: string;
  /** its piece's name in the store */
  piece: string;
  /** what it is called */
  name: string;
  /** the metal that it is timed by */
  metal: Metal;
  /** where it stops */
  stop: Colour['stopAt'];
  /** that colour on its metal */
  look: string;
  /** when it is due, s; nothing where the bath gives out before */
  dueS?: number;
  /** when it was pulled, s */
  pulledS?: number;
}

/** A bath that is running, or whose pieces wait to be told. */
export interface Run {
  /** when the pieces went in, ms since 1970 */
  startedAt: number;
  /** what is in it */
  bath: StripQuestion['bath'];
  /** the pieces */
  dips: Dip[];
  /** what is added on the way */
  topUps?: BathPlan['topUps'];
}

const KEPT_AS = 'etui-bath';

/** What runs, as it is kept; none where nothing does, or it cannot be read. */
export function readRun(): Run | undefined {
  try {
    return (JSON.parse(localStorage.getItem(KEPT_AS) ?? 'null') as Run | null) ?? undefined;
  } catch {
    return undefined;
  }
}

/** Keeps what runs; nothing any more without. */
export function keepRun(next: Run | undefined): void {
  if (next) localStorage.setItem(KEPT_AS, JSON.stringify(next));
  else localStorage.removeItem(KEPT_AS);
}

/** The bath that is running; a reload picks it up, and other windows of this browser follow. */
export function useRun(): [Run | undefined, (next: Run | undefined) => void] {
  const [run, setRun] = useState(readRun);
  useEffect(() => {
    const follow = (event: StorageEvent) => event.key === KEPT_AS && setRun(readRun());
    window.addEventListener('storage', follow);
    return () => window.removeEventListener('storage', follow);
  }, []);
  const keep = (next: Run | undefined) => {
    keepRun(next);
    setRun(next);
  };
  return [run, keep];
}

/** Whole seconds since the bath began, told four times a second while it runs. */
export function useElapsed(startedAt: number): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(tick);
  }, []);
  return Math.max(0, Math.floor((now - startedAt) / 1000));
}

/** The same run with one piece pulled. */
export function pulled(run: Run, id: string, atS: number): Run {
  return { ...run, dips: run.dips.map((d) => (d.id === id ? { ...d, pulledS: Math.max(1, atS) } : d)) };
}
