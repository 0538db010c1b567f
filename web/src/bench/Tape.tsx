import { memo } from 'react';
import type { Mark, StrandPlan } from '../api/types';
import { useSettings } from '../kit/settings';
import { length, lengthNumber, unitWord } from '../kit/units';
import { shades } from '../wire/metals';
import { useSize } from '../wire/useSize';
import { HatchLine } from './HatchLine';
import { touchable } from './touchable';
import type { Tied } from './tie';

const HEIGHT = 112;
const WIRE_TOP = 50;
const PAD = 10;
/** Room that the zero takes with its unit, px. */
const ZERO_WIDE = 62;
/** Width of a letter at the tape's size, px; a guess on the safe side. */
const LETTER = 8.6;

interface Segment {
  id: string | undefined;
  label: string;
  mm: number;
  from: number;
  to: number;
}

/** The same wire unrolled: elements, marks and a ruler from the squared end. */
export const Tape = memo(function Tape(
  props: Tied & {
    /** colour at a position along the wire, mm; that of its metal without */
    colourAt?: (sMm: number) => string;
    /** stretches to hatch, mm along the wire */
    zones?: StrandPlan['noHammer'];
  },
) {
  const { strand, chosen, pointed, measured = [] } = props;
  const { units } = useSettings();
  const { ref, width } = useSize();
  const scale = Math.max(0, width - 2 * PAD) / strand.cutLengthMm;
  const x = (mm: number) => PAD + mm * scale;
  const segments = strand.tape.map(segment);
  const colours = shades(strand.wire.metal);
  const thick = 15;
  const touched = touchable(segments.map((s) => [x(s.from), x(s.to)] as const));
  return (
    <div ref={ref}>
      <svg
        height={HEIGHT}
        role="group"
        aria-label={`the tape, ${length(strand.cutLengthMm, units, 'up')} of wire`}
      >
        <rect x={x(0)} y={WIRE_TOP} width={strand.cutLengthMm * scale} height={thick} fill={colours.edge} />
        <rect
          x={x(0)}
          y={WIRE_TOP + 1.5}
          width={strand.cutLengthMm * scale}
          height={thick - 3}
          fill={colours.body}
        />
        <rect
          x={x(0)}
          y={WIRE_TOP + 3}
          width={strand.cutLengthMm * scale}
          height={4.5}
          fill={colours.light}
        />
        <rect
          x={x(0)}
          y={WIRE_TOP + 4}
          width={strand.cutLengthMm * scale}
          height={1.6}
          fill={colours.glint}
        />
        {props.colourAt && (
          <Coloured strand={strand} x={x} before={firstAt(segments)} colourAt={props.colourAt} />
        )}
        {props.zones && props.zones.length > 0 && (
          <>
            <pattern
              id="tape-hatch"
              width="8"
              height="8"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <HatchLine size={8} />
            </pattern>
            {merged(props.zones).map((z, i) => (
              <rect
                key={i}
                x={x(firstAt(segments) + z.fromMm)}
                y={WIRE_TOP}
                width={Math.max(0, (z.toMm - z.fromMm) * scale)}
                height={thick}
                fill="url(#tape-hatch)"
              >
                <title>keep the hammer off: {z.because}</title>
              </rect>
            ))}
          </>
        )}
        {segments.map((s, i) => (
          <SegmentView
            key={s.label + s.from}
            segment={s}
            touched={touched[i] ?? [0, 0]}
            x={x(s.from)}
            width={(s.to - s.from) * scale}
            lit={
              s.id !== undefined &&
              (s.id === chosen || s.id === pointed || measured.includes(`${strand.id}.${s.id}`))
            }
            chosen={s.id !== undefined && s.id === chosen}
            tied={props}
          />
        ))}
        <Labels segments={segments} x={x} right={width - PAD} lit={pointed ?? chosen} />
        <Ruler strand={strand} x={x} scale={scale} />
      </svg>
    </div>
  );
});

function segment(part: StrandPlan['tape'][number]): Segment {
  return {
    id: part.element,
    label: part.label,
    mm: part.toMm - part.fromMm,
    from: part.fromMm,
    to: part.toMm,
  };
}

