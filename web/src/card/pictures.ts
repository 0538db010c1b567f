import type { ChainPlan, PartDrawn, Plan, Step, StrandPlan } from '../api/types';
import { leans, linkAt } from '../wire/chain';
import type { Point } from '../wire/ribbon';
import { sceneBox, sceneOf, type MetalWire } from '../wire/scene';
import { type Assembly, assemblyAt, moved, moveOf, partsOf, reached, spoken } from './assembly';

/** A mark on a straight wire. */
export interface Tick {
  /** from the left end, mm */
  x: number;
  /** what stands at it, mm */
  mm: number;
}

/** How metal looks that was not shaped but treated. */
export type Tone = 'plain' | 'dull' | 'bright' | 'dark' | 'worn';

/** One of the two pictures of a step. */
export interface Picture {
  /** what it shows, in a word or two */
  says: string;
  wires: MetalWire[];
  /** what is not wire */
  parts: PartDrawn[];
  ticks: Tick[];
  tone: Tone;
  /** strain along the wire at each position, where only that has changed */
  strained?: { sMm: number; strain: number }[];
  /** greatest strain of both pictures */
  most?: number;
  /** whether only the outline is drawn */
  outline?: boolean;
  /** angle that the mat is leant back by, rad; as the form asks for without */
  slant?: number;
  /** the part of the drawing that fills the picture, mm; all of it without */
  focus?: Box;
}

/** A part of a drawing, mm. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

const SHOWN_MM = 120;
const SPOOL_RADIUS_MM = 38;
const LAID_MM = 4;
const MOST_LAID = 8;
const SOME_LINKS = 4;

function plain(says: string, wires: MetalWire[], more: Partial<Picture> = {}): Picture {
  return { says, wires, parts: [], ticks: [], tone: 'plain', ...more };
}

function wire(
  strand: StrandPlan,
  points: readonly (readonly [number, number])[],
  widths?: number[],
): MetalWire {
  const t = thick(strand);
  let s = 0;
  const outline: Point[] = points.map(([x, y], i) => {
    const [px, py] = points[i - 1] ?? [x, y];
    s += Math.hypot(x - px, y - py);
    return [x, y, 0, s];
  });
  return { metal: strand.wire.metal, outline, widths: widths ?? points.map(() => t), crossings: [] };
}

function thick(strand: StrandPlan): number {
  const section = strand.wire.section;
  return 'diameterMm' in section
    ? section.diameterMm
    : 'sideMm' in section
      ? section.sideMm
      : section.thicknessMm;
}

/** Straight wire. */
export function straight(strand: StrandPlan, lengthMm: number, y = 0): MetalWire {
  const steps = 8;
  return wire(
    strand,
    Array.from({ length: steps + 1 }, (_, i) => [(lengthMm * i) / steps, y] as const),
  );
}

/** Wire as it comes off the spool: a flat arc. */
export function fromSpool(strand: StrandPlan, lengthMm: number): MetalWire {
  const steps = 48;
  return wire(
    strand,
    Array.from({ length: steps + 1 }, (_, i) => {
      const a = ((lengthMm / SPOOL_RADIUS_MM) * (i - steps / 2)) / steps + Math.PI / 2;
      return [SPOOL_RADIUS_MM * Math.cos(a), SPOOL_RADIUS_MM * Math.sin(a)] as const;
    }).reverse(),
  );
}

/** A wire's end close up, in thicknesses of the wire: its width at so many places before the tip. */
export const ENDS = {
  pinched: [
    [2.2, 1],
    [0.9, 1],
    [0.45, 0.6],
    [0, 0.12],
  ],
  flush: [
    [2.2, 1],
    [0, 1],
  ],
  burr: [
    [2.2, 1],
    [0.14, 1],
    [0.12, 1.16],
    [0, 1.16],
  ],
  filed: [
    [2.2, 1],
    [0.16, 1],
    [0.05, 0.93],
    [0, 0.8],
  ],
  sloped: [
    [2.2, 1],
    [1.3, 1],
    [0, 0.35],
  ],
  rounded: [
    [2.2, 1],
    [0.5, 1],
    [0.38, 0.97],
    [0.22, 0.83],
    [0.1, 0.6],
    [0.03, 0.34],
    [0, 0.1],
  ],
} as const;

