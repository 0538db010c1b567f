import './trace.css';
import Button from '@mui/material/Button';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { api, reason, Refused } from '../../api/client';
import type { TracedStone } from '../../api/types';
import { Dialog } from '../../kit/later';
import { LengthField } from '../../kit/LengthField';
import { NumberField } from '../../kit/NumberField';
import { Row } from '../../kit/Row';
import { useSettings } from '../../kit/settings';
import { length } from '../../kit/units';
import { along, turned, type Place } from './curve';

const SIDE = 480;
const NUDGE_MM = 0.1;
const NUDGES: Record<string, Place> = {
  ArrowLeft: [-NUDGE_MM, 0],
  ArrowRight: [NUDGE_MM, 0],
  ArrowUp: [0, NUDGE_MM],
  ArrowDown: [0, -NUDGE_MM],
};

/** The outline of a stone from a photograph on the stone sheet: found, laid over the photograph, mended by hand. */
export function TraceStone(props: {
  /** called with the outline: across and up, mm, about its middle; and the photograph laid flat */
  onTake: (points: number[][], picture: string) => void;
  /** called when the dialog is left */
  onClose: () => void;
}) {
  const { units } = useSettings();
  const [girdleMm, setGirdleMm] = useState(2);
  const [picture, setPicture] = useState<Blob>();
  const [points, setPoints] = useState<Place[]>([]);
  const [turnDeg, setTurnDeg] = useState(0);
  const file = useRef<HTMLInputElement>(null);
  const trace = useMutation({
    mutationFn: (ask: { of: Blob; girdleMm: number }) => api.trace(ask.of, ask.girdleMm),
    onSuccess: (traced) => {
      setPoints(traced.points.map(([x = 0, y = 0]) => [x, y]));
      setTurnDeg(Math.round(traced.uprightDeg));
    },
  });
  const look = (of: Blob | undefined, at = girdleMm) => {
    setPicture(of);
    if (of) trace.mutate({ of, girdleMm: at });
  };
  const photograph = useMutation({ mutationFn: api.photograph, onSuccess: (of) => look(of) });
  const lying = points.map((p) => turned(p, turnDeg));
  const busy = trace.isPending || photograph.isPending;
  const traced = trace.data;
  const wrong = trace.error ?? photograph.error;
  return (
    <Dialog
      open
      onClose={props.onClose}
      // Keys are for what is in the dialog, not for the station behind it.
      onKeyDown={(e) => e.key !== 'Escape' && e.stopPropagation()}
      maxWidth="md"
      fullWidth
      aria-labelledby="trace-title"
    >
      <DialogTitle id="trace-title">Trace a stone from a photograph</DialogTitle>
      <DialogContent>
        <div className="trace">
          <div className="trace-picture" aria-busy={busy}>
            {traced ? (
              <Mended traced={traced} points={points} turnDeg={turnDeg} onChange={setPoints} />
            ) : (
              <ol className="trace-how">
                <li>
                  <a
                    href={`/api/sheets/stone-sheet?paper=${units === 'mm' ? 'a4' : 'letter'}`}
                    target="_blank"
                    rel="noreferrer"
                  >
                    Print the stone sheet
                  </a>{' '}
                  at full size.
                </li>
                <li>Lay the stone on it, back down, within the dots.</li>
                <li>Photograph it from straight above, all dots in the picture.</li>
              </ol>
            )}
            {busy && <p role="status">Looking for the stone …</p>}
          </div>
          <div>
            <div className="tools-row">
              <Button variant="contained" disabled={busy} onClick={() => file.current?.click()}>
                Choose a photograph
              </Button>
              <Button disabled={busy} onClick={() => photograph.mutate()}>
                simulated camera
              </Button>
            </div>
            <input
              ref={file}
              hidden
              type="file"
              accept="image/jpeg,image/png"
              aria-label="photograph of the stone"
              onChange={(e) => look(e.target.files?.[0])}
            />
            <dl className="rows">
              <LengthField
                label="widest above the sheet by"
                mm={girdleMm}
                onChange={(mm) => {
                  setGirdleMm(mm);
                  look(picture, mm);
                  return Promise.resolve(true);
                }}
              />
              {traced && (
                <>
                  <NumberField
                    label="turned to the left by"
                    value={turnDeg}
                    unit="°"
                    step={1}
                    onChange={(deg) => {
                      setTurnDeg(deg);
                      return Promise.resolve(true);
                    }}
                  />
                  <Row label="high" value={length(reach(lying, 1), units)} />
                  <Row label="wide" value={length(reach(lying, 0), units)} />
                  <Row label="round" value={length(traced.girthMm, units)} />
                  <Row label="photographed at a slant of" value={`${Math.round(traced.tiltDeg)}°`} />
                  <Row label="may be off by" value={length(traced.uncertaintyMm, units)} />
                </>
              )}
            </dl>
            {wrong && <p className="wrong">{said(wrong)}</p>}
            {traced && !wrong && (
              <p className="why">
                Where the line leaves the stone, drag a point of it; arrow keys move it by a tenth of a
                millimetre.
              </p>
            )}
          </div>
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={props.onClose}>Close</Button>
        <Button
          variant="contained"
          disabled={!traced || busy || Boolean(wrong)}
          onClick={() => {
            if (traced) props.onTake(centred(lying), traced.picture);
            props.onClose();
          }}
        >
          Take this outline
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** What was found, and what a photograph must be instead. */
function said(wrong: Error): string {
  const found = wrong instanceof Refused ? wrong.problem.violations : [];
  return found.length > 0
    ? found.map((v) => `${v.value}: the photograph ${v.limit}`).join('; ')
    : reason(wrong);
}

/** How far places reach across or up, mm. */
function reach(places: readonly Place[], axis: 0 | 1): number {
  const all = places.map((p) => p[axis]);
  return Math.max(...all) - Math.min(...all);
}

/** Places about their own middle, to a hundredth of a millimetre. */
function centred(places: readonly Place[]): number[][] {
  const middle = [0, 1].map((axis) => {
    const all = places.map((p) => p[axis as 0 | 1]);
    return (Math.max(...all) + Math.min(...all)) / 2;
  });
  return places.map((p) => p.map((v, axis) => Math.round(100 * (v - (middle[axis] ?? 0))) / 100));
}

/** The photograph with the outline over it, its points to be moved. */
function Mended(props: {
  /** what was found */
  traced: TracedStone;
  /** the outline as it is by now, mm */
  points: Place[];
  /** how far it is shown turned to the left, degrees */
  turnDeg: number;
  /** called with it changed */
  onChange: (points: Place[]) => void;
}) {
  const { traced, points, turnDeg, onChange } = props;
  const [held, setHeld] = useState<number>();
  const half = traced.halfMm;
  const put = (index: number, at: Place) => onChange(points.map((p, i) => (i === index ? at : p)));
  const drag = (e: PointerEvent<SVGSVGElement>) => {
    if (held === undefined) return;
    const box = e.currentTarget.getBoundingClientRect();
    const at: Place = [
      ((e.clientX - box.left) / box.width) * 2 * half - half,
      half - ((e.clientY - box.top) / box.height) * 2 * half,
    ];
    put(held, turned(at, -turnDeg));
  };
  const nudge = (e: KeyboardEvent, index: number) => {
    const by = NUDGES[e.key];
    const at = points[index];
    if (!by || !at) return;
    e.preventDefault();
    const on = turned(by, -turnDeg);
    put(index, [at[0] + on[0], at[1] + on[1]]);
  };
  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      width={SIDE}
      height={SIDE}
      role="group"
      aria-label="the stone with its outline"
      onPointerMove={drag}
      onPointerUp={() => setHeld(undefined)}
      onPointerLeave={() => setHeld(undefined)}
    >
      <g transform={`rotate(${-turnDeg})`}>
        <image href={traced.picture} x={-half} y={-half} width={2 * half} height={2 * half} />
        <g transform="scale(1 -1)">
          <path d={along(points)} fill="none" stroke="#fff" strokeWidth={half / 90} />
          <path d={along(points)} fill="none" stroke="#b3261e" strokeWidth={half / 160} />
          {points.map(([x, y], i) => (
            <circle
              key={i}
              className="trace-point"
              cx={x}
              cy={y}
              r={half / 55}
              strokeWidth={half / 200}
              tabIndex={0}
              role="button"
              aria-label={`point ${i + 1} of ${points.length}`}
              onPointerDown={(e) => {
                e.preventDefault();
                setHeld(i);
              }}
              onKeyDown={(e) => nudge(e, i)}
            />
          ))}
        </g>
      </g>
    </svg>
  );
}
