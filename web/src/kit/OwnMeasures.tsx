import { Entry } from './Entry';
import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused } from '../api/client';
import { queries } from '../api/queries';
import type { KeptMeasures, PersonalMeasure } from '../api/types';
import { useSettings } from './settings';
import { length } from './units';

/** Reads and changes the measures that the maker has names for. */
export function useMeasures() {
  const cache = useQueryClient();
  const kept = useQuery(queries.measures());
  const put = async (next: (old: readonly PersonalMeasure[]) => readonly PersonalMeasure[]) => {
    const old = await cache.fetchQuery(queries.measures());
    const now: KeptMeasures = await api.saveMeasures(old.version, next(old.measures));
    cache.setQueryData(queries.measures().queryKey, now);
  };
  return { measures: kept.data?.measures ?? [], put };
}

/** The maker's own measures beside a field in hand: press to take one, or name the length that stands there. */
export function OwnMeasures(props: {
  /** the length that stands in the field, mm */
  mm: number;
  /** called with the name of a measure to take */
  onTake: (name: string) => void;
}) {
  const { units } = useSettings();
  const { measures, put } = useMeasures();
  const [naming, setNaming] = useState(false);
  const [wrong, setWrong] = useState<string>();
  // The field keeps the focus: what is pressed here must not take it away before the press counts.
  const hold = (e: React.MouseEvent) => e.preventDefault();
  const keep = (name: string) =>
    put((old) => [
      ...old.filter((m) => m.name !== name),
      { name, mm: Math.round(props.mm * 1000) / 1000 },
    ]).then(
      () => setNaming(false),
      (thrown: unknown) =>
        setWrong(thrown instanceof Refused ? thrown.problem.violations[0]?.limit : String(thrown)),
    );
  return (
    <div
      className="own-measures"
      role="group"
      aria-label="measures of your own"
      ref={(element) => element?.scrollIntoView({ block: 'nearest' })}
    >
      {measures.map((m) => (
        <Button key={m.name} onMouseDown={hold} onClick={() => props.onTake(m.name)}>
          {m.name} {length(m.mm, units)}
        </Button>
      ))}
      {naming ? (
        <Entry
          aria-label={`name for ${length(props.mm, units)}`}
          placeholder="its name"
          autoComplete="off"
          onMouseDown={(e) => e.stopPropagation()}
          onKeyDown={(e) => {
            e.stopPropagation();
            if (e.key === 'Enter' && e.currentTarget.value.trim()) void keep(e.currentTarget.value.trim());
            if (e.key === 'Escape') setNaming(false);
          }}
        />
      ) : (
        <Button onMouseDown={hold} onClick={() => setNaming(true)}>
          name this length
        </Button>
      )}
      {wrong && (
        <span className="wrong" role="alert">
          {wrong}
        </span>
      )}
    </div>
  );
}

/** Asks how long an unknown word is, where it was typed. */
export function NameMeasure(props: {
  /** the word */
  name: string;
  /** called when it was named */
  onNamed: () => void;
}) {
  const { units } = useSettings();
  const { put } = useMeasures();
  const [wrong, setWrong] = useState<string>();
  const keep = async (text: string) => {
    try {
      const { mm } = await api.length(text, units);
      await put((old) => [...old, { name: props.name, mm }]);
      props.onNamed();
    } catch (thrown) {
      setWrong(thrown instanceof Refused ? (thrown.problem.violations[0]?.limit ?? '') : String(thrown));
    }
  };
  return (
    <label className="name-measure" ref={(element) => element?.scrollIntoView({ block: 'nearest' })}>
      Name it: one {props.name} is{' '}
      <Entry
        aria-label={`how long one ${props.name} is`}
        autoComplete="off"
        onKeyDown={(e) => {
          e.stopPropagation();
          if (e.key === 'Enter') void keep(e.currentTarget.value);
        }}
      />
      {wrong && <span role="alert"> {wrong}</span>}
    </label>
  );
}
