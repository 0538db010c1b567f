import type { Point, Track } from './ribbon';

/** A length of wire in one colour. */
export interface Painted {
  colour: string;
  track: Track;
}

/** Lengths along which the colour changes cut up fine. */
function fine(of: Track, colourAt: (sMm: number) => string): Track {
  const points: Point[] = [];
  const widths: number[] = [];
  const normals: [number, number][] = [];
  let colourBefore = '';
  of.points.forEach((p, i) => {
    const before = of.points[i - 1];
    const width = of.widths[i] ?? 1;
    const colour = colourAt(p[3] ?? 0);
    if (before && colour !== colourBefore) {
      const parts = Math.ceil(((p[3] ?? 0) - (before[3] ?? 0)) / Math.max(0.1, width / 3));
      for (let k = 1; k < Math.min(parts, 400); k++) {
        points.push(before.map((b, axis) => b + ((p[axis] ?? 0) - b) * (k / parts)));
        widths.push(of.widths[i - 1] ?? width);
        normals.push(of.normals[i - 1] ?? [0, 1]);
      }
    }
    colourBefore = colour;
    points.push(p);
    widths.push(width);
    normals.push(of.normals[i] ?? [0, 1]);
  });
  return { points, widths, normals };
}

/** Cuts a track where its colour changes; each length reaches a point into the next, so that no seam shows. */
export function painted(whole: Track, colourAt: (sMm: number) => string): Painted[] {
  const of = fine(whole, colourAt);
  const last = of.points.length - 1;
  const colours = of.points.slice(0, last).map((p, i) => {
    const next = of.points[i + 1]?.[3] ?? 0;
    return colourAt(((p[3] ?? 0) + next) / 2);
  });
  const parts: Painted[] = [];
  for (let from = 0; from < last;) {
    let to = from + 1;
    while (to < last && colours[to] === colours[from]) to++;
    const end = Math.min(last, to + 1);
    parts.push({
      colour: colours[from] ?? '',
      track: {
        points: of.points.slice(from, end + 1),
        widths: of.widths.slice(from, end + 1),
        normals: of.normals.slice(from, end + 1),
      },
    });
    from = to;
  }
  return parts;
}
