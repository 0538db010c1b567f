import { memo, useId } from 'react';
import type { PartDrawn } from '../api/types';
import type { Pane } from './paint';
import { track, type Track } from './ribbon';
import { seen } from './scene';

type Line = PartDrawn['lines'][number];

/** How each kind looks: what fills it, what rims it, how much of what lies under it shows through. */
const LOOKS: Record<PartDrawn['kind'], { fill: string; rim: string; opacity: number }> = {
  stone: { fill: '#56657f', rim: '#a9b7cf', opacity: 0.72 },
  bead: { fill: '#8a5a6b', rim: '#d9afc0', opacity: 0.94 },
  spacer: { fill: '#b9a57a', rim: '#efe2bf', opacity: 0.94 },
  cord: { fill: '#6f5d46', rim: '#8d7a60', opacity: 0.9 },
  finding: { fill: '#9aa3a6', rim: '#dfe5e7', opacity: 0.95 },
  blank: { fill: '#b07a4a', rim: '#e3bd95', opacity: 0.96 },
};

/** What is not wire, in mm with y upwards: under the wires or over them. */
export const Parts = memo(function Parts(props: {
  /** parts as the plan draws them */
  parts: readonly PartDrawn[];
  /** whether those that lie over the wire are drawn, else those under it */
  over: boolean;
  /** angle that the mat is leant back by, rad */
  slant: number;
  /** shades of parts that are coloured, from a high place to a hidden one, by their ids */
  fills?: Readonly<Record<string, readonly string[]>> | undefined;
}) {
  const id = useId();
  const light = { face: `${id}-face`, hollow: `${id}-hollow` };
  const own = props.parts.filter((p) => p.over === props.over);
  return (
    <>
      {own.some((p) => p.kind === 'blank') && <Light light={light} />}
      {own.map((p) => (
        <g key={p.part} data-part={p.kind} opacity={LOOKS[p.kind].opacity}>
          {p.lines.map((line, i) => (
            <Figure
              key={i}
              line={line}
              kind={p.kind}
              slant={props.slant}
              shades={props.fills?.[p.part]}
              light={light}
            />
          ))}
        </g>
      ))}
    </>
  );
});

/** The mat is seen through a hole. */
const THROUGH = 'var(--mat)';

function Figure(props: {
  /** the figure */
  line: Line;
  /** what it is of */
  kind: PartDrawn['kind'];
  /** angle that the mat is leant back by, rad */
  slant: number;
  /** its shades from a high place to a hidden one, where it is coloured */
  shades: readonly string[] | undefined;
  /** ids of the light on a face and in a hollow */
  light: Readonly<Record<'face' | 'hollow', string>>;
}) {
  const { line, kind, slant, shades, light } = props;
  const rim = shades ? (shades[shades.length - 1] ?? '') : LOOKS[kind].rim;
  const shade = shades?.[Math.round(line.recess * (shades.length - 1))];
  const fill = shade ?? LOOKS[kind].fill;
  const d = path(lying(line, kind, slant));
  if (line.strokeMm > 0) {
    return (
      <>
        <path d={d} fill="none" stroke={fill} strokeWidth={line.strokeMm} />
        <path d={d} fill="none" stroke={rim} strokeWidth={line.strokeMm / 4} opacity={0.6} />
      </>
    );
  }
  if (line.face === 'hole') return <path d={`${d}Z`} fill={THROUGH} stroke={rim} strokeWidth={0.12} />;
  return (
    <>
      {(shade ?? line.face === 'solid') && (
        <path
          d={`${d}Z`}
          fill={fill}
          stroke={line.face === 'solid' ? rim : 'none'}
          strokeWidth={0.18}
          strokeLinejoin="round"
        />
      )}
      {kind === 'blank' && (
        <path d={`${d}Z`} fill={`url(#${line.face === 'solid' ? light.face : light.hollow})`} />
      )}
    </>
  );
}

/** Light that falls from the upper left: on sheet, and into what is struck into it. */
function Light(props: {
  /** ids of the two */
  light: Readonly<Record<'face' | 'hollow', string>>;
}) {
  return (
    <defs>
      <linearGradient id={props.light.face} x1="0" y1="1" x2="1" y2="0">
        <stop offset="0" stopColor="#fff" stopOpacity="0.28" />
        <stop offset="0.45" stopColor="#fff" stopOpacity="0" />
        <stop offset="1" stopColor="#000" stopOpacity="0.24" />
      </linearGradient>
      <linearGradient id={props.light.hollow} x1="0" y1="1" x2="1" y2="0">
        <stop offset="0.1" stopColor="#000" stopOpacity="0.26" />
        <stop offset="0.55" stopColor="#000" stopOpacity="0" />
        <stop offset="0.9" stopColor="#fff" stopOpacity="0.3" />
      </linearGradient>
    </defs>
  );
}

/** As it is seen: what lies flat is leant back with the mat; a bead is round from every side. */
function lying(line: Line, kind: PartDrawn['kind'], slant: number): readonly (readonly number[])[] {
  if (!slant) return line.points;
  if (kind !== 'bead' && kind !== 'spacer') return line.points.map((p) => seen(p, slant));
  const middle = [0, 1, 2].map(
    (a) => line.points.reduce((sum, p) => sum + (p[a] ?? 0), 0) / line.points.length,
  );
  const [x = 0, y = 0] = seen(middle, slant);
  return line.points.map(([px = 0, py = 0]) => [x + px - (middle[0] ?? 0), y + py - (middle[1] ?? 0)]);
}

function path(points: readonly (readonly number[])[]): string {
  return points.map(([x = 0, y = 0], i) => `${i ? 'L' : 'M'}${x.toFixed(3)} ${y.toFixed(3)}`).join('');
}

/** Stones that lie among wires that rise, to be drawn with them: all faces of one lie as high as the lowest of them. */
export function panes(parts: readonly PartDrawn[], slant: number): Pane[] {
  return parts
    .filter((p) => p.kind === 'stone')
    .flatMap((p) => {
      const heights = p.lines.flatMap((line) => line.points.map((q) => q[2] ?? 0));
      const zMm = heights.reduce((least, z) => Math.min(least, z), Infinity);
      return p.lines.map((line) => ({ points: lying(line, p.kind, slant), zMm, slant, ...LOOKS.stone }));
    });
}

/** The same as tracks: what has to be in sight. */
export function partTracks(parts: readonly PartDrawn[], slant: number): Track[] {
  return parts.flatMap((p) =>
    p.lines.map((line) =>
      track(
        lying(line, p.kind, slant).map((q) => [...q]),
        line.points.map(() => line.strokeMm),
      ),
    ),
  );
}
