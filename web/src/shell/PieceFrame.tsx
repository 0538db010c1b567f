import { Entry } from '../kit/Entry';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { api, Refused } from '../api/client';
import { queries } from '../api/queries';
import type { Piece, Plan } from '../api/types';
import { BenchProvider, useBench, useKeeping } from '../bench/bench';
import { FixNote, FixProvider } from '../bench/fix';
import { HoldLine } from '../bench/HoldLine';
import { refusals } from '../bench/refusal';
import { Coming } from '../kit/Coming';
import { Hint } from './Hint';
import { Knots, type Knot } from './Knots';
import { Overtaken } from '../kit/Overtaken';
import { thicknessOf } from '../kit/section';
import { useKeys } from '../kit/keys';
import { useSettings } from '../kit/settings';
import { Tools } from './Tools';
import { Skip, ViewTitle } from './ViewTitle';
import { OUTSIDE_TYPING } from '../kit/typing';
import { counted, grams, length, lengthNumber, thickness, type Units, words } from '../kit/units';

const PrintDialog = lazy(() => import('../print/PrintDialog').then((m) => ({ default: m.PrintDialog })));

const STATIONS = ['wire', 'shape', 'harden', 'colour', 'cut', 'make', 'log'];

/** The frame of a piece: reads it, plans it, and puts it on the bench. */
export function PieceFrame() {
  const { id = '' } = useParams();
  const { units } = useSettings();
  const kept = useQuery(queries.piece(id));
  const [firstUnits] = useState(units);
  const document = kept.data?.document;
  const plan = useQuery({
    queryKey: ['first-plan', id, kept.data?.version],
    queryFn: () => api.plan(document as never, firstUnits, 'last'),
    enabled: Boolean(document),
    staleTime: Infinity,
    gcTime: 0,
  });
  const error = kept.error ?? plan.error;
  if (error) {
    return (
      <main className="soon" role="alert">
        <h2>
          {error instanceof Refused && error.problem.status === 404
            ? 'There is no such piece'
            : 'Etui does not answer'}
        </h2>
        <p>{error.message}</p>
        <p>
          <Link to="/tray">to the tray</Link>
        </p>
      </main>
    );
  }
  if (!kept.data || !plan.data) return <main className="soon" aria-busy="true" />;
  return (
    <BenchProvider key={id} kept={kept.data} plan={plan.data}>
      <FixProvider>
        <Frame />
      </FixProvider>
    </BenchProvider>
  );
}

function knotsOf(id: string, piece: Piece, plan: Plan, units: Units): Knot[] {
  const strand = plan.strands[0];
  if (!strand) return [];
  const stops = plan.advice.filter((a) => a.severity === 'stop').length;
  const minds = plan.advice.filter((a) => a.severity === 'mind').length;
  const section = strand.wire.section;
  const size = thicknessOf(section);
  const shape: Knot = { name: 'Shape', to: 'shape', says: shapeSays(plan, units) };
  if (stops > 0) Object.assign(shape, { says: counted(stops, 'stop'), tone: 'stop' });
  else if (minds > 0) Object.assign(shape, { says: counted(minds, 'warning'), tone: 'mind' });
  const knots: Knot[] = [
    { name: 'Wire', to: 'wire', says: `${words(strand.wire.metal)} · ${thickness(size, units)}` },
    shape,
    { name: 'Harden', to: 'harden', says: hardenSays(plan) },
    { name: 'Colour', to: 'colour', says: darkened(piece) },
    { name: 'Cut', to: 'cut', says: cutSays(plan, units) },
    { name: 'Make', to: 'make', says: `${plan.steps.length} steps` },
    { name: 'Log', to: 'log', says: 'what it came to' },
  ];
  return knots.map((k) => ({ ...k, to: `/pieces/${id}/${k.to}` }));
}

/** How large the form is where it is one wire by itself; else of what it is put together. */
function shapeSays(plan: Plan, units: Units): string {
  const [first, ...others] = plan.strands;
  if (!first) return '';
  if (others.length > 0) return counted(plan.strands.length, 'strand');
  if (plan.parts.length > 0) return `wire and ${counted(plan.parts.length, 'part')}`;
  return `${lengthNumber(first.finished.widthMm, units)} × ${length(first.finished.heightMm, units)}`;
}

/** How long the wire is cut; of several how many there are. */
function cutSays(plan: Plan, units: Units): string {
  const wires = plan.strands.reduce((n, s) => n + s.count, 0);
  const [first, ...others] = plan.strands;
  if (!first) return '';
  return others.length > 0
    ? `${wires} wires`
    : `${wires > 1 ? `${wires} × ` : ''}${length(first.cutLengthMm, units, 'up')}`;
}

/** What the weakest bend holds. */
function hardenSays(plan: Plan): string {
  const { weakest } = plan;
  if (!weakest) return 'no load';
  const strand = plan.strands.find((s) => s.id === weakest.strand);
  const squeezed = strand?.elements.find((e) => e.id === weakest.element)?.squeezed ?? false;
  return `${squeezed ? 'stands' : 'holds'} ${grams(weakest.holdsN)}`;
}

