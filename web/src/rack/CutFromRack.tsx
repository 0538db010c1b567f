import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import LinearProgress from '@mui/material/LinearProgress';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api } from '../api/client';
import { queries } from '../api/queries';
import type { CutPlan } from '../api/types';
import { CutBars } from '../bench/CutBars';
import { LengthField } from '../kit/LengthField';
import { useSettings } from '../kit/settings';
import { Substitutes } from './Substitutes';
import { useRack } from './useRack';

const WINDOW = Math.random().toString(36).slice(2);
let asked = 0;

/** What is cut from which stock for pieces and jobs: chosen at the side, drawn on the mat, then cut. */
export function CutFromRack() {
  const [search, setSearch] = useSearchParams();
  const pieces = useMemo(() => search.getAll('piece'), [search]);
  const jobs = useMemo(() => search.getAll('job'), [search]);
  const [nipMm, setNip] = useState(1.5);
  const [usefulMm, setUseful] = useState(60);
  const { units } = useSettings();
  const { rack, book, wrong, booking } = useRack();
  const tray = useQuery(queries.tray());
  const allJobs = useQuery(queries.jobs());
  const [done, setDone] = useState<{ what: 'cut' | 'set-aside'; plan: CutPlan }>();
  const version = rack.data?.version;
  const some = pieces.length + jobs.length > 0;
  const [name, setName] = useState('');
  const plan = useQuery({
    queryKey: ['cut-plan', pieces, jobs, nipMm, usefulMm, version],
    queryFn: ({ signal }) => {
      const own = `${WINDOW}-cut-${++asked}`;
      setName(own);
      return api.cutPlan({ pieces, jobs, terms: { nipMm, usefulMm } }, own, signal);
    },
    enabled: some && version !== undefined && done === undefined,
    retry: false,
    gcTime: 0,
  });
  const shown = done?.plan ?? plan.data;
  const late = useLate(plan.isFetching);
  const pick = (kind: 'piece' | 'job', id: string, on: boolean) => {
    const next = new URLSearchParams(search);
    const ids = next.getAll(kind).filter((i) => i !== id);
    next.delete(kind);
    [...ids, ...(on ? [id] : [])].forEach((i) => next.append(kind, i));
    setDone(undefined);
    setSearch(next, { replace: true });
  };
  const take = (set: (mm: number) => void) => (mm: number) => {
    set(mm);
    setDone(undefined);
    return Promise.resolve(true);
  };
  const bookAs = (what: 'cut' | 'set-aside') => {
    const now = plan.data;
    if (!now?.entry) return;
    const names = [
      ...(allJobs.data ?? []).filter((j) => jobs.includes(j.id)).map((j) => j.name),
      ...(tray.data ?? []).filter((p) => pieces.includes(p.id)).map((p) => p.name),
    ];
    setDone({ what, plan: now });
    const note = `for ${names.join(', ')}`.slice(0, 400);
    void book({ ...now.entry, what, note }, now.rackVersion).then((taken) => {
      if (!taken) setDone(undefined);
    });
  };
  const sheet = new URLSearchParams([
    ...pieces.map((p) => ['pieces', p]),
    ...jobs.map((j) => ['jobs', j]),
    ['nipMm', String(nipMm)],
    ['usefulMm', String(usefulMm)],
    ['units', units],
  ]).toString();
  return (
    <div className="bench">
      <Box className="mat" sx={{ overflow: 'auto !important', p: '14px 20px' }} aria-busy={plan.isFetching}>
        {!some && (
          <p className="why">Choose at the side what is to be made: pieces, jobs, or several of both.</p>
        )}
        {plan.error && (
          <p className="wrong" role="alert">
            {plan.error.message}
          </p>
        )}
        {done && (
          <p role="status">
            <strong>{done.what === 'cut' ? 'Cut, and taken off the rack.' : 'Set aside for this.'}</strong>{' '}
            <Link to="/rack">Look at the rack</Link>: there the entry can be{' '}
            {done.what === 'cut' ? 'taken back' : 'cut or taken back'}.
          </p>
        )}
        {some && shown && <CutBars plan={shown} />}
        {some && plan.data && plan.data.missing.length > 0 && done === undefined && (
          <Substitutes pieces={pieces} jobs={jobs} terms={{ nipMm, usefulMm }} version={version ?? 0} />
        )}
        {late && <Looking name={name} />}
      </Box>
      <aside className="side" aria-label="what is to be cut">
        <h2 className="part-title">jobs</h2>
        <Choices
          items={allJobs.data?.filter((j) => !j.wrong).map((j) => ({ id: j.id, name: j.name }))}
          on={jobs}
          onPick={(id, on) => pick('job', id, on)}
        />
        <h2 className="part-title">pieces</h2>
        <Choices
          items={tray.data?.map((p) => ({ id: p.id, name: p.name }))}
          on={pieces}
          onPick={(id, on) => pick('piece', id, on)}
        />
        <h2 className="part-title">how you cut</h2>
        <dl className="rows">
          <LengthField label="each cut takes" fine mm={nipMm} onChange={take(setNip)} />
          <LengthField label="keep off-cuts from" mm={usefulMm} onChange={take(setUseful)} />
        </dl>
      </aside>
      <div className="across tools-row">
        <Button component={Link} to="/rack">
          back to the rack
        </Button>
        <span className="apart" />
        {wrong && (
          <span className="wrong" role="alert">
            {wrong}
          </span>
        )}
        {some && plan.data && plan.data.bars.length > 0 && (
          <>
            <Button href={`/api/rack/cutting-sheet?${sheet}`} target="_blank" disabled={done !== undefined}>
              print the cutting sheet
            </Button>
            <Button
              disabled={booking || done !== undefined || !plan.data.entry}
              onClick={() => bookAs('set-aside')}
            >
              set it aside
            </Button>
            <Button
              variant="contained"
              disabled={booking || done !== undefined || !plan.data.entry}
              onClick={() => bookAs('cut')}
            >
              cut: take it off the rack
            </Button>
          </>
        )}
      </div>
    </div>
  );
}

