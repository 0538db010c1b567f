import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { LogAnswer, LogPage, Measurable, NewFact } from '../api/types';
import { length, mass, thickness, type Units, weighed } from '../kit/units';

export type What = Measurable['what'];

/** What can be measured, as people call it. */
export const WHAT: Record<What, string> = {
  cut: 'cut length',
  'left-over': 'trimmed off',
  used: 'wire taken',
  inside: 'inside',
  outside: 'over all',
  thickness: 'thickness',
  width: 'width',
  ring: 'ring size',
  mass: 'mass',
  minutes: 'time',
  hold: 'hold test',
  bath: 'warmth of the bath',
  shade: 'shade',
  breakage: 'breakage',
  note: 'note',
};

const FINE: readonly What[] = ['inside', 'outside', 'thickness', 'width', 'ring'];

/** Whether it is measured with a calliper, to a hundredth. */
export function isFine(what: What): boolean {
  return FINE.includes(what);
}

/** Whether it is a length. */
export function isLength(what: What): boolean {
  return isFine(what) || what === 'cut' || what === 'left-over' || what === 'used';
}

/** A figure with its unit. */
export function figure(what: What, value: number, units: Units): string {
  if (isFine(what)) return thickness(value, units);
  if (isLength(what)) return length(value, units);
  if (what === 'mass') return mass(value);
  if (what === 'hold') return weighed(value);
  if (what === 'minutes') return value < 10 ? `${value.toFixed(1)} min` : `${Math.round(value)} min`;
  if (what === 'bath') return `${Math.round(value)} °C`;
  if (what === 'shade') return `film of ${Math.round(value)} nm`;
  return '';
}

/** A figure as the trade says it: a shade by its name, a ring by its size too, all else with its unit. */
export function told(what: What, value: number, word: string, units: Units): string {
  if (word === '') return figure(what, value, units);
  return what === 'shade' ? word : `${word}, ${figure(what, value, units)}`;
}

/** A day as people write it; the year where it is not this one. */
export function shortDay(day: string, now = new Date()): string {
  const date = new Date(`${day}T12:00`);
  return date.toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    ...(date.getFullYear() !== now.getFullYear() && { year: 'numeric' }),
  });
}

/** What stands for a thing that can be measured, in a list. */
export function keyOf(of: { what: What; about: string }): string {
  return `${of.what} ${of.about}`;
}

/** How far a figure is from what was planned, in words; empty where nothing was. */
export function against(page: LogPage, units: Units): string {
  const { what, actual, planned } = page.fact;
  if (actual === undefined || planned === undefined) return '';
  const more = actual - planned;
  if (what === 'shade') return more === 0 ? 'as planned' : `${more > 0 ? 'darker' : 'lighter'} than planned`;
  const shown = figure(what, Math.abs(more), units);
  if (/^0(\.0+)? /.test(shown)) return 'as planned';
  return `${shown} ${more > 0 ? 'more' : 'less'} than planned`;
}

/** The facts of each thing that can be measured. */
export function byThing(pages: readonly LogPage[]): Map<string, LogPage[]> {
  const all = new Map<string, LogPage[]>();
  for (const page of pages) {
    const key = keyOf(page.fact);
    all.set(key, [...(all.get(key) ?? []), page]);
  }
  return all;
}

/** The log of a piece or a job, and ways to write down and take back. What was learnt may change every plan. */
export function useLog(subject: string) {
  const cache = useQueryClient();
  const log = useQuery(queries.log(subject));
  const change = useMutation({
    mutationFn: (how: () => Promise<LogAnswer>) => how(),
    onSuccess: (now) => {
      cache.setQueryData(queries.log(subject).queryKey, now);
      void cache.invalidateQueries({
        predicate: (q) => !['log', 'pieces', 'progress', 'card', 'settings'].includes(String(q.queryKey[0])),
      });
    },
  });
  const did = (how: () => Promise<LogAnswer>) =>
    change.mutateAsync(how).then(
      () => true,
      () => false,
    );
  return {
    log,
    busy: change.isPending,
    wrong: change.error ? reason(change.error) : undefined,
    /** Writes facts down; says whether they were taken. */
    write: (...facts: Partial<NewFact>[]) => did(() => api.writeDown(subject, facts)),
    takeBack: (number: number) => did(() => api.takeFactBack(subject, number)),
    keep: (number: number) => did(() => api.keepFact(subject, number)),
  };
}
