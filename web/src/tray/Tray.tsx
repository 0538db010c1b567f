import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  lazy,
  memo,
  Suspense,
  useCallback,
  useDeferredValue,
  useMemo,
  useState,
  type MouseEvent,
} from 'react';
import { Link } from 'react-router';
import { api } from '../api/client';
import { queries } from '../api/queries';
import type { TrayPiece } from '../api/types';
import { useKeys } from '../kit/keys';
import { Snackbar } from '../kit/later';
import { useSettings } from '../kit/settings';
import { counted, length, mass, wireLength, words } from '../kit/units';
import { Mat, matSquare } from '../wire/Mat';
import { useSize } from '../wire/useSize';
import { PieceForm } from '../wire/PieceForm';
import { Files } from './Files';
import type { Asked } from './More';
import type { Looked } from './find';
import { inSight, layRows, trayScale, type Lying } from './layout';

const More = lazy(() => import('./More').then((m) => ({ default: m.More })));
const Chosen = lazy(() => import('./Chosen').then((m) => ({ default: m.Chosen })));
const EmptyTray = lazy(() => import('./EmptyTray').then((m) => ({ default: m.EmptyTray })));
const Find = lazy(() => import('./Find').then((m) => ({ default: m.Find })));
const TagsDialog = lazy(() => import('./TagsDialog').then((m) => ({ default: m.TagsDialog })));

