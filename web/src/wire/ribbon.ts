import { LIGHT } from './layers';

/** A point of an outline: x, y, z and the position along the wire, mm. */
export type Point = number[];

/** A sampled wire: points, its drawn width at each, and the unit normal to the left. */
export interface Track {
  /** x, y, z, s in mm */
  points: Point[];
  /** width in the plane of the drawing, mm */
  widths: number[];
  /** unit normals to the left */
  normals: [number, number][];
}

const SAME_MM = 1e-5;
const at = <T>(list: readonly T[], index: number): T => list[index] as T;
/** Thousandths of a millimetre are finer than any screen shows. */
const num = (value: number) => Math.round(value * 1000) / 1000;

/** Drops repeated points and works out normals from the neighbours. */
export function track(points: readonly Point[], widths: readonly number[]): Track {
  const kept: Point[] = [];
  const keptWidths: number[] = [];
  points.forEach((p, i) => {
    const last = kept[kept.length - 1];
    const moved = !last || Math.hypot(at(p, 0) - at(last, 0), at(p, 1) - at(last, 1)) > SAME_MM;
    if (moved || Math.abs(at(widths, i) - at(keptWidths, keptWidths.length - 1)) > SAME_MM) {
      kept.push(p);
      keptWidths.push(at(widths, i));
    }
  });
  const normals = kept.map((_, i): [number, number] => {
    let a = Math.max(0, i - 1);
    let b = Math.min(kept.length - 1, i + 1);
    while (a > 0 && gap(kept, a, b) < SAME_MM) a--;
    while (b < kept.length - 1 && gap(kept, a, b) < SAME_MM) b++;
    const dx = at(at(kept, b), 0) - at(at(kept, a), 0);
    const dy = at(at(kept, b), 1) - at(at(kept, a), 1);
    const size = Math.hypot(dx, dy) || 1;
    return [-dy / size, dx / size];
  });
  return { points: kept, widths: keptWidths, normals };
}

function gap(points: readonly Point[], a: number, b: number): number {
  return Math.hypot(at(at(points, b), 0) - at(at(points, a), 0), at(at(points, b), 1) - at(at(points, a), 1));
}

/** The first point at or beyond a position along the wire, mm. */
function indexFrom(of: Track, s: number): number {
  let [low, high] = [0, of.points.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (at(at(of.points, middle), 3) < s) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The part of a track between two positions along the wire, mm. */
export function part(whole: Track, fromMm: number, toMm: number): Track {
  const first = indexFrom(whole, fromMm - 1e-6);
  const last = indexFrom(whole, toMm + 1e-6);
  const points = whole.points.slice(first, last);
  const widths = whole.widths.slice(first, last);
  const normals = whole.normals.slice(first, last);
  const add = (s: number, front: boolean) => {
    const i = indexFrom(whole, s);
    if (i < 1 || i >= whole.points.length) return;
    const a = at(whole.points, i - 1);
    const b = at(whole.points, i);
    const share = (s - at(a, 3)) / (at(b, 3) - at(a, 3) || 1);
    const between = [0, 1, 2, 3].map((k) => at(a, k) + (at(b, k) - at(a, k)) * share);
    if (front) {
      points.unshift(between);
      widths.unshift(at(whole.widths, i));
      normals.unshift(at(whole.normals, i - 1));
    } else {
      points.push(between);
      widths.push(at(whole.widths, i - 1));
      normals.push(at(whole.normals, i));
    }
  };
  add(fromMm, true);
  add(toMm, false);
  return { points, widths, normals };
}

/** Where the two sides of a band lie: x and y of the left side, point by point, then those of the right one, mm. */
export interface Sides {
  left: Float64Array;
  right: Float64Array;
}

const bands = new WeakMap<Track, Map<number, Sides>>();

/**
 * The sides of a band along the wire; worked out once for the same wire.
 *
 * @param share width of the band as a share of the wire's width
 * @param shift how far the band's middle lies towards the light, as a share of the width, less than 1
 */
export function sides(of: Track, share: number, shift = 0): Sides {
  let known = bands.get(of);
  if (!known) bands.set(of, (known = new Map()));
  const key = 1024 * share + shift;
  let worked = known.get(key);
  if (!worked) known.set(key, (worked = sidesOf(of, share, shift)));
  return worked;
}

function sidesOf(of: Track, share: number, shift: number): Sides {
  const count = of.points.length;
  const left = new Float64Array(2 * count);
  const right = new Float64Array(2 * count);
  for (let i = 0; i < count; i++) {
    const p = at(of.points, i);
    const n = at(of.normals, i);
    const width = at(of.widths, i);
    const off = shift * width * (n[0] * LIGHT[0] + n[1] * LIGHT[1]);
    const half = (share * width) / 2;
    left[2 * i] = at(p, 0) + n[0] * (off + half);
    left[2 * i + 1] = at(p, 1) + n[1] * (off + half);
    right[2 * i] = at(p, 0) + n[0] * (off - half);
    right[2 * i + 1] = at(p, 1) + n[1] * (off - half);
  }
  return { left, right };
}

/** A band along the wire as an SVG path in mm, y upwards; see {@link sides}. */
export function ribbon(of: Track, share: number, shift = 0): string {
  if (of.points.length < 2) return '';
  const { left, right } = sides(of, share, shift);
  let there = '';
  let back = '';
  for (let i = 0; i < left.length; i += 2) {
    there += `${i ? 'L' : 'M'}${num(left[i] as number)} ${num(left[i + 1] as number)}`;
    back = `L${num(right[i] as number)} ${num(right[i + 1] as number)}${back}`;
  }
  return `${there}${back}Z`;
}

/** Bounds of a track with its width, mm. */
export function bounds(tracks: readonly Track[]): { x: number; y: number; width: number; height: number } {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const one of tracks) {
    one.points.forEach((p, i) => {
      const [nx, ny] = at(one.normals, i);
      const half = at(one.widths, i) / 2;
      x0 = Math.min(x0, at(p, 0) - Math.abs(nx) * half);
      x1 = Math.max(x1, at(p, 0) + Math.abs(nx) * half);
      y0 = Math.min(y0, at(p, 1) - Math.abs(ny) * half);
      y1 = Math.max(y1, at(p, 1) + Math.abs(ny) * half);
    });
  }
  return { x: x0, y: y0, width: x1 - x0, height: y1 - y0 };
}
