/** No part of the tape is narrower to touch than this, px; its neighbours give way. */
const LEAST = 10;

/** Where each of a row of parts can be touched, from its left edge to its right one, px. */
export function touchable(edges: readonly (readonly [number, number])[]): [number, number][] {
  const wide = edges.map(([from, to]): [number, number] => {
    const more = Math.max(0, LEAST - (to - from)) / 2;
    return [from - more, to + more];
  });
  return wide.map(([from, to], i) => {
    const [own, before, after] = [edges[i], wide[i - 1], wide[i + 1]];
    if (!own || own[1] - own[0] < LEAST) return [from, to];
    const left = before ? Math.max(from, before[1]) : from;
    const right = after ? Math.min(to, after[0]) : to;
    return [left, Math.max(left, right)];
  });
}
