import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { KeptStone, KeptStones } from '../api/types';
import { useSettings } from '../kit/settings';
import { length, mass } from '../kit/units';
import { TextField } from '../kit/TextField';

type Drawn = KeptStones['drawn'][number];

/** Px a millimetre: all stones are drawn at one scale. */
const SCALE = 5;
const ROOM_MM = 2;

/** The drawer of stones: each as it looks from the front, what it is, and the piece that it is in. */
export function StonesPage() {
  const cache = useQueryClient();
  const kept = useQuery(queries.stones());
  const tray = useQuery(queries.tray());
  const [wrong, setWrong] = useState<string>();
  const took = (now: KeptStones) => {
    setWrong(undefined);
    cache.setQueryData(queries.stones().queryKey, now);
  };
  const refused = (thrown: unknown) => {
    setWrong(reason(thrown));
    void cache.invalidateQueries({ queryKey: queries.stones().queryKey });
  };
  const save = useMutation({
    mutationFn: (stones: readonly KeptStone[]) => api.saveStones(kept.data?.version ?? 0, stones),
    onSuccess: took,
    onError: refused,
  });
  const undo = useMutation({ mutationFn: api.undoStones, onSuccess: took, onError: refused });
  const redo = useMutation({ mutationFn: api.redoStones, onSuccess: took, onError: refused });
  if (kept.error) return <p role="alert">{kept.error.message}</p>;
  if (!kept.data) return <p role="status">Opening the drawer …</p>;
  const { stones, drawn } = kept.data;
  const put = (id: string, change: Partial<KeptStone>) =>
    save.mutateAsync(stones.map((s) => (s.id === id ? { ...s, ...change } : s))).then(
      () => true,
      () => false,
    );
  return (
    <section aria-labelledby="stones-title">
      <div className="tools-row">
        <h2 id="stones-title">The drawer of stones</h2>
        <span className="apart" />
        <Button disabled={!kept.data.canUndo} onClick={() => undo.mutate()}>
          undo
        </Button>
        <Button disabled={!kept.data.canRedo} onClick={() => redo.mutate()}>
          redo
        </Button>
      </div>
      <p className="why">
        {stones.length === 0
          ? 'No stone lies here yet. Open a piece with a stone, in Shape, and put its stone in the drawer.'
          : 'All at one scale. In Shape a piece takes its stone from here, and puts its own in.'}
      </p>
      {wrong && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
      <div className="grid-cards">
        {stones.map((stone, i) => {
          const piece = tray.data?.find((p) => p.id === stone.piece);
          return (
            <article key={stone.id} className="card stone-card" aria-label={stone.name}>
              <div className="stone-looks">
                <Front drawn={drawn[i] as Drawn} />
                {stone.picture && <img src={stone.picture} alt={`photograph of ${stone.name}`} width={120} />}
              </div>
              <dl className="rows">
                <TextField label="name" value={stone.name} onChange={(name) => put(stone.id, { name })} />
                <TextField
                  label="material"
                  value={stone.material}
                  onChange={(material) => put(stone.id, { material })}
                />
              </dl>
              <Measures drawn={drawn[i] as Drawn} body={stone.body} />
              <p className="tools-row">
                {piece ? (
                  <Link to={`/pieces/${piece.id}/shape`}>in {piece.name}</Link>
                ) : (
                  <span>in no piece</span>
                )}
                <span className="apart" />
                <Button onClick={() => save.mutate(stones.filter((s) => s.id !== stone.id))}>
                  take it out
                </Button>
              </p>
            </article>
          );
        })}
      </div>
    </section>
  );
}

function sizeOf(drawn: Drawn): [number, number] {
  const reach = (axis: 0 | 1) => {
    const all = drawn.way.map((p) => p[axis] ?? 0);
    return Math.max(0, ...all) - Math.min(0, ...all);
  };
  return [reach(0), reach(1)];
}

function Measures(props: {
  /** how it looks */
  drawn: Drawn;
  /** what it is as a solid */
  body: KeptStone['body'];
}) {
  const { units } = useSettings();
  if (props.body.shape === 'point') {
    const { lengthMm, acrossMm, sides } = props.body;
    return (
      <p>
        {[lengthMm, acrossMm].map((mm) => length(mm, units)).join(' × ')} across its {sides} flats · about{' '}
        {mass(props.drawn.massG)}
      </p>
    );
  }
  const outline = 'outline' in props.body ? props.body.outline : undefined;
  const [wide, high] =
    outline && 'lengthMm' in outline
      ? [outline.widthMm, outline.lengthMm]
      : outline && 'diameterMm' in outline
        ? [outline.diameterMm, outline.diameterMm]
        : sizeOf(props.drawn);
  const thick =
    'heightMm' in props.body ? props.body.heightMm : 'thicknessMm' in props.body ? props.body.thicknessMm : 0;
  return (
    <p>
      {[high, wide, thick].map((mm) => length(mm, units)).join(' × ')} · about {mass(props.drawn.massG)}
    </p>
  );
}

function Front(props: {
  /** how it looks */
  drawn: Drawn;
}) {
  const [wide, high] = sizeOf(props.drawn);
  const xs = props.drawn.way.map((p) => p[0] ?? 0);
  const ys = props.drawn.way.map((p) => p[1] ?? 0);
  const box = [Math.min(...xs) - ROOM_MM, -Math.max(...ys) - ROOM_MM, wide + 2 * ROOM_MM, high + 2 * ROOM_MM];
  return (
    <svg
      viewBox={box.join(' ')}
      style={{ width: (wide + 2 * ROOM_MM) * SCALE, height: (high + 2 * ROOM_MM) * SCALE }}
      aria-hidden="true"
    >
      <path
        d={`M${props.drawn.way.map(([x = 0, y = 0]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`}
        fill="#7b8798"
        stroke="#a9b7cf"
        strokeWidth={0.4}
      />
    </svg>
  );
}