/** The end of a wire, close up. */
export function end(strand: StrandPlan, kind: keyof typeof ENDS): MetalWire {
  const t = thick(strand);
  const at = ENDS[kind];
  return wire(
    strand,
    at.map(([before]) => [-before * t, 0] as const),
    at.map(([, width]) => width * t),
  );
}

/** The wire after one of its states; of pairs the second beside it. */
export function stateOf(strand: StrandPlan, index: number): MetalWire[] {
  const state = strand.states[index] ?? strand.states.at(-1);
  if (!state) return [];
  const last = state.index === strand.states.length - 1;
  const one: MetalWire = {
    metal: strand.wire.metal,
    outline: state.outline,
    widths: state.stations.map((p) => p.drawnMm),
    crossings: last ? strand.crossings : [],
  };
  if (strand.pair === 'none') return [one];
  const xs = state.outline.map((p) => p[0] ?? 0);
  const [least, most] = [Math.min(...xs), Math.max(...xs)];
  const apart = 4 + thick(strand);
  const beside = state.outline.map((p) => [
    strand.pair === 'mirrored' ? 2 * most + apart - (p[0] ?? 0) : (p[0] ?? 0) + most - least + apart,
    ...p.slice(1),
  ]);
  return [one, { ...one, outline: beside, crossings: strand.pair === 'mirrored' ? [] : one.crossings }];
}

function finished(plan: Plan): MetalWire[] {
  return plan.strands.flatMap((s) => stateOf(s, s.states.length - 1));
}

function same(a: readonly number[][], b: readonly number[][]): boolean {
  return (
    a.length === b.length &&
    a.every((p, i) => Math.hypot((p[0] ?? 0) - (b[i]?.[0] ?? 0), (p[1] ?? 0) - (b[i]?.[1] ?? 0)) < 0.01)
  );
}

function sameWidths(strand: StrandPlan, before: number, after: number): boolean {
  const [a, b] = [strand.states[before]?.stations ?? [], strand.states[after]?.stations ?? []];
  return a.length === b.length && a.every((p, i) => Math.abs(p.drawnMm - (b[i]?.drawnMm ?? 0)) < 0.005);
}

/** The drawing turned by an angle, rad. */
export function turned(of: MetalWire, angle: number): MetalWire {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return {
    ...of,
    outline: of.outline.map(([x = 0, y = 0, ...rest]) => [c * x - s * y, s * x + c * y, ...rest]),
  };
}

/** Bounds of what lies between two positions along the wire, mm. */
function between(of: Pick<MetalWire, 'outline' | 'widths'>, fromMm: number, toMm: number): Box | undefined {
  const points = of.outline.filter((p) => (p[3] ?? 0) >= fromMm - 1e-6 && (p[3] ?? 0) <= toMm + 1e-6);
  if (points.length < 2) return undefined;
  const [xs, ys] = [points.map((p) => p[0] ?? 0), points.map((p) => p[1] ?? 0)];
  const wide = Math.max(...of.widths);
  const [x, y] = [Math.min(...xs) - wide / 2, Math.min(...ys) - wide / 2];
  return { x, y, width: Math.max(...xs) - x + wide / 2, height: Math.max(...ys) - y + wide / 2 };
}

/** The second of a pair below the first: its mirror image, or the same again. */
function below(of: MetalWire, box: Box, mirrored: boolean, wide: number): { wire: MetalWire; box: Box } {
  const apart = Math.max(3, wide + 2);
  const put = (y: number) => (mirrored ? 2 * box.y - apart - y : y - box.height - apart);
  return {
    wire: {
      ...of,
      outline: of.outline.map(([x = 0, y = 0, ...rest]) => [x, put(y), ...rest]),
      crossings: mirrored ? [] : of.crossings,
    },
    box: { ...box, y: box.y - box.height - apart, height: 2 * box.height + apart },
  };
}

const SMALL = 0.42;
/** Room about a whole form, as a share of its size. */
const MARGIN = 0.06;

/** The stretch of a wire that a step changes, with its name: one element, or from the first to the last where it forms several. */
function changed(strand: StrandPlan, step: Step) {
  const formed = strand.elements.filter(
    (e) => e.id === step.element || step.about.includes(`${strand.id}.${e.id}`),
  );
  const [first, last] = [formed[0], formed.at(-1)];
  if (!step.element || !first || !last) return undefined;
  const label = first === last ? first.label : `${first.label} to the ${last.label}`;
  return { fromMm: first.fromMm, toMm: last.toMm, label };
}

