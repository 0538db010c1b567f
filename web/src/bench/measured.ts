import type { Parameter, Piece } from '../api/types';

/** Where an element lies: strand.element. */
const at = (strand: string | undefined, element: string | undefined) => `${strand}.${element}`;

/** Addresses of the elements that are otherwise, or gone, in another document of the same piece. */
export function changedElements(before: Piece, after: Piece): string[] {
  const now = new Map(
    after.strands.flatMap((s) => s.elements.map((e) => [at(s.id, e.id), JSON.stringify(e)] as const)),
  );
  return before.strands.flatMap((s) =>
    s.elements
      .map((e) => [at(s.id, e.id), JSON.stringify(e)] as const)
      .filter(([address, was]) => now.get(address) !== was)
      .map(([address]) => address),
  );
}

/** Values near the one that a measure has, to see what it changes: a tenth more, or a tenth less; none for a choice. */
export function nearby(parameter: Parameter, value: unknown): number[] {
  if (typeof value !== 'number' || parameter.choices) return [];
  const step = parameter.whole ? 1 : Math.max(Math.abs(value) / 10, 0.1);
  return [value + step, value - step].filter(
    (near) => near >= (parameter.from ?? near) && near <= (parameter.to ?? near),
  );
}
