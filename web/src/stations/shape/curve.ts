/** Across and up, mm. */
export type Place = [number, number];

/** A closed curve through places, as an SVG path (Catmull and Rom 1974, as cubics). */
export function along(places: readonly Place[]): string {
  const n = places.length;
  const at = (i: number): Place => places[(i + n) % n] ?? [0, 0];
  if (n < 3) return '';
  const parts = places.map((_, i) => {
    const [before, from, to, after] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const out = [0, 1].map((k) => from[k as 0 | 1] + (to[k as 0 | 1] - before[k as 0 | 1]) / 6);
    const back = [0, 1].map((k) => to[k as 0 | 1] - (after[k as 0 | 1] - from[k as 0 | 1]) / 6);
    return `C${[...out, ...back, ...to].map((v) => v.toFixed(3)).join(' ')}`;
  });
  return `M${at(0)
    .map((v) => v.toFixed(3))
    .join(' ')}${parts.join('')}Z`;
}

/** A place turned to the left about the middle. */
export function turned([x, y]: Place, deg: number): Place {
  const [cos, sin] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)];
  return [cos * x - sin * y, sin * x + cos * y];
}