/**
 * A step that changes a small part of a long wire is shown close up: both pictures turned so that the part lies level before.
 * Undefined where the whole form shows it as well, or stands up out of the plane.
 */
function closeUp(
  strand: StrandPlan,
  step: Step,
  before: number,
  after: number,
): [Picture, Picture] | undefined {
  const e = changed(strand, step);
  const [a, b] = [before, after].map((i) => stateOf(strand, i)[0]);
  if (
    !e ||
    !a ||
    !b ||
    [a, b].some((w) => w.outline.some((p) => Math.abs((p[2] ?? 0) - (w.outline[0]?.[2] ?? 0)) > 0.3))
  )
    return undefined;
  const at = a.outline.filter((p) => (p[3] ?? 0) >= e.fromMm - 1e-6 && (p[3] ?? 0) <= e.toMm + 1e-6);
  const [first, last] = [at[0], at.at(-1)];
  if (!first || !last || at.length < 2) return undefined;
  const angle = -Math.atan2((last[1] ?? 0) - (first[1] ?? 0), (last[0] ?? 0) - (first[0] ?? 0));
  const wide = thick(strand);
  const pictures = [a, b].map((w) => {
    const level = turned(w, angle);
    const box = between(level, e.fromMm, e.toMm);
    const whole = between(level, -Infinity, Infinity);
    if (!box || !whole) return undefined;
    if (strand.pair === 'none') return { wires: [level], box, whole };
    const second = below(level, box, strand.pair === 'mirrored', wide);
    return { wires: [level, second.wire], box: second.box, whole };
  });
  const [was, done] = pictures;
  if (!was || !done) return undefined;
  if (done.box.width > SMALL * done.whole.width && was.box.width > SMALL * was.whole.width) return undefined;
  const of = strand.count > 1 ? (strand.pair === 'none' ? `, one of ${strand.count}` : ', a pair') : '';
  const grown = (box: Box): Box => {
    const margin = 0.12 * Math.max(box.width, box.height) + 2 * wide;
    return {
      x: box.x - margin,
      y: box.y - margin,
      width: box.width + 2 * margin,
      height: box.height + 2 * margin,
    };
  };
  return [
    plain(`before: the ${e.label}${of}`, was.wires, { focus: grown(was.box) }),
    plain(`after: the ${e.label}${of}`, done.wires, { focus: grown(done.box) }),
  ];
}

function ofStates(strand: StrandPlan, step: Step, before: number): [Picture, Picture] {
  const after = step.state ?? strand.states.length - 1;
  const close = closeUp(strand, step, before, after);
  if (close) return close;
  const [a, b] = [strand.states[before], strand.states[after]];
  const only = strand.count > 1 ? (strand.pair === 'none' ? `, one of ${strand.count}` : ', a pair') : '';
  const pictures: [Picture, Picture] = [
    plain(`before${only}`, stateOf(strand, before)),
    plain(`after${only}`, stateOf(strand, after)),
  ];
  if (a && b && same(a.outline, b.outline) && sameWidths(strand, before, after)) {
    // What only brings back what has come open is held against the form that it has to have.
    if (b.stations.every((p, i) => p.strain === a.stations[i]?.strain)) {
      return [
        plain('the template', stateOf(strand, after), { outline: true }),
        plain('the piece on it', stateOf(strand, after)),
      ];
    }
    const most = Math.max(0.05, ...b.stations.map((p) => p.strain));
    pictures[0].strained = a.stations;
    pictures[1].strained = b.stations;
    pictures.forEach((p) => (p.most = most));
    pictures[0].says = `before, ${hardest(a.stations)} HV`;
    pictures[1].says = `after, ${hardest(b.stations)} HV: harder, the shape stays`;
  }
  return pictures;
}

function hardest(stations: readonly { hardnessHv: number }[]): number {
  return Math.round(Math.max(0, ...stations.map((p) => p.hardnessHv)));
}

function laid(step: Step, plan: Plan, strand: StrandPlan): MetalWire[] {
  const strands =
    step.each.length > 0 ? step.each.map((e) => plan.strands.find((s) => s.id === e.strand)) : [strand];
  const wires = strands.flatMap((s) => (s ? Array.from({ length: s.count }, () => s) : []));
  return wires.slice(0, MOST_LAID).map((s, i) => straight(s, s.cutLengthMm, -i * (LAID_MM + thick(s))));
}