/** Stretches that overlap as one. */
function merged(zones: StrandPlan['noHammer']): StrandPlan['noHammer'] {
  const all: StrandPlan['noHammer'] = [];
  for (const z of [...zones].sort((a, b) => a.fromMm - b.fromMm)) {
    const last = all.at(-1);
    if (!last || z.fromMm > last.toMm) all.push({ ...z });
    else {
      last.toMm = Math.max(last.toMm, z.toMm);
      if (!last.because.includes(z.because)) last.because += `; ${z.because}`;
    }
  }
  return all;
}

/** Where the first element begins on the tape, mm. */
function firstAt(segments: readonly Segment[]): number {
  return segments.find((s) => s.id !== undefined)?.from ?? 0;
}

/** The wire in the colours of what it went through, as far as it reaches now. */
function Coloured(props: {
  /** the strand as planned */
  strand: StrandPlan;
  /** position on the tape to px */
  x: (mm: number) => number;
  /** where the first element begins on the tape, mm */
  before: number;
  colourAt: (sMm: number) => string;
}) {
  const { strand, x, before, colourAt } = props;
  const stations = strand.states.at(-1)?.stations ?? [];
  const [from, to] = [stations[0]?.sMm ?? 0, stations.at(-1)?.sMm ?? 0];
  const count = 240;
  const step = (to - from) / count;
  const parts: { from: number; to: number; colour: string }[] = [];
  for (let i = 0; i < count; i++) {
    const colour = colourAt(from + (i + 0.5) * step);
    const last = parts.at(-1);
    if (last?.colour === colour) last.to = from + (i + 1) * step;
    else parts.push({ from: from + i * step, to: from + (i + 1) * step, colour });
  }
  return (
    <g>
      <rect
        x={x(0)}
        y={WIRE_TOP}
        width={x(strand.cutLengthMm) - x(0)}
        height={15}
        fill="var(--mat)"
        stroke="var(--line-strong)"
      />
      {parts.map((p, i) => (
        <rect
          key={i}
          x={x(before + p.from)}
          y={WIRE_TOP}
          width={x(p.to) - x(p.from) + 0.5}
          height={15}
          fill={p.colour}
        />
      ))}
      <rect
        x={x(before + from)}
        y={WIRE_TOP + 3}
        width={x(to) - x(from)}
        height={2.5}
        fill="#fff"
        opacity={0.3}
      />
      <rect
        x={x(before + from)}
        y={WIRE_TOP}
        width={x(to) - x(from)}
        height={15}
        fill="none"
        stroke="var(--ink)"
        opacity={0.7}
      />
    </g>
  );
}

function SegmentView(props: {
  /** the run of wire */
  segment: Segment;
  /** where it can be touched, px */
  touched: readonly [number, number];
  /** left edge, px */
  x: number;
  /** width, px */
  width: number;
  /** whether it is pointed at or chosen */
  lit: boolean;
  /** whether it is chosen */
  chosen: boolean;
  /** what is told of a touch */
  tied: Tied;
}) {
  const { segment, x, width, lit, tied } = props;
  const [from, to] = props.touched;
  const { units } = useSettings();
  const id = segment.id;
  const line = (
    <path d={`M${x} ${WIRE_TOP - 8}V${WIRE_TOP + 23}`} stroke="var(--ink)" strokeDasharray="3 2" />
  );
  if (id === undefined) {
    return (
      <g>
        <rect x={x} y={WIRE_TOP} width={width} height={15} fill="var(--mat)" opacity={0.55} />
        {line}
      </g>
    );
  }
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={props.chosen}
      aria-label={`${segment.label}, ${length(segment.mm, units)}`}
      data-segment={id}
      style={{ cursor: 'pointer' }}
      onPointerEnter={() => tied.onPoint(id)}
      onPointerLeave={() => tied.onPoint(undefined)}
      onClick={() => tied.onChoose(id)}
      onFocus={() => tied.onPoint(id)}
      onBlur={() => tied.onPoint(undefined)}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          tied.onChoose(id);
        }
      }}
    >
      <rect x={from} y={4} width={to - from} height={72} fill="transparent" />
      {lit && <rect x={x} y={WIRE_TOP - 6} width={width} height={27} fill="var(--touch)" opacity={0.3} />}
      {line}
    </g>
  );
}

