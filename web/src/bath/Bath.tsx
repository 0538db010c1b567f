import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { useQueries, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { Dipped, Metal, Strip } from '../api/types';
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
import { Running } from './Running';
import { useRun, type Dip } from './run';

const MM2_PER_CM2 = 100;
/** More surface than that in 100 ml tires the bath while the pieces are in, cm²: an estimate. */
const CROWDED = 25;

/** The times of a recipe for some metals: they do not depend on how finely the strip is drawn. */
function useStrips(metals: readonly Metal[], bath: Recipe | undefined): Map<Metal, Strip> {
  const answers = useQueries({
    queries: metals.map((metal) => ({
      queryKey: ['bath-times', metal, bath],
      queryFn: () => api.strip({ metal, bath: bath as Recipe, untilS: 1, stepS: 1 }),
      enabled: bath !== undefined,
    })),
  });
  return new Map(metals.flatMap((metal, i) => (answers[i]?.data ? [[metal, answers[i].data] as const] : [])));
}

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
    <Planning waiting={waiting.data} onStart={(bath, dips) => keep({ startedAt: Date.now(), bath, dips })} />
  );
}

/** Which pieces go in together, in what, and when each is due. */
function Planning(props: {
  /** the pieces that are planned to be darkened */
  waiting: readonly Dipped[];
  /** told when they go in */
  onStart: (bath: Recipe, dips: Dip[]) => void;
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
  const strips = useStrips(metals, bath);
  const stopOf = (w: Dipped) =>
    strips.get(w.metals[0] as Metal)?.stops.find((s) => s.name === w.colour.stopAt);
  const inIt = waiting.filter((w) => !out.includes(w.id));
  const surface = inIt.reduce((sum, w) => sum + w.surfaceMm2, 0) / MM2_PER_CM2;
  const crowded = surface / (bath.volumeMl / 100);
  // The server says what can be: what it refuses is told, and the bath stays as it was.
  const set = async (more: Partial<Recipe>) => {
    const next = { ...changed, ...more };
    try {
      await api.strip({ metal: metals[0] as Metal, bath: { ...bath, ...more }, untilS: 1, stepS: 1 });
    } catch (thrown) {
      setWrong(reason(thrown));
      return false;
    }
    setWrong(undefined);
    setChanged(next);
    return true;
  };
  const dips = inIt
    .flatMap((w): Dip[] => {
      const stop = stopOf(w);
      return stop
        ? [
            {
              id: w.id,
              name: w.name,
              metal: w.metals[0] as Metal,
              stop: stop.name,
              look: stop.look,
              dueS: stop.tS,
            },
          ]
        : [];
    })
    .sort((a, b) => a.dueS - b.dueS);
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
              {words(metal)} <small>{recordsOf(strips.get(metal))}</small>
            </h3>
            {waiting
              .filter((w) => w.metals[0] === metal)
              .sort((a, b) => (stopOf(a)?.tS ?? 0) - (stopOf(b)?.tS ?? 0))
              .map((w) => (
                <BathRow
                  key={w.id}
                  piece={w}
                  stop={stopOf(w)}
                  records={strips.get(metal)?.records ?? 0}
                  inIt={!out.includes(w.id)}
                  onIn={(yes) => setOut(yes ? out.filter((o) => o !== w.id) : [...out, w.id])}
                />
              ))}
          </div>
        ))}
        <p className="why">
          All go in at once; each is pulled when it is due. What is due last stays in alone, in a bath that is
          tired by the others: look oftener towards the end.
        </p>
      </section>
      <aside className="side" aria-label="the bath">
        <dl className="rows">
          <RecipeFields bath={bath} onChange={set} />
          <Row label="surface of what goes in" value={`${surface.toFixed(0)} cm²`} />
          <Row label="in 100 ml" value={`${crowded.toFixed(0)} cm²`} />
        </dl>
        {wrong && (
          <p className="wrong" role="alert">
            {wrong}
          </p>
        )}
        {crowded > CROWDED && (
          <p className="advice mind">
            <b>mind</b> That is much for so little water: the bath tires while they are in. Take more water,
            or two baths.
          </p>
        )}
        <Button
          variant="contained"
          disabled={inIt.length === 0}
          onClick={() => dips.length > 0 && props.onStart(bath, dips)}
        >
          {inIt.length === 1 ? 'it is in: start the clock' : 'they are in: start the clock'}
        </Button>
        <Cautions />
      </aside>
    </div>
  );
}

/** From how many records the times of a metal are. */
function recordsOf(strip: Strip | undefined): string {
  if (!strip) return '';
  if (strip.records === 0) return 'times are a general estimate, no records yet';
  return strip.records === 1 ? 'from one record of yours' : `from ${strip.records} records of yours`;
}

/** A piece that may go in. */
function BathRow(props: {
  /** the piece */
  piece: Dipped;
  /** its stop, with its time */
  stop: Strip['stops'][number] | undefined;
  /** how many records its time is from */
  records: number;
  /** whether it goes in */
  inIt: boolean;
  /** told when that changes */
  onIn: (inIt: boolean) => void;
}) {
  const { piece, stop } = props;
  return (
    <label className="bath-row">
      <Checkbox checked={props.inIt} onChange={(e) => props.onIn(e.target.checked)} />
      <b>
        <Sketch id={piece.id} /> {piece.name}
      </b>
      <span>
        to {stop?.look ?? words(piece.colour.stopAt)}
        {piece.metals.length > 1 &&
          ` · also ${piece.metals.slice(1).map(words).join(', ')}, which darkens at its own pace`}
      </span>
      <span className="due">
        {stop && `out at ${clock(stop.tS)}`}
        {stop && props.records > 0 && <small> · in general {clock(stop.generalS)}</small>}
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