function ticks(strand: StrandPlan): Tick[] {
  return strand.marks
    .map((m) => ({
      x:
        m.from === 'end'
          ? strand.cutLengthMm - m.atMm
          : m.from === 'middle'
            ? strand.cutLengthMm / 2 + m.atMm
            : m.atMm,
      mm: m.atMm,
    }))
    .sort((a, b) => a.x - b.x);
}

function dressed(strand: StrandPlan): keyof typeof ENDS {
  const kinds = [strand.elements[0]?.kind, strand.elements.at(-1)?.kind];
  return kinds.includes('curl') ? 'sloped' : kinds.includes('paddle') ? 'rounded' : 'filed';
}

/** How far to the left what is not joined yet lies of its place, mm. */
const APART_MM = 6;

/** Parts that a step speaks of, in their places or to the left of them. */
function spokenOf(plan: Plan, step: Step, apart: boolean): PartDrawn[] {
  return plan.parts
    .filter((p) => step.about.includes(p.part))
    .map((p) => (apart ? shifted(p, -(widthOf(p) + APART_MM)) : p));
}

function widthOf(part: PartDrawn): number {
  const xs = part.lines.flatMap((l) => l.points.map(([x = 0]) => x));
  return Math.max(...xs) - Math.min(...xs);
}

function shifted(part: PartDrawn, by: number): PartDrawn {
  return carried(part, ([x = 0, y = 0, z = 0]) => [x + by, y, z]);
}

function carried(part: PartDrawn, to: (point: Point) => Point): PartDrawn {
  return { ...part, lines: part.lines.map((l) => ({ ...l, points: l.points.map((p) => [...to(p)]) })) };
}

/** Steps after which something sits on its wire. */
const PUTS: Step['kind'][] = ['thread', 'put-in', 'hang'];

/** What sits on a strand by then, carried along with the wire that it sits on. */
function sitting(plan: Plan, steps: readonly Step[], until: number, strand: StrandPlan, state: number) {
  const put = steps.slice(0, until).filter((s) => PUTS.includes(s.kind));
  return plan.parts
    .filter((p) => p.on.startsWith(`${strand.id}.`) && put.some((s) => s.about.includes(p.part)))
    .map((p) => along(p, strand, state));
}

/** A part as it lies on the wire of a state: turned and moved with the ends of what it sits on. */
export function along(part: PartDrawn, strand: StrandPlan, state: number): PartDrawn {
  const seat = strand.elements.find((e) => `${strand.id}.${e.id}` === part.on);
  const now = strand.states.find((s) => s.index === state)?.outline;
  if (!seat || !now) return part;
  const [a, b] = endsOf(strand.outline, seat.fromMm, seat.toMm);
  const [c, d] = endsOf(now, seat.fromMm, seat.toMm);
  const turn = Math.atan2(d[1] - c[1], d[0] - c[0]) - Math.atan2(b[1] - a[1], b[0] - a[0]);
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return carried(part, ([x = 0, y = 0, z = 0]) => [
    c[0] + cos * (x - a[0]) - sin * (y - a[1]),
    c[1] + sin * (x - a[0]) + cos * (y - a[1]),
    z,
  ]);
}

type Spot = [number, number];

function endsOf(outline: readonly Point[], fromMm: number, toMm: number): [Spot, Spot] {
  const at = (mm: number): Spot => {
    const found = outline.reduce<Point>(
      (best, p) => (Math.abs((p[3] ?? 0) - mm) < Math.abs((best[3] ?? 0) - mm) ? p : best),
      outline[0] ?? [0, 0, 0, 0],
    );
    return [found[0] ?? 0, found[1] ?? 0];
  };
  return [at(fromMm), at(toMm)];
}

/**
 * The piece as it is put together before and after a step; where the step changes a small part of it, that part. Undefined where nothing
 * lies together yet, or where the shape stays.
 */
