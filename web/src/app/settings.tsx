import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import type { Units } from './units';

interface Settings {
  /** unit that lengths are read in */
  units: Units;
  setUnits: (units: Units) => void;
}

const Context = createContext<Settings>({ units: 'mm', setUnits: () => undefined });

/** Remembers the maker's unit on this machine. */
export function SettingsProvider(props: {
  /** the application */
  children: ReactNode;
}) {
  const [units, set] = useState<Units>(() => (localStorage.getItem('etui.units') === 'in' ? 'in' : 'mm'));
  const value = useMemo(
    () => ({
      units,
      setUnits: (next: Units) => {
        localStorage.setItem('etui.units', next);
        set(next);
      },
    }),
    [units],
  );
  return <Context value={value}>{props.children}</Context>;
}

/** The maker's settings. */
export function useSettings(): Settings {
  return useContext(Context);
}
