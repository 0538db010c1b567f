import Slider from '@mui/material/Slider';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { memo, useEffect, useMemo, useState } from 'react';
import { api } from '../../api/client';
import type { Piece, Strand, StrandPlan, Thinning, Work } from '../../api/types';
import { useBench } from '../../bench/bench';
import { thicknessOf } from '../../kit/section';
import { useSettings } from '../../kit/settings';
import { thickness, words, type Units } from '../../kit/units';
import { stationOf } from './stationOf';
import { shades } from '../../wire/metals';
import { useSize } from '../../wire/useSize';
import { freeWork, withoutWork, withWork } from '../../bench/work';

type Face = Extract<Work, { op: 'flatten' }>['with'];

/** The flattening of one element alone, if there is one. */
export function flatteningOf(piece: Piece, strand: Strand, element: string) {
  return piece.work.find(
    (w): w is Extract<Work, { op: 'flatten' }> =>
      w.op === 'flatten' &&
      (w.strand === '' || w.strand === strand.id) &&
      w.elements.length === 1 &&
      w.elements[0] === element,
  );
}

/** An element pulled to a thickness: the section as it becomes, where it holds from and where to mind, and what a pull changes. */
export const ThicknessPull = memo(function ThicknessPull(props: {
  /** index of the strand */
  index: number;
  /** id of the element */
  element: string;
  /** the face that strikes it */
  face: Face;
  /** whether such a tool is owned */
  owned: boolean;
  /** the strand as it is shown */
  planned: StrandPlan;
  /** called with the piece as it becomes while it is pulled, and with nothing once that is kept */
  onPull: (becoming: Piece | undefined) => void;
}) {
  const { index, element, face, planned } = props;
  const { piece, change } = useBench();
  const { units } = useSettings();
  const { ref, width } = useSize();
  const [held, setHeld] = useState<number>();
  const [released, setReleased] = useState(false);
  const strand = piece.strands[index] as Strand;
  const done = flatteningOf(piece, strand, element);
  // The rungs do not depend on how far it is flattened now.
  const half = Math.round(thicknessOf(strand.wire.section) * 60) / 100;
  const doneId = done?.id;
  const base = useMemo(
    () => (doneId ? withWork(piece, doneId, { toMm: half }) : piece),
    [piece, doneId, half],
  );
  const baseKey = useMemo(() => JSON.stringify(base), [base]);
  const rungs = useQuery({
    queryKey: ['thinning', baseKey, strand.id, element, face],
    queryFn: ({ signal }) =>
      api.thinning({ piece: base, strand: strand.id ?? '', element, with: face }, signal),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 20_000,
  });
  const scale = rungs.data;
  // What was let go stays on show until the plan on show has it.
  const shown = done?.toMm ?? scale?.fromMm;
  const arrived = released && held !== undefined && shown !== undefined && Math.abs(shown - held) < 0.005;
  const { onPull } = props;
  useEffect(() => {
    if (!arrived) return;
    const drawn = setTimeout(() => {
      setHeld(undefined);
      onPull(undefined);
    });
    return () => clearTimeout(drawn);
  }, [arrived, onPull]);
  if (!scale) return <div ref={ref} aria-busy="true" />;
  const least = scale.rungs.at(-1)?.toMm ?? scale.fromMm;
  const now = held ?? shown ?? scale.fromMm;
  const thick = (by: number) => Math.round((scale.fromMm - by) * 100) / 100;
  const pull = (by: number) => {
    const toMm = thick(by);
    setHeld(toMm);
    setReleased(false);
    props.onPull(flattened(piece, strand, element, face, toMm, scale));
  };
  const letGo = (by: number) => {
    const toMm = thick(by);
    setReleased(true);
    const taken = change((p) => flattened(p, strand, element, face, toMm, scale));
    void taken.then((isTaken) => {
      if (isTaken) return;
      setHeld(undefined);
      onPull(undefined);
    });
  };
  const as = stationOf(planned, element);
  const bought = thicknessOf(planned.wire.section);
  const loaded = planned.elements.some((e) => e.id === element && e.wantsN !== undefined);
  const x = (mm: number) => 8 + ((scale.fromMm - mm) / (scale.fromMm - least)) * (width - 16);
  return (
    <section className="pull" ref={ref} aria-label="pull to a thickness">
      <div className="pull-head">
        <SectionView
          high={as?.thicknessMm ?? scale.fromMm}
          wide={as?.widthMm ?? scale.fromMm}
          fromMm={bought}
          metal={planned.wire.metal}
        />
        <span>
          <b data-testid="pulled">{thickness(now, units)}</b>{' '}
          {now < scale.fromMm && as
            ? `thick, ${thickness(as.widthMm, units)} wide`
            : `thick, as ${scale.fromMm < bought - 0.005 ? 'other work leaves it' : 'bought'}: pull to the right`}
        </span>
      </div>
      <Slider
        aria-label="flatten by"
        getAriaValueText={(by) => `to ${thickness(thick(by), units)}`}
        min={0}
        max={Math.round((scale.fromMm - least) * 100) / 100}
        step={0.01}
        value={Math.max(0, Math.round((scale.fromMm - now) * 100) / 100)}
        onChange={(_, by) => pull(by as number)}
        onChangeCommitted={(_, by) => letGo(by as number)}
      />
      {width > 0 && (
        <svg
          width={width}
          height={scale.holdsFromMm === undefined && scale.mindsFromMm === undefined && !loaded ? 8 : 46}
          role="img"
          aria-label={sentence(scale, units)}
        >
          {scale.rungs.slice(1).map((r) => (
            <path key={r.toMm} d={`M${x(r.toMm)} 0v5`} stroke="var(--line-strong)" />
          ))}
          <Marked at={scale.holdsFromMm} x={x} width={width} y={18} word="holds at" />
          <Marked at={scale.mindsFromMm} x={x} width={width} y={38} word="warning from" />
          {scale.holdsFromMm === undefined && loaded && (
            <text x={8} y={38} fontSize={15} fill="var(--ink-soft)">
              no thickness holds what is needed
            </text>
          )}
        </svg>
      )}
      <p className="why">
        {!props.owned && `There is no ${words(face)} among your tools. `}
        {face === 'cross-hammer'
          ? 'A cross face drives the metal along the wire.'
          : face === 'ball-hammer'
            ? 'A ball spreads to all sides and leaves dimples.'
            : face === 'flat-hammer'
              ? 'Flat face: keep its edge off the wire.'
              : 'Domed face: light taps, working from one place outward.'}
      </p>
    </section>
  );
});

