import type { Plan } from '../api/types';
import type { Moment } from '../bench/moment';
import type { MetalWire } from '../wire/scene';
import { assemblyAt, moved, moveOf, partsOf, reached } from './assembly';
import { along, stateOf, turned } from './pictures';

/** Whether a wire is straight, but upright: no straight wire lies so on a mat. */
function stands({ outline }: MetalWire): boolean {
  const [first, last] = [outline[0] ?? [], outline.at(-1) ?? []];
  const [across, up, long] = [0, 1, 3].map((i) => Math.abs((last[i] ?? 0) - (first[i] ?? 0))) as [
    number,
    number,
    number,
  ];
  return up > across && Math.hypot(across, up) > 0.99 * long;
}

/**
 * What lies together while a strand is in one of its states, as late as that: just before the step that takes it on. Nothing where it
 * lies by itself then.
 *
 * @param plan with all states
 */
export function momentOf(plan: Plan, strand: string, state: number): Moment | undefined {
  const { steps } = plan;
  const on = steps.findIndex((_, i) => reached(steps, i + 1, strand) > state);
  const of = assemblyAt(plan, steps, on < 0 ? steps.length : on, [strand]);
  const lying = of.strands.map(({ strand: s, state: at }) => ({
    own: s.id === strand,
    wires: stateOf(s, at)
      .slice(0, 1)
      .map((w) => moved(w, moveOf(plan, of, s))),
  }));
  const own = lying.find((l) => l.own);
  if (!own || lying.length + of.parts.length < 2) return undefined;
  const parts = partsOf(plan, of, along);
  const level = parts.length === 0 && own.wires.some(stands);
  const lies = (w: MetalWire) => (level ? turned(w, -Math.PI / 2) : w);
  return {
    wires: own.wires.map(lies),
    others: lying.flatMap((l) => (l.own ? [] : l.wires.map(lies))),
    parts,
  };
}