function Frame() {
  const bench = useBench();
  const keeping = useKeeping();
  const { units } = useSettings();
  const { pathname } = useLocation();
  const go = useNavigate();
  const [printing, setPrinting] = useState(false);
  const open = STATIONS.findIndex((s) => pathname.endsWith(`/${s}`));
  useKeys(['1', '2', '3', '4', '5', '6', '7'], (e) => void go(STATIONS[Number(e.key) - 1] as string), [go]);
  useHotkeys('mod+z', keeping.undo, OUTSIDE_TYPING, [keeping]);
  useHotkeys(['mod+shift+z', 'mod+y'], keeping.redo, OUTSIDE_TYPING, [keeping]);
  useKeys('p', () => setPrinting(true));
  const card = STATIONS[open] === 'make';
  const kept = keeping.away
    ? 'Etui does not answer; what you changed waits'
    : keeping.keptAt
      ? `saved ${new Date(keeping.keptAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false })}`
      : 'saving…';
  return (
    <div className="frame">
      <Skip />
      <header className="head" inert={card}>
        <Link to="/tray" className="crumb">
          Tray
        </Link>
        <span aria-hidden="true">/</span>
        <Name key={bench.piece.name} />
        <div className="tools">
          <span className={keeping.away ? 'kept away' : 'kept'} role="status">
            {kept}
          </span>
          <span role="group" aria-label="last change">
            <Button disabled={!keeping.canUndo} onClick={keeping.undo}>
              undo
            </Button>
            <Button disabled={!keeping.canRedo} onClick={keeping.redo}>
              redo
            </Button>
          </span>
          <span role="group" aria-label="on paper">
            <Button onClick={() => setPrinting(true)}>print</Button>
          </span>
          <Tools />
        </div>
      </header>
      <Knots
        knots={knotsOf(bench.id, bench.piece, bench.plan, units)}
        open={open}
        label="stations"
        away={card}
      />
      <main className="station" id="view" tabIndex={-1}>
        <ViewTitle title={`${words(STATIONS[open] ?? '')}: ${bench.piece.name}`} view={pathname} />
        <Said plan={bench.plan} />
        <Refusals />
        <FixNote />
        <Hint key={STATIONS[open]} station={STATIONS[open] ?? ''} />
        {(STATIONS[open] === 'shape' || STATIONS[open] === 'harden') && <HoldLine />}
        <Suspense fallback={<Coming />}>
          <Outlet />
        </Suspense>
      </main>
      {printing && (
        <Suspense>
          <PrintDialog
            address={`/api/pieces/${bench.id}`}
            name={bench.piece.name}
            onClose={() => setPrinting(false)}
          />
        </Suspense>
      )}
    </div>
  );
}

/** Reads out what a change came to: cut length and what the weakest bend holds, once it stands still. */
function Said(props: {
  /** the plan */
  plan: Plan;
}) {
  const { units } = useSettings();
  const { plan } = props;
  const cut = plan.strands[0] ? `cut ${length(plan.strands[0].cutLengthMm, units, 'up')}` : '';
  const now = plan.weakest ? `${cut}, ${hardenSays(plan)}` : cut;
  const [said, setSaid] = useState(now);
  useEffect(() => {
    const still = setTimeout(() => setSaid(now), 700);
    return () => clearTimeout(still);
  }, [now]);
  return (
    <p className="unseen" role="status" aria-label="what it comes to">
      {said}
    </p>
  );
}

/** The name of the piece, to be changed in place. */
function Name() {
  const { piece, change } = useBench();
  const [typed, setTyped] = useState(piece.name);
  const take = () => {
    const name = typed.trim();
    if (name && name !== piece.name) void change((p) => ({ ...p, name }));
    else setTyped(piece.name);
  };
  return (
    <h1>
      <Entry
        className="title-edit"
        aria-label="name of the piece"
        value={typed}
        maxLength={120}
        size={Math.max(8, typed.length)}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={take}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
          if (e.key === 'Escape') setTyped(piece.name);
        }}
      />
    </h1>
  );
}

/** What was refused, and what another window changed meanwhile. */
function Refusals() {
  const { problem, conflict, dismiss, takeTheirs, keepMine } = useKeeping();
  const { plan } = useBench();
  if (conflict) {
    return <Overtaken version={conflict.version} onMine={keepMine} onTheirs={takeTheirs} />;
  }
  if (!problem) return null;
  return (
    <div className="advice stop wide" role="alert">
      <b>Not taken</b> {problem.violations.length > 0 ? refusals(problem.violations, plan) : problem.detail}.
      The piece stands as it was.
      <Button onClick={dismiss}>all right</Button>
    </div>
  );
}

/** The colours that it is darkened to. */
function darkened(piece: Piece): string {
  const all = [piece, ...piece.strands, ...piece.parts].flatMap((of) =>
    of.colour && of.colour.bath !== 'none' ? [of.colour.stopAt] : [],
  );
  return [...new Set(all)].join(', ') || 'bright';
}