function together(plan: Plan, steps: readonly Step[], now: number): [Picture, Picture] | undefined {
  const step = steps[now] as Step;
  const [before, after] = [now, now + 1].map((at) => assemblyAt(plan, steps, at, spoken(step))) as [
    Assembly,
    Assembly,
  ];
  if (after.strands.length < 2) return undefined;
  const changes =
    after.parts.length > before.parts.length ||
    after.strands.length > before.strands.length ||
    after.strands.some(({ strand, state }) => {
      const was = before.strands.find((s) => s.strand === strand)?.state ?? 0;
      return strand.states[was] && strand.states[state] && !alike(strand, was, state);
    });
  if (!changes) return undefined;
  const slant = sceneOf(finished(plan)).slant;
  const shown = [before, after].map((of) => {
    const wires = of.strands.flatMap(({ strand, state }) =>
      stateOf(strand, state)
        .slice(0, 1)
        .map((w) => moved(w, moveOf(plan, of, strand))),
    );
    const at = of.strands.findIndex((s) => s.strand.id === step.strand);
    const element = of.strands[at]?.strand.elements.find((e) => e.id === step.element);
    const small = element && smallOf(wires, at, element, slant);
    return { of, wires, at, small, whole: sceneBox(sceneOf(wires, slant)) };
  });
  // Both at one scale and in one place: what has changed is seen at a glance.
  const close = shown.filter((s) => s.at >= 0).map((s) => s.small);
  const small = close.flatMap((box) => box ?? []);
  const isSmall = small.length === close.length && small.length > 0;
  const focus = isSmall
    ? around(small, 0)
    : around(
        shown.map((s) => s.whole),
        MARGIN,
      );
  return shown.map((s, i) =>
    plain(i === 0 ? 'before' : 'after', s.wires, { parts: partsOf(plan, s.of, along), slant, focus }),
  ) as [Picture, Picture];
}

/** What holds all of some boxes, with a share of its size about it. */
function around(boxes: readonly Box[], margin: number): Box {
  const [x, y] = [Math.min(...boxes.map((b) => b.x)), Math.min(...boxes.map((b) => b.y))];
  const [right, top] = [
    Math.max(...boxes.map((b) => b.x + b.width)),
    Math.max(...boxes.map((b) => b.y + b.height)),
  ];
  const by = margin * Math.max(right - x, top - y);
  return { x: x - by, y: y - by, width: right - x + 2 * by, height: top - y + 2 * by };
}

function alike(strand: StrandPlan, before: number, after: number): boolean {
  const [a, b] = [strand.states[before]?.outline ?? [], strand.states[after]?.outline ?? []];
  return same(a, b) && sameWidths(strand, before, after);
}

/** Where an element lies among the wires as they are seen, with room about it; undefined where that is not small. */
function smallOf(
  wires: MetalWire[],
  at: number,
  element: { fromMm: number; toMm: number },
  slant: number,
): Box | undefined {
  const scene = sceneOf(wires, slant);
  const own = scene.wires[at]?.track;
  const whole = sceneBox(scene);
  const box = own && between({ outline: own.points, widths: own.widths }, element.fromMm, element.toMm);
  const size = Math.max(whole.width, whole.height);
  if (!box || Math.max(box.width, box.height) > SMALL * size) return undefined;
  return around([box], Math.max(0.6, (0.18 * size) / Math.max(box.width, box.height)));
}

function strandOf(plan: Plan, id: string): StrandPlan {
  return plan.strands.find((s) => s.id === id) ?? (plan.strands[0] as StrandPlan);
}

/** A link by itself as it is now, and some that are made and hang in each other. */
function hanging(link: MetalWire[], made: MetalWire[], chain: ChainPlan): [Picture, Picture] {
  const some = leans(chain)
    ? [0, 1, -1].slice(0, chain.links)
    : Array.from({ length: Math.min(chain.links, SOME_LINKS) }, (_, k) => k);
  return [
    plain('one link', link.slice(0, 1)),
    plain(
      'hung in each other',
      made.slice(0, 1).flatMap((w) => some.map((k) => linkAt(w, chain, k))),
      leans(chain) ? { slant: sceneOf(made).slant } : {},
    ),
  ];
}

/** A picture for a maker whose tool is in the left hand: what was to the right is to the left. */
export function mirrored(picture: Picture): Picture {
  const { focus } = picture;
  return {
    ...picture,
    says: picture.says.replace(/\b(left|right)\b/g, (side) => (side === 'left' ? 'right' : 'left')),
    wires: picture.wires.map((w) => ({
      ...w,
      outline: w.outline.map(([x, y, z, s]): Point => [-x, y, z, s]),
    })),
    parts: picture.parts.map((p) => carried(p, ([x = 0, y = 0, z = 0]) => [-x, y, z])),
    ticks: picture.ticks.map((t) => ({ ...t, x: -t.x })),
    ...(focus && { focus: { ...focus, x: -(focus.x + focus.width) } }),
  };
}