/** Names with lengths in two rows; what finds no room goes without its length, else a dot over the wire says that something is there to be pointed at. */
function Labels(props: {
  /** runs to name */
  segments: readonly Segment[];
  /** position along the wire to px */
  x: (mm: number) => number;
  /** right edge, px */
  right: number;
  /** id of the element that must be named */
  lit: string | undefined;
}) {
  const { units } = useSettings();
  const placed: { key: string; text: string; x: number; row: number; lit: boolean }[] = [];
  const wanted = [...props.segments].sort(
    (a, b) => Number(b.id === props.lit) - Number(a.id === props.lit) || a.from - b.from,
  );
  const taken: [number, number, number][] = [];
  const unsaid: { label: string; x: number }[] = [];
  for (const s of wanted) {
    const middle = (props.x(s.from) + props.x(s.to)) / 2;
    const said = [`${s.label} ${lengthNumber(s.mm, units)}`, s.label].some((text) => {
      const half = (text.length * LETTER) / 2;
      const at = Math.min(Math.max(middle, half), props.right - half);
      const row = [1, 0].find((r) =>
        taken.every(([tr, a, b]) => tr !== r || at + half + 6 < a || at - half - 6 > b),
      );
      if (row === undefined) return false;
      taken.push([row, at - half, at + half]);
      placed.push({ key: s.label + s.from, text, x: at, row, lit: s.id !== undefined && s.id === props.lit });
      return true;
    });
    if (!said) unsaid.push({ label: s.label, x: middle });
  }
  return (
    <g pointerEvents="none" fontSize={15} textAnchor="middle">
      {placed.map((p) => (
        <text
          key={p.key}
          x={p.x}
          y={p.row === 0 ? 16 : 36}
          fill={p.lit ? 'var(--touch)' : 'var(--ink)'}
          fontWeight={p.lit ? 700 : 450}
        >
          {p.text}
        </text>
      ))}
      {unsaid.map((u) => (
        <circle key={u.label} cx={u.x} cy={WIRE_TOP - 7} r={2.6} fill="var(--touch)" data-unsaid={u.label} />
      ))}
    </g>
  );
}

/** A ruler from the squared end, with the marks on it. */
function Ruler(props: {
  /** the strand as planned */
  strand: StrandPlan;
  /** position along the wire to px */
  x: (mm: number) => number;
  /** px a millimetre */
  scale: number;
}) {
  const { strand, x, scale } = props;
  const { units } = useSettings();
  const cut = strand.cutLengthMm;
  const fromEnd = strand.marks.some((m) => m.from === 'end');
  const at = (mm: number) => (fromEnd ? x(cut - mm) : x(mm));
  const unit = units === 'mm' ? 1 : 25.4 / 16;
  const named = units === 'mm' ? (scale > 5 ? 10 : scale > 2 ? 20 : 50) : scale > 2.6 ? 8 : 16;
  const top = WIRE_TOP + 24;
  const ticks = Array.from({ length: Math.floor(cut / unit + 1e-9) + 1 }, (_, i) => i);
  const small = scale * unit > 4.2;
  return (
    <g stroke="var(--ink)" fontSize={15} pointerEvents="none">
      <path d={`M${x(0)} ${top}H${x(cut)}`} fill="none" />
      <path
        fill="none"
        d={ticks
          .filter((i) => small || i % (named / 2) === 0)
          .map((i) => `M${at(i * unit)} ${top}v${i % named === 0 ? 10 : i % (named / 2) === 0 ? 7 : 4}`)
          .join('')}
      />
      {ticks
        .filter((i) => i % named === 0 && (i === 0 || i * unit * scale > ZERO_WIDE))
        .map((i) => (
          <text
            key={i}
            x={at(i * unit)}
            y={top + 26}
            stroke="none"
            fill="var(--ink-soft)"
            textAnchor={anchor(at(i * unit), x(0), x(cut))}
          >
            {lengthNumber(i * unit, units).replace('.0', '')}
            {i === 0 ? ` ${unitWord(units)}` : ''}
          </text>
        ))}
      {strand.marks.map((m: Mark) => (
        <path
          key={m.label}
          d={`M${at(m.atMm)} ${top - 1}l-5 9h10z`}
          fill="var(--touch)"
          stroke="none"
          aria-hidden="true"
        />
      ))}
    </g>
  );
}

function anchor(at: number, left: number, right: number): 'start' | 'middle' | 'end' {
  return at - left < 8 ? 'start' : right - at < 8 ? 'end' : 'middle';
}
