import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { BathPlan, BathQuestion, Dipped, Metal } from '../api/types';
import { clock } from '../kit/clock';
import { Coming } from '../kit/Coming';
import { RecipeFields, type Recipe } from '../kit/RecipeFields';
import { Row } from '../kit/Row';
import { words } from '../kit/units';
import { fitTracks } from '../wire/fit';
import { partTracks } from '../wire/Parts';
import { PieceForm } from '../wire/PieceForm';
import { drawn, sceneOf } from '../wire/scene';
import { CameOut } from './CameOut';
import { Records } from './Records';
import { Running } from './Running';
import { useRun, type Dip } from './run';

type Pull = BathPlan['pulls'][number];

/** Names what of a piece goes in. */
const keyOf = (w: Dipped) => (w.of ? `${w.id} ${w.of}` : w.id);

/** Pieces that share a bath: what goes in, when each is pulled, and what came out. */
export function Bath() {
  const waiting = useQuery(queries.dipped());
  const [run, keep] = useRun();
  if (waiting.error) return <p role="alert">{waiting.error.message}</p>;
  if (run) {
    const all = run.dips.every((d) => d.pulledS !== undefined);
    return all ? <CameOut run={run} onDone={() => keep(undefined)} /> : <Running run={run} onRun={keep} />;
  }
  if (!waiting.data) return <Coming />;
  if (waiting.data.length === 0) {
    return (
      <section className="soon">
        <h2>Nothing waits for a bath</h2>
        <p>
          Open a piece, go to Colour and say how it is darkened: then it stands here, with the others of its
          metal.
        </p>
        <p>
          <Link to="/tray">to the tray</Link>
        </p>
      </section>
    );
  }
  return (
    <Planning
      waiting={waiting.data}
      onStart={(bath, dips, topUps) => keep({ startedAt: Date.now(), bath, dips, topUps })}
    />
  );
}

