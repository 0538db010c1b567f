import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { api, Refused } from '../api/client';
import { queries } from '../api/queries';
import type { Habit, KeptSettings, School } from '../api/types';
import type { Units } from './units';

type BenchHours = KeptSettings['settings']['bench'];

interface Settings {
  /** what lengths are read in */
  units: Units;
  setUnits: (units: Units) => void;
  /** what the maker was taught; undefined until it is read */
  school: School | undefined;
  setSchool: (change: Partial<School>) => void;
  /** stations whose first hint was read; undefined until it is read */
  seenHints: readonly string[] | undefined;
  /** of which habits what was learnt is used; undefined until it is read */
  learnt: readonly Habit[] | undefined;
  /** Uses what was learnt of a habit, or no longer. */
  applyLearnt: (habit: Habit, on: boolean) => Promise<void>;
  /** when the bench is open; undefined until it is read */
  bench: BenchHours | undefined;
  setBench: (change: Partial<BenchHours>) => void;
  /** whether keys without ctrl or alt do something */
  keys: boolean;
  setKeys: (on: boolean) => void;
  /** Remembers that a hint was read; without a name forgets them all, so that they come again. */
  seeHint: (station?: string) => void;
}

const Context = createContext<Settings>({
  units: 'mm',
  setUnits: () => undefined,
  school: undefined,
  setSchool: () => undefined,
  seenHints: undefined,
  seeHint: () => undefined,
  learnt: undefined,
  applyLearnt: () => Promise.resolve(),
  bench: undefined,
  setBench: () => undefined,
  keys: true,
  setKeys: () => undefined,
});

const UNITS: readonly Units[] = ['mm', 'in', 'in32'];

/** How the maker wants to work: kept in the store; the unit also on this machine, so that the first picture has it. */
export function SettingsProvider(props: {
  /** the application */
  children: ReactNode;
}) {
  const cache = useQueryClient();
  const kept = useQuery(queries.settings());
  const [first, setFirst] = useState<Units>(
    () => UNITS.find((u) => u === localStorage.getItem('etui.units')) ?? 'mm',
  );
  const settings = kept.data?.settings;
  // One after the other: of two quick changes the later one stays. Where another window was first, on top of what stands there.
  const { mutate: change, mutateAsync } = useMutation({
    scope: { id: 'settings' },
    networkMode: 'always',
    retry: (tries, thrown) => thrown instanceof Refused && (thrown.problem.status === 0 || tries < 3),
    retryDelay: (tries, thrown) =>
      thrown instanceof Refused && thrown.problem.status === 409 ? 0 : Math.min(400 * 2 ** tries, 5000),
    mutationFn: async (update: (old: KeptSettings['settings']) => KeptSettings['settings']) => {
      const old = await cache.ensureQueryData(queries.settings());
      const next = update(old.settings);
      cache.setQueryData(queries.settings().queryKey, { ...old, settings: next });
      try {
        cache.setQueryData(queries.settings().queryKey, await api.saveSettings(old.version, next));
      } catch (thrown) {
        if (thrown instanceof Refused && thrown.problem.status === 409) {
          await cache.refetchQueries({ queryKey: queries.settings().queryKey });
        }
        throw thrown;
      }
    },
  });
  const value = useMemo<Settings>(() => {
    return {
      units: settings?.units ?? first,
      setUnits: (units) => {
        localStorage.setItem('etui.units', units);
        setFirst(units);
        change((old) => ({ ...old, units }));
      },
      school: settings?.school,
      setSchool: (part) => change((old) => ({ ...old, school: { ...old.school, ...part } })),
      learnt: settings?.learnt,
      applyLearnt: async (habit, on) => {
        await mutateAsync((old) => ({
          ...old,
          learnt: [...old.learnt.filter((h) => h !== habit), ...(on ? [habit] : [])],
        }));
      },
      bench: settings?.bench,
      setBench: (part) => change((old) => ({ ...old, bench: { ...old.bench, ...part } })),
      keys: settings?.keys ?? true,
      setKeys: (keys) => change((old) => ({ ...old, keys })),
      seenHints: settings?.seenHints,
      seeHint: (station) =>
        change((old) => ({
          ...old,
          seenHints: station ? [...new Set([...old.seenHints, station])] : [],
        })),
    };
  }, [change, mutateAsync, first, settings]);
  return <Context value={value}>{props.children}</Context>;
}

/** The maker's settings. */
export function useSettings(): Settings {
  return useContext(Context);
}
