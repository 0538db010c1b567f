import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import { queries } from '../api/queries';
import type { Making, Pattern, Piece, Purpose, TrayPiece, WireAsked as Asked } from '../api/types';
import { Entry } from '../kit/Entry';
import { useSettings } from '../kit/settings';
import { words, type Units } from '../kit/units';
import { fitTracks } from '../wire/fit';
import { drawn, sceneOf } from '../wire/scene';
import { partTracks } from '../wire/Parts';
import { PieceForm } from '../wire/PieceForm';
import { enoughFirst, found, makes, yours } from './choose';
import { WireAsked } from './WireAsked';

const BARE = 'bare wire';

/** Choose a form by its drawing, say what it is for. */
export function NewPiece() {
  const patterns = useQuery(queries.patterns());
  const [chosen, setChosen] = useState<string>();
  const go = useNavigate();
  const cache = useQueryClient();
  const { units } = useSettings();
  const [use, setUse] = useState<Pattern['use'] | 'all' | 'yours'>('all');
  const tray = useQuery(queries.tray());
  const [typed, setTyped] = useState('');
  const [wire, setWire] = useState<Asked>();
  // Each by itself: one that takes long holds up no other.
  const makings = useQueries({
    queries: (wire ? (patterns.data ?? []) : []).map(({ name }) => ({
      queryKey: ['making', name, wire],
      queryFn: ({ signal }: { signal: AbortSignal }) => api.making(name, wire as Asked, signal),
      staleTime: Infinity,
      retry: false,
    })),
  });
  const told = makings.flatMap((m) => (m.data ? [m.data] : []));
  const asks = makings.some((m) => m.isFetching);
  const shown = use === 'yours' ? [] : enoughFirst(found(patterns.data ?? [], use, typed), told);
  const kept = tray.data?.filter((p) => p.pattern && !p.wrong) ?? [];
  const own = use === 'all' || use === 'yours' ? yours(kept, typed) : [];
  const uses = [...new Set(patterns.data?.map((p) => p.use))];
  const pattern = patterns.data?.find((p) => p.name === chosen);
  const opened = (made: { id: string }) => {
    void cache.invalidateQueries({ queryKey: ['pieces'], exact: true });
    void go(`/pieces/${made.id}/shape`);
  };
  const create = useMutation({
    mutationFn: async ({ of, purpose }: { of: Pattern | undefined; purpose: Purpose }) => {
      const enough = told.find((m) => m.pattern === of?.name)?.most !== undefined;
      return api.create(of ? await api.make(of.name, { purpose, ...(enough && wire) }) : bare(purpose));
    },
    onSuccess: opened,
  });
  const again = useMutation({
    mutationFn: async (of: TrayPiece) => {
      const { document } = await api.piece(of.id);
      return api.create({ ...document, pattern: false });
    },
    onSuccess: opened,
  });
  // What can be for one thing only is not asked about.
  const choose = (of: Pattern) => {
    setChosen(of.name);
    const [only, ...others] = of.purposes;
    if (only && others.length === 0) create.mutate({ of, purpose: only });
  };
  const question = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (chosen) question.current?.querySelector('button')?.focus();
  }, [chosen]);
  const purposes: readonly Purpose[] =
    pattern?.purposes ?? (chosen === BARE ? ['decorative', 'link', 'ear-wire', 'pendant'] : []);
  return (
    <div>
      <div className="tools-row" style={{ marginBottom: 12 }}>
        <Button component={Link} to="/tray">
          back to the tray
        </Button>
        <h2 style={{ fontSize: 20, margin: '0 16px 0 8px' }}>Which form?</h2>
        <Entry
          type="search"
          wide={180}
          aria-label="search forms"
          placeholder="search"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
        {!wire && <WireAsked asked={wire} onAsk={setWire} />}
      </div>
      {wire && <WireAsked asked={wire} onAsk={setWire} />}
      {asks && <p className="why">Working out what it makes…</p>}
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label="used as"
        sx={{ flexWrap: 'wrap', mb: 1.5 }}
        value={use}
        onChange={(_, next: Pattern['use'] | 'all' | 'yours' | null) => setUse(next ?? 'all')}
      >
        <ToggleButton value="all">all</ToggleButton>
        {kept.length > 0 && <ToggleButton value="yours">yours</ToggleButton>}
        {uses.map((u) => (
          <ToggleButton key={u} value={u}>
            {words(u)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <div className="grid-cards">
        {!patterns.data &&
          Array.from({ length: 8 }, (_, i) => <Skeleton key={i} variant="rectangular" height={270} />)}
        {patterns.data && shown.length + own.length === 0 && (
          <p className="why">No form has these words. Try fewer, or another use.</p>
        )}
        {own.map((p) => (
          <button key={p.id} className="card" disabled={again.isPending} onClick={() => again.mutate(p)}>
            <Preview drawing={p.drawing} parts={p.parts} />
            <h3>{p.name}</h3>
            <p>A pattern of yours, {p.wire}.</p>
          </button>
        ))}
        {shown.map((p) => (
          <button key={p.name} className="card" aria-pressed={p.name === chosen} onClick={() => choose(p)}>
            <Preview drawing={p.drawing} parts={p.parts} />
            <h3>{p.title}</h3>
            <p>{p.about}</p>
            <Makes of={told.find((m) => m.pattern === p.name)} units={units} />
          </button>
        ))}
        <button className="card" aria-pressed={chosen === BARE} onClick={() => setChosen(BARE)}>
          <svg viewBox="0 0 220 150" aria-hidden="true">
            <path d="M20 75H200" stroke="#74391B" strokeWidth="9" />
            <path d="M20 75H200" stroke="#B5673A" strokeWidth="7" />
            <path d="M20 73.5H200" stroke="#F4C8A8" strokeWidth="1.6" />
          </svg>
          <h3>Bare wire</h3>
          <p>Start straight and put loops, bends and curls together yourself.</p>
        </button>
      </div>
      {again.error && (
        <p className="wrong" role="alert">
          {again.error.message}
        </p>
      )}
      {chosen && purposes.length > 1 && (
        <Box
          ref={question}
          className="tools-row"
          role="group"
          aria-label="what it is for"
          sx={{
            position: 'sticky',
            bottom: -16,
            mt: 2,
            p: '12px 16px 20px',
            background: 'var(--paper)',
            borderTop: '2px solid var(--touch)',
          }}
        >
          <h2 style={{ fontSize: 20, marginRight: 12 }}>{pattern?.title ?? 'Bare wire'}: what is it for?</h2>
          {purposes.map((p, i) => (
            <Button
              key={p}
              variant={i === 0 ? 'contained' : 'outlined'}
              disabled={create.isPending}
              onClick={() => create.mutate({ of: pattern, purpose: p })}
              sx={{ mr: 1 }}
            >
              {words(p)}
            </Button>
          ))}
          {create.error && <span className="wrong">{create.error.message}</span>}
        </Box>
      )}
    </div>
  );
}

/** What the wire at hand makes of a form. */
function Makes(props: {
  /** what it makes; nothing while no wire is asked about */
  of: Making | undefined;
  /** unit of the screen */
  units: Units;
}) {
  const { of } = props;
  return of ? (
    <p className={of.most === undefined ? 'makes not' : 'makes'}>{makes(of, props.units)}</p>
  ) : null;
}

function bare(purpose: Purpose): Piece {
  return {
    format: 'etui-piece',
    version: 1,
    name: 'Bare wire',
    purpose,
    strands: [
      {
        id: 'wire',
        name: 'Wire',
        wire: {
          metal: 'copper',
          section: { shape: 'round', diameterMm: 1.02, label: { system: 'AWG', number: '18' } },
        },
        elements: [{ kind: 'straight', id: 'run', lengthMm: 30 }],
      },
    ],
  } as unknown as Piece;
}

function Preview(props: {
  /** the form to draw */
  drawing: Pattern['drawing'];
  /** what is not wire in it */
  parts: Pattern['parts'];
}) {
  const [width, height] = [220, 150];
  const scene = useMemo(() => sceneOf(props.drawing.map(drawn)), [props.drawing]);
  const at = fitTracks(
    [...scene.wires.map((w) => w.track), ...partTracks(props.parts, scene.slant)],
    width,
    height,
    0.84,
  );
  return <PieceForm scene={scene} parts={props.parts} at={at} width={width} height={height} />;
}