/** Every piece on one mat, drawn to one scale. */
export function Tray() {
  const tray = useQuery(queries.tray());
  const [looked, setLooked] = useState<Looked>();
  // What is typed is seen at once; the mat follows.
  const asked = useDeferredValue(looked);
  // What looks for pieces comes when it is asked for first.
  const [finds, setFinds] = useState<typeof import('./find')>();
  const look = () => {
    setLooked((old) => old ?? { typed: '', tags: [] });
    void import('./find').then((m) => setFinds(() => m));
  };
  const pieces = useMemo(
    () => (asked && finds && tray.data ? finds.lookedFor(tray.data, asked) : tray.data),
    [tray.data, asked, finds],
  );
  const { ref, width, height } = useSize();
  const { units } = useSettings();
  const [gone, setGone] = useState<TrayPiece>();
  const [more, setMore] = useState<Asked>();
  const [nearer, setNearer] = useState(0);
  const [top, setTop] = useState(0);
  const [chosen, setChosen] = useState<ReadonlySet<string>>();
  const [tagging, setTagging] = useState<readonly TrayPiece[]>();
  const cache = useQueryClient();
  const restore = useMutation({
    mutationFn: (id: string) => api.restore(id),
    onSuccess: () => cache.invalidateQueries(queries.tray()),
  });
  const fitted = useMemo(() => {
    if (!pieces?.length || !width) return undefined;
    return trayScale(pieces, width - 2, height - 2);
  }, [pieces, width, height]);
  const laid = useMemo(() => {
    if (!pieces || !fitted) return undefined;
    const scale = Math.min(30, Math.max(1.2, fitted * 1.25 ** nearer));
    return { scale, ...layRows(pieces, width - 2, scale) };
  }, [pieces, fitted, nearer, width]);
  const seen = useMemo(() => inSight(laid?.lying ?? [], top, height), [laid, top, height]);
  const toggle = useCallback((id: string) => {
    setChosen((old) => {
      const next = new Set(old);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }, []);
  useKeys('slash', look);
  useKeys(['plus', 'equal', 'add'], () => setNearer((n) => Math.min(8, n + 1)));
  useKeys(['minus', 'subtract'], () => setNearer((n) => Math.max(-4, n - 1)));

  if (tray.error) return <p role="alert">{tray.error.message}</p>;
  if (tray.data?.length === 0) {
    return (
      <Suspense>
        <EmptyTray />
      </Suspense>
    );
  }
  return (
    <div className={looked ? 'tray-page finding' : 'tray-page'}>
      {looked && (
        <Suspense fallback={<div className="tools-row find" />}>
          <Find
            looked={looked}
            pieces={tray.data ?? []}
            found={pieces?.length ?? 0}
            onLook={setLooked}
            onClose={() => setLooked(undefined)}
          />
        </Suspense>
      )}
      <div className="tray-mat" ref={ref} onScroll={(e) => setTop(e.currentTarget.scrollTop)}>
        {!laid && (
          <p role="status">{pieces ? 'Nothing on the tray has all of these.' : 'Laying out the tray …'}</p>
        )}
        {laid && (
          <div style={{ position: 'relative', height: Math.max(laid.height, height - 2) }}>
            <svg width="100%" height="100%" style={{ position: 'absolute' }} aria-hidden="true">
              <Mat
                width={width}
                height={Math.max(laid.height, height)}
                scale={laid.scale}
                originX={0}
                originY={0}
              />
            </svg>
            {seen.map((l) => (
              <OnTray
                key={l.piece.id}
                at={l}
                scale={laid.scale}
                onMore={setMore}
                chosen={chosen?.has(l.piece.id)}
                onChoose={toggle}
              />
            ))}
          </div>
        )}
      </div>
      <footer className="sums">
        <span>
          <b>{pieces?.length ?? ''}</b> {pieces !== tray.data && `of ${tray.data?.length ?? ''} `}pieces
          {laid && `, each square ${matSquare(laid.scale)} mm`}
        </span>
        <span className="scales">
          <Button disabled={nearer <= -4} aria-label="draw smaller" onClick={() => setNearer(nearer - 1)}>
            −
          </Button>
          <Button disabled={nearer >= 8} aria-label="draw larger" onClick={() => setNearer(nearer + 1)}>
            +
          </Button>
          {!looked && <Button onClick={look}>find</Button>}
        </span>
        {sums(pieces ?? []).map(([metal, mm]) => (
          <span key={metal}>
            <b>{wireLength(mm, units)}</b> {words(metal)}
          </span>
        ))}
        {chosen ? (
          <Suspense>
            <Chosen
              ids={(pieces ?? []).map((p) => p.id).filter((id) => chosen.has(id))}
              onDone={() => setChosen(undefined)}
              onTag={() => setTagging((pieces ?? []).filter((p) => chosen.has(p.id)))}
            />
          </Suspense>
        ) : (
          <>
            <Files />
            <Button onClick={() => setChosen(new Set())}>choose several</Button>
            <Button component={Link} to="/tray/bin">
              bin
            </Button>
            <Button component={Link} to="/tray/measure">
              I have one: measure it
            </Button>
            <Button component={Link} to="/tray/new" variant="contained">
              New piece
            </Button>
          </>
        )}
      </footer>
      {more && (
        <Suspense>
          <More
            of={more}
            onClose={() => setMore(undefined)}
            onGone={setGone}
            onTag={() => setTagging([more.piece])}
          />
        </Suspense>
      )}
      {tagging && (
        <Suspense>
          <TagsDialog of={tagging} all={tray.data ?? []} onClose={() => setTagging(undefined)} />
        </Suspense>
      )}
      <Snackbar
        open={Boolean(gone)}
        autoHideDuration={12000}
        onClose={(_, why) => why !== 'clickaway' && setGone(undefined)}
        message={`${gone?.name ?? ''} is off the tray`}
        action={
          <Button
            color="inherit"
            onClick={() => {
              if (gone) restore.mutate(gone.id);
              setGone(undefined);
            }}
          >
            Put it back
          </Button>
        }
      />
    </div>
  );
}

/** Cut length of all pieces, by metal, mm. */
function sums(pieces: readonly TrayPiece[]): [string, number][] {
  const byMetal = new Map<string, number>();
  for (const w of pieces.flatMap((p) => p.totals.wire)) {
    byMetal.set(w.metal, (byMetal.get(w.metal) ?? 0) + w.lengthMm);
  }
  return [...byMetal];
}

const OnTray = memo(function OnTray(props: {
  /** where it lies */
  at: Lying;
  /** px a millimetre */
  scale: number;
  /** called with the button that asks what can be done with it */
  onMore: (of: Asked) => void;
  /** whether it is chosen; undefined while nothing is being chosen */
  chosen: boolean | undefined;
  /** called with its name in the store when it is pressed while choosing */
  onChoose: (id: string) => void;
}) {
  const { at, scale, chosen } = props;
  const { piece, drawn, box } = at;
  const { units } = useSettings();
  const says = piece.wrong
    ? 'cannot be shown'
    : piece.waiting
      ? 'being worked out …'
      : piece.stops
        ? counted(piece.stops, 'stop')
        : piece.minds
          ? counted(piece.minds, 'warning')
          : `${piece.steps} steps`;
  const photograph = useQuery(queries.photographs()).data?.find((p) => p.subject === piece.id);
  return (
    <>
      <Link
        to={`/pieces/${piece.id}/shape`}
        className={chosen ? 'tray-piece chosen' : 'tray-piece'}
        style={{ left: at.left, top: at.top, width: at.width }}
        {...(chosen !== undefined && {
          role: 'checkbox',
          'aria-checked': chosen,
          onClick: (e: MouseEvent) => {
            e.preventDefault();
            props.onChoose(piece.id);
          },
        })}
      >
        <PieceForm
          scene={at.scene}
          parts={piece.parts}
          at={{ scale, x: -box.x * scale, y: (box.y + box.height) * scale }}
          width={drawn.width}
          height={drawn.height}
        />
        {photograph && (
          <img
            className="made"
            src={`/api/photographs/${photograph.number}/picture`}
            alt={`${piece.name}, as it was made`}
          />
        )}
        <strong>{piece.name}</strong>
        {piece.wrong && <span className="stop">{piece.wrong}</span>}
        {!piece.wrong && !piece.waiting && (
          <span>
            {piece.strands > 1
              ? `${piece.wires} wires in ${piece.strands} strands`
              : `cut ${piece.wires > 1 ? `${piece.wires} × ` : ''}${length(piece.cutMm, units, 'up')}`}{' '}
            · {mass(piece.totals.massG)}
          </span>
        )}
        <span className={piece.stops || piece.wrong ? 'stop' : piece.minds ? 'mind' : undefined}>
          {!piece.wrong && !piece.waiting && `${piece.pattern ? 'pattern' : words(piece.purpose)} · `}
          {says}
        </span>
      </Link>
      <Button
        className="tray-more"
        aria-label={`more for ${piece.name}`}
        aria-haspopup="menu"
        style={{ left: at.left + (at.width + 214) / 2 - 34, top: at.top + drawn.height - 2 }}
        onClick={(e) => props.onMore({ piece, anchor: e.currentTarget })}
      >
        ⋯
      </Button>
    </>
  );
});