function flattened(
  piece: Piece,
  strand: Strand,
  element: string,
  face: Face,
  toMm: number,
  scale: Thinning,
): Piece {
  const done = flatteningOf(piece, strand, element);
  if (toMm > scale.fromMm - 0.005) return done?.id ? withoutWork(piece, done.id) : piece;
  if (done?.id) return withWork(piece, done.id, { toMm, with: face });
  const fresh: Work = {
    op: 'flatten',
    id: freeWork(piece, 'flatten'),
    strand: strand.id ?? '',
    elements: [element],
    toMm,
    with: face,
    face: 'smooth',
    after: 'forming',
  };
  return { ...piece, work: [...piece.work, fresh] };
}

/** A place on the scale in words. */
function Marked(props: {
  /** thickness, mm */
  at: number | undefined;
  /** thickness to px */
  x: (mm: number) => number;
  /** width of the scale, px */
  width: number;
  /** where the words stand, px */
  y: number;
  /** what begins there */
  word: string;
}) {
  const { units } = useSettings();
  if (props.at === undefined) return null;
  const x = props.x(props.at);
  return (
    <g fontSize={15} fill="var(--ink)">
      <path d={`M${x} 0V${props.y - 12}`} stroke="var(--ink)" strokeWidth={2.5} />
      <text x={Math.min(Math.max(x, 66), props.width - 70)} y={props.y + 4} textAnchor="middle">
        {props.word} {thickness(props.at, units)}
      </text>
    </g>
  );
}

/** The section before in outline, and as it is now. */
function SectionView(props: {
  /** thickness now, mm */
  high: number;
  /** width now, mm */
  wide: number;
  /** thickness before, mm */
  fromMm: number;
  /** what it is made of */
  metal: StrandPlan['wire']['metal'];
}) {
  const { high, wide, fromMm } = props;
  const colours = shades(props.metal);
  const size = fromMm * 1.9;
  return (
    <svg
      className="section"
      viewBox={`${-size / 2} ${-fromMm * 0.6} ${size} ${fromMm * 1.2}`}
      aria-hidden="true"
    >
      <rect
        x={-wide / 2}
        y={-high / 2}
        width={wide}
        height={high}
        rx={high / 2}
        fill={colours.body}
        stroke={colours.edge}
        strokeWidth={fromMm * 0.04}
      />
      <circle
        r={fromMm / 2}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={fromMm * 0.03}
        strokeDasharray={fromMm * 0.1}
      />
    </svg>
  );
}

function sentence(scale: Thinning, units: Units): string {
  const holds =
    scale.holdsFromMm === undefined
      ? ''
      : `holds what is needed from ${thickness(scale.holdsFromMm, units)}; `;
  const minds =
    scale.mindsFromMm === undefined ? '' : `warning from ${thickness(scale.mindsFromMm, units)}; `;
  return `${holds}${minds}from ${thickness(scale.fromMm, units)} to ${thickness(scale.rungs.at(-1)?.toMm ?? 0, units)}`;
}