/** Which pieces go in together, in what, and when each is due. */
function Planning(props: {
  /** the pieces that are planned to be darkened */
  waiting: readonly Dipped[];
  /** told when they go in */
  onStart: (bath: Recipe, dips: Dip[], topUps: BathPlan['topUps']) => void;
}) {
  const { waiting } = props;
  const [out, setOut] = useState<readonly string[]>([]);
  const first = waiting[0]?.colour;
  const [changed, setChanged] = useState<Partial<Recipe>>({});
  const [wrong, setWrong] = useState<string>();
  const bath: Recipe = {
    form: first?.bath ?? 'gel',
    drops: first?.drops ?? 2,
    volumeMl: first?.volumeMl ?? 118,
    temperatureC: first?.temperatureC ?? 60,
    ...changed,
  };
  const metals = [...new Set(waiting.map((w) => w.metals[0] as Metal))];
  const [topUp, setTopUp] = useState(false);
  const question = (pieces: readonly Dipped[], of: Recipe): BathQuestion => ({
    bath: of,
    topUp,
    in: pieces.map((w) => ({
      id: keyOf(w),
      metal: w.metals[0] as Metal,
      stopAt: w.colour.stopAt,
      surfaceMm2: w.surfaceMm2,
    })),
  });
  const inIt = waiting.filter((w) => !out.includes(keyOf(w)));
  const asked = question(inIt, bath);
  const planned = useQuery({
    queryKey: ['bath-plan', asked],
    queryFn: ({ signal }) => api.bathPlan(asked, signal),
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
  const plan = planned.data;
  const pullOf = (w: Dipped) => plan?.pulls.find((p) => p.id === keyOf(w));
  // The server says what can be: what it refuses is told, and the bath stays as it was.
  const set = async (more: Partial<Recipe>) => {
    try {
      await api.bathPlan(question(inIt, { ...bath, ...more }));
    } catch (thrown) {
      setWrong(reason(thrown));
      return false;
    }
    setWrong(undefined);
    setChanged({ ...changed, ...more });
    return true;
  };
  const dips = (plan?.pulls ?? []).flatMap((pull): Dip[] => {
    const w = inIt.find((one) => keyOf(one) === pull.id);
    if (!w) return [];
    return [
      {
        id: pull.id,
        piece: w.id,
        name: w.of ? `${w.name}, ${w.of}` : w.name,
        metal: w.metals[0] as Metal,
        stop: w.colour.stopAt,
        look: pull.look,
        ...(pull.tS !== undefined && { dueS: pull.tS }),
      },
    ];
  });
  const order = (a: Dipped, b: Dipped) => (pullOf(a)?.tS ?? Infinity) - (pullOf(b)?.tS ?? Infinity);
  return (
    <div className="bath-page">
      <section aria-label="pieces for this bath">
        <h2>What goes in together</h2>
        <p className="why">
          Timed for the bath on the right, which is that of the {waiting[0]?.name} until you change it: what
          is planned for another one is due at another time here.
        </p>
        {metals.map((metal) => (
          <div key={metal} className="bath-group">
            <h3>
              {words(metal)}{' '}
              <small>{recordsOf(inIt.filter((w) => w.metals[0] === metal).map(pullOf)[0])}</small>
            </h3>
            {waiting
              .filter((w) => w.metals[0] === metal)
              .sort(order)
              .map((w) => (
                <BathRow
                  key={keyOf(w)}
                  piece={w}
                  pull={pullOf(w)}
                  inIt={!out.includes(keyOf(w))}
                  onIn={(yes) => setOut(yes ? out.filter((o) => o !== keyOf(w)) : [...out, keyOf(w)])}
                />
              ))}
          </div>
        ))}
        {plan && (
          <p className="why">
            All go in at once; each is pulled when it is due.
            {plan.pulls.length > 0 &&
              ` At the last pull about ${Math.round(100 * plan.left)} % of the bath’s strength is left by estimate; the times allow for that.`}
          </p>
        )}
        <Records />
      </section>
      <aside className="side" aria-label="the bath">
        <dl className="rows">
          <RecipeFields bath={bath} onChange={set} />
          <Row label="surface in 100 ml" value={plan ? `${plan.cm2Per100Ml.toFixed(0)} cm²` : '…'} />
        </dl>
        {wrong && (
          <p className="wrong" role="alert">
            {wrong}
          </p>
        )}
        {plan?.crowded && (
          <p className="advice mind">
            <b>warning</b> That is much for so little sulfide: the films take what the bath has, and colour
            unevenly. Take more water with more drops, or two baths.
          </p>
        )}
        {(plan?.halfAtS !== undefined || topUp) && (
          <FormControlLabel
            control={<Checkbox checked={topUp} onChange={(e) => setTopUp(e.target.checked)} />}
            label="top it up when it is down to half"
          />
        )}
        {plan?.halfAtS !== undefined && (
          <p className="why">
            {topUp
              ? plan.topUps.map((t) => `${dropsIn(t.drops, bath)} more at ${clock(t.tS)}`).join(', ') + '.'
              : `It is down to half of its strength after about ${clock(plan.halfAtS)} min.`}
          </p>
        )}
        <Button
          variant="contained"
          disabled={inIt.length === 0}
          onClick={() => dips.length > 0 && props.onStart(bath, dips, plan?.topUps ?? [])}
        >
          {inIt.length === 1 ? 'it is in: start the clock' : 'they are in: start the clock'}
        </Button>
        <Cautions />
      </aside>
    </div>
  );
}

/** So much of the sulfide, in words. */
export function dropsIn(drops: number, bath: Recipe): string {
  const tidy = drops >= 1 ? Number(drops.toFixed(1)) : Number(drops.toPrecision(1));
  return `${tidy} ${bath.form === 'lump' ? 'crumbs' : tidy === 1 ? 'drop' : 'drops'}`;
}

/** From how many records the times of a metal are. */
function recordsOf(pull: Pull | undefined): string {
  if (!pull) return '';
  if (pull.records === 0) return 'times are a general estimate, no records yet';
  return pull.records === 1 ? 'from one record of yours' : `from ${pull.records} records of yours`;
}

/** A piece that may go in. */
function BathRow(props: {
  /** the piece */
  piece: Dipped;
  /** when it is pulled; nothing while it stays out */
  pull: Pull | undefined;
  /** whether it goes in */
  inIt: boolean;
  /** told when that changes */
  onIn: (inIt: boolean) => void;
}) {
  const { piece, pull } = props;
  return (
    <label className="bath-row">
      <Checkbox checked={props.inIt} onChange={(e) => props.onIn(e.target.checked)} />
      <b>
        <Sketch id={piece.id} /> {piece.name}
      </b>
      <span>
        {piece.of && `${piece.of}, `}to {pull?.look ?? words(piece.colour.stopAt)}
        {piece.metals.length > 1 &&
          ` · also ${piece.metals.slice(1).map(words).join(', ')}, which darkens at its own pace`}
      </span>
      <span className="due">
        {pull && (pull.tS === undefined ? 'the bath gives out before' : `out at ${clock(pull.tS)}`)}
        {pull && pull.records > 0 && <small> · in general {clock(pull.generalS)}</small>}
      </span>
    </label>
  );
}

const SKETCH = { width: 72, height: 52 };

/** A small drawing of a piece as it lies on the tray. */
function Sketch(props: {
  /** its name in the store */
  id: string;
}) {
  const tray = useQuery(queries.tray());
  const row = tray.data?.find((p) => p.id === props.id);
  const scene = useMemo(() => sceneOf((row?.drawing ?? []).map(drawn)), [row]);
  if (!row || scene.wires.length === 0) return null;
  const at = fitTracks(
    [...scene.wires.map((w) => w.track), ...partTracks(row.parts, scene.slant)],
    SKETCH.width,
    SKETCH.height,
    0.9,
  );
  return <PieceForm scene={scene} parts={row.parts} at={at} {...SKETCH} />;
}

/** What to beware of, always in sight. */
export function Cautions() {
  const cautions = useQuery(queries.cautions());
  return (cautions.data ?? [])
    .filter((c) => ['sulfide bath', 'porous stones', 'drying'].includes(c.topic))
    .map((c) => (
      <p key={c.topic} className="advice mind">
        <b>{c.topic}</b> {c.message}
      </p>
    ));
}