/** Whether something has taken longer than an eye waits. */
function useLate(busy: boolean): boolean {
  const [late, setLate] = useState(false);
  useEffect(() => {
    if (!busy) return undefined;
    const clock = setTimeout(() => setLate(true), 300);
    return () => {
      clearTimeout(clock);
      setLate(false);
    };
  }, [busy]);
  return busy && late;
}

/** How far the search for the fewest stocks has come, and a button that ends it with the best so far. */
function Looking(props: {
  /** the name under which it was asked */
  name: string;
}) {
  const how = useQuery({
    queryKey: ['how-far', props.name],
    queryFn: () => api.howFar(props.name),
    refetchInterval: 250,
    gcTime: 0,
    retry: false,
  });
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1, maxWidth: 520 }}>
      <p role="status">
        Looking for the fewest stocks and the least scrap …{how.data?.words && <> {how.data.words}</>}
      </p>
      <LinearProgress
        aria-label="how much of the time is over"
        variant={how.data ? 'determinate' : 'indeterminate'}
        value={100 * (how.data?.share ?? 0)}
      />
      <Button variant="outlined" sx={{ alignSelf: 'start' }} onClick={() => void api.stopAsking(props.name)}>
        stop here
      </Button>
    </Box>
  );
}

function Choices(props: {
  /** what can be chosen; undefined while it is read */
  items: readonly { id: string; name: string }[] | undefined;
  /** what is chosen */
  on: readonly string[];
  /** called when one is chosen or not */
  onPick: (id: string, on: boolean) => void;
}) {
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column' }}>
      {props.items?.map((item) => (
        <FormControlLabel
          key={item.id}
          label={item.name}
          sx={{ m: 0, minHeight: 34 }}
          control={
            <Checkbox
              size="small"
              sx={{ p: '4px' }}
              checked={props.on.includes(item.id)}
              onChange={(event) => props.onPick(item.id, event.target.checked)}
            />
          }
        />
      ))}
      {props.items?.length === 0 && <p className="why">There are none.</p>}
      {!props.items && <p className="why">being read …</p>}
    </Box>
  );
}
