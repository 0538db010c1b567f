import type { Progress, Step } from '../api/types';

/** What several strands have in common that differs from the others. */
export interface Differing {
  /** their names, with how many wires */
  titles: string;
  /** what is different for them */
  text: string;
}

/** Strands that say the same together: drops 1 and 7 are cut to one length. */
export function grouped(each: readonly Step['each'][number][]): Differing[] {
  const byText = new Map<string, string[]>();
  for (const e of each) {
    if (!e.text) continue;
    byText.set(e.text, [...(byText.get(e.text) ?? []), e.wires > 1 ? `${e.title} ×${e.wires}` : e.title]);
  }
  return [...byText].map(([text, titles]) => ({ titles: `${titles.join(', ')}:`, text }));
}

/** Where a card stands in steps that may have changed since: by index and title, else by title, else by index. */
export function foundAgain(progress: Progress, steps: readonly Step[]): number {
  if (steps[progress.step]?.title === progress.title) return progress.step;
  const byTitle = steps.findIndex((s) => s.title === progress.title);
  return byTitle >= 0 ? byTitle : Math.max(0, Math.min(progress.step, steps.length - 1));
}

/** Minutes as people say them. */
export function minutes(count: number): string {
  if (count < 1) return 'half a minute';
  if (count < 60) return `${Math.round(count)} min`;
  const rest = Math.round(count) % 60;
  return rest === 0 ? `${Math.floor(count / 60)} h` : `${Math.floor(count / 60)} h ${rest} min`;
}

/** Time left, as on a clock: minutes and seconds. */
export function clock(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