/** The pictures of a step, before and after. */
export function picturesOf(plan: Plan, steps: readonly Step[], now: number): [Picture, Picture] {
  const step = steps[now] as Step;
  const strand = plan.strands.find((s) => s.id === step.strand) ?? (plan.strands[0] as StrandPlan);
  const shown = Math.min(strand.cutLengthMm, SHOWN_MM);
  const treated = (says: [string, string], tones: [Tone, Tone]): [Picture, Picture] => [
    plain(says[0], finished(plan), { tone: tones[0] }),
    plain(says[1], finished(plan), { tone: tones[1] }),
  ];
  switch (step.shows) {
    case 'straightening':
      return [
        plain('off the spool', [fromSpool(strand, shown)]),
        plain('straight', [straight(strand, shown)]),
      ];
    case 'truing':
      return [
        plain('as the cutter left it', [end(strand, 'pinched')]),
        plain('flush', [end(strand, 'flush')]),
      ];
    case 'marks':
      return [
        plain('before', [straight(strand, strand.cutLengthMm)]),
        plain(
          `marked, from the squared ${strand.marks[0]?.from === 'end' ? 'end' : 'beginning'}`,
          [straight(strand, strand.cutLengthMm)],
          { ticks: ticks(strand) },
        ),
      ];
    case 'cut': {
      const wires = laid(step, plan, strand);
      return [
        plain('on the spool', [straight(strand, 1.5 * strand.cutLengthMm)], {
          ticks: [{ x: strand.cutLengthMm, mm: strand.cutLengthMm }],
        }),
        plain(wires.length < step.wires ? `cut, ${wires.length} of ${step.wires}` : 'cut', wires),
      ];
    }
    case 'dressing':
      return [
        plain('with its burr', [end(strand, 'burr')]),
        plain('dressed', [end(strand, dressed(strand))]),
      ];
    case 'states': {
      const assembled = together(plan, steps, now);
      if (assembled) return assembled;
      const state = step.state ?? 0;
      const before = Math.min(reached(steps, now, strand.id), Math.max(0, state - 1));
      const pictures = ofStates(strand, step, before);
      pictures[0].parts = sitting(plan, steps, now, strand, before);
      pictures[1].parts = sitting(plan, steps, now, strand, state);
      return pictures;
    }
    case 'stringing': {
      const state = reached(steps, now, strand.id);
      const at = stateOf(strand, state);
      return [
        plain('before', at, { parts: sitting(plan, steps, now, strand, state) }),
        plain('strung', at, { parts: sitting(plan, steps, now + 1, strand, state) }),
      ];
    }
    case 'joining': {
      const chain = plan.chains.find((c) => step.about.every((a) => a.startsWith(`${c.strand}.`)));
      if (chain) {
        const of = strandOf(plan, chain.strand);
        const before = stateOf(of, reached(steps, now, chain.strand));
        return hanging(before, stateOf(of, of.states.length - 1), chain);
      }
      const assembled = together(plan, steps, now);
      if (assembled) return assembled;
      const strands = plan.strands.filter((s) => step.about.some((a) => a.startsWith(`${s.id}.`)));
      const wires = strands.flatMap((s) => stateOf(s, reached(steps, now, s.id)));
      const parts = spokenOf(plan, step, false);
      return parts.length > 0
        ? [plain('apart', wires, { parts: spokenOf(plan, step, true) }), plain('joined', wires, { parts })]
        : [plain('apart', wires.slice(0, 1)), plain('joined', wires)];
    }
    case 'tumbling':
      return treated(['into the tumbler', 'bright'], ['dull', 'bright']);
    case 'cleaning':
      return treated(['with its grease', 'clean'], ['dull', 'plain']);
    case 'darkening':
      return treated(['bare', 'dark'], ['plain', 'dark']);
    case 'drying':
      return treated(['wet', 'dry'], ['dark', 'dull']);
    case 'polishing':
      return treated(['dark', 'polished back'], ['dark', 'worn']);
    case 'sealing':
      return treated(['polished', 'sealed'], ['worn', 'bright']);
    default:
      return [
        plain('the template', finished(plan), { outline: true }),
        plain('the piece on it', finished(plan), { parts: plan.parts }),
      ];
  }
}
