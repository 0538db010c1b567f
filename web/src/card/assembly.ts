import type { PartDrawn, Plan, Step, StrandPlan } from '../api/types';
import type { Point } from '../wire/ribbon';
import type { MetalWire } from '../wire/scene';

/** What lies together at a moment of the card. */
export interface Assembly {
  /** its strands, each with the state that it has reached */
  strands: { strand: StrandPlan; state: number }[];
  /** ids of its parts */
  parts: string[];
}

/** Steps after which what they speak of lies together. */
const PUTS_TOGETHER: Step['kind'][] = ['lash', 'put-in'];

/** What the strand had become before a step. */
export function reached(steps: readonly Step[], now: number, strand: string): number {
  let state = 0;
  for (const s of steps.slice(0, now)) {
    const own =
      s.each.length > 0 ? s.each.find((e) => e.strand === strand) : s.strand === strand ? s : undefined;
    if (own?.state !== undefined) state = own.state;
  }
  return state;
}

/** Ids of strands and parts that a step speaks of. */
export function spoken(step: Step): string[] {
  const things = step.about.map((a) => a.split('.')[0] ?? a);
  return [...new Set([...things, ...step.each.map((e) => e.strand), ...(step.strand ? [step.strand] : [])])];
}

/** What lies together before a step with some strands and parts. */
export function assemblyAt(plan: Plan, steps: readonly Step[], now: number, of: readonly string[]): Assembly {
  const groups: Set<string>[] = [];
  const join = (ids: string[]) => {
    const touched = groups.filter((g) => ids.some((id) => g.has(id)));
    const one = new Set([...ids, ...touched.flatMap((g) => [...g])]);
    groups.splice(0, groups.length, ...groups.filter((g) => !touched.includes(g)), one);
  };
  for (const s of steps.slice(0, now)) if (PUTS_TOGETHER.includes(s.kind)) join(spoken(s));
  const wanted = new Set(of.flatMap((id) => [id, ...(groups.find((g) => g.has(id)) ?? [])]));
  const put = new Set(groups.flatMap((g) => [...g]));
  return {
    strands: plan.strands
      .filter((s) => wanted.has(s.id))
      .map((strand) => ({ strand, state: reached(steps, now, strand.id) }))
      // Wire that is to be wound round the others, but is still straight, is not among them.
      .filter(({ strand, state }) => !strand.carried || state > 0 || put.has(strand.id)),
    parts: plan.parts.map((p) => p.part).filter((id) => put.has(id) && wanted.has(id)),
  };
}

interface Spot {
  at: [number, number, number];
  heading: number;
}

/** Where a wire runs at a position along it, and which way, seen from above. */
function spotOn(outline: readonly Point[], sMm: number): Spot | undefined {
  const after = Math.max(
    1,
    outline.findIndex((p) => (p[3] ?? 0) >= sMm),
  );
  const [p, q] = [outline[after - 1], outline[after]];
  if (!p || !q) return undefined;
  const long = (q[3] ?? 0) - (p[3] ?? 0);
  const share = long > 0 ? Math.min(1, (sMm - (p[3] ?? 0)) / long) : 0;
  const at = [0, 1, 2].map((i) => (p[i] ?? 0) + ((q[i] ?? 0) - (p[i] ?? 0)) * share);
  return {
    at: at as [number, number, number],
    heading: Math.atan2((q[1] ?? 0) - (p[1] ?? 0), (q[0] ?? 0) - (p[0] ?? 0)),
  };
}

/** How a wire moves from where its plan draws it. */
export type Move = (point: Point) => Point;

type Reached = Assembly['strands'][number];

const stay: Move = (p) => p;

/** Where a place of a strand lies in the finished piece and at the moment; the place is a share of an element. */
function spots(of: Reached, on: string, at: number): { last: Spot; now: Spot } | undefined {
  const seat = of.strand.elements.find((e) => `${of.strand.id}.${e.id}` === on);
  const state = of.strand.states.find((s) => s.index === of.state);
  if (!seat || !state) return undefined;
  const sMm = seat.fromMm + at * (seat.toMm - seat.fromMm);
  const [last, now] = [spotOn(of.strand.outline, sMm), spotOn(state.outline, sMm)];
  return last && now && { last, now };
}

/** From one spot to another, turned in the plane of the drawing only: what wire that rises carries lies there to first order. */
function carry(from: Spot, to: Spot): Move {
  const [cos, sin] = [Math.cos(to.heading - from.heading), Math.sin(to.heading - from.heading)];
  return ([x = 0, y = 0, z = 0, ...rest]) => {
    const [dx, dy] = [x - from.at[0], y - from.at[1]];
    return [
      to.at[0] + cos * dx - sin * dy,
      to.at[1] + sin * dx + cos * dy,
      to.at[2] + z - from.at[2],
      ...rest,
    ];
  };
}

function hostOf(of: Assembly, on: string | undefined): Reached | undefined {
  return on === undefined ? undefined : of.strands.find((s) => on.startsWith(`${s.strand.id}.`));
}

/**
 * How a strand lies at a moment. What is wound round another wire goes with the place that it is wound round. Wires that are bound
 * together lie there beside each other as they do in the finished piece, by the first of them.
 */
export function moveOf(plan: Plan, of: Assembly, strand: StrandPlan): Move {
  const { carried } = strand;
  if (carried) {
    const host = hostOf(of, carried.round[0]);
    const at = host && spots(host, carried.round[0] ?? '', carried.at);
    if (!host || !at || host.strand.carried) return stay;
    return chained(carry(at.last, at.now), moveOf(plan, of, host.strand));
  }
  for (const bound of plan.strands) {
    const round = bound.carried?.round ?? [];
    const mine = round.find((r) => r.startsWith(`${strand.id}.`));
    const first = hostOf(of, round[0]);
    if (!mine || !first || first.strand === strand || first.strand.carried) continue;
    const own = of.strands.find((s) => s.strand === strand);
    const there = spots(first, round[0] ?? '', bound.carried?.at ?? 0);
    const here = own && spots(own, mine, bound.carried?.at ?? 0);
    if (!there || !here) continue;
    const moved = carry(there.last, there.now);
    const turned = there.now.heading - there.last.heading;
    const [x = 0, y = 0, z = 0] = moved([...here.last.at]);
    const target: Spot = { at: [x, y, z], heading: here.last.heading + turned };
    return chained(carry(here.now, target), moveOf(plan, of, first.strand));
  }
  return stay;
}

function chained(first: Move, next: Move): Move {
  return next === stay ? first : (p) => next(first(p));
}

/** A wire as it is moved. */
export function moved(wire: MetalWire, by: Move): MetalWire {
  return { ...wire, outline: wire.outline.map(by) };
}

/** Parts of an assembly, each where the wire that it sits on has it. */
export function partsOf(
  plan: Plan,
  of: Assembly,
  along: (part: PartDrawn, strand: StrandPlan, state: number) => PartDrawn,
): PartDrawn[] {
  return plan.parts
    .filter((p) => of.parts.includes(p.part))
    .map((p) => {
      const on = of.strands.find((s) => p.on.startsWith(`${s.strand.id}.`));
      return on ? along(p, on.strand, on.state) : p;
    });
}
