import type { Drawing, Metal, Over } from '../api/types';
import { bounds, track, type Point, type Track } from './ribbon';

/** A wire with its metal. */
export interface MetalWire {
  /** what it is made of */
  metal: Metal;
  /** centre line: x, y, z, s, mm */
  outline: readonly Point[];
  /** drawn width at each point, mm */
  widths: readonly number[];
  /** where it lies over itself */
  crossings: readonly Over[];
}

/** A wire of a drawing that the server made. */
export function drawn(drawing: Drawing): MetalWire {
  return { ...drawing, outline: drawing.outline, widths: drawing.drawnMm };
}

/** A wire as it is seen. */
export interface Seen {
  metal: Metal;
  /** as seen: x, y, how near, s, mm */
  track: Track;
  /** where it lies over itself, for a wire in one plane */
  crossings: readonly Over[];
  /** whether it lies in one plane: then crossings say what lies on top, else how near it is */
  flat: boolean;
}

/** Wires as they are seen together. */
export interface Scene {
  wires: Seen[];
  /** angle that the mat is leant back by, rad; 0 is from above */
  slant: number;
}

/** Whatever rises by less than this share of its thickness lies flat. */
const FLAT = 0.3;
/** A form that rises by more than this share of its narrower side is seen at a slant. */
const DEEP = 0.25;
/** One wire that goes up and down at least so often is seen at a slant, however low its waves. */
const WAVES = 6;
const SLANT = (42 * Math.PI) / 180;

/** How far a wire reaches, mm. */
interface Reach {
  least: [number, number, number];
  most: [number, number, number];
  /** its greatest width */
  wide: number;
  /** how often it turns from going up to going down or back, by more than its width */
  waves: number;
}

const reaches = new WeakMap<MetalWire, Reach>();

function reachOf(wire: MetalWire): Reach {
  const known = reaches.get(wire);
  if (known) return known;
  const reach: Reach = {
    least: [Infinity, Infinity, Infinity],
    most: [-Infinity, -Infinity, -Infinity],
    wide: Math.max(0, ...wire.widths),
    waves: 0,
  };
  let way = 0;
  let from = wire.outline[0]?.[2] ?? 0;
  for (const p of wire.outline) {
    const rise = (p[2] ?? 0) - from;
    // Going on the same way takes the extreme along; the other way counts from a width on.
    if (rise * way > 0) from += rise;
    else if (Math.abs(rise) > reach.wide) {
      if (way) reach.waves += 1;
      way = Math.sign(rise);
      from += rise;
    }
    for (let i = 0; i < 3; i++) {
      reach.least[i] = Math.min(reach.least[i] as number, p[i] ?? 0);
      reach.most[i] = Math.max(reach.most[i] as number, p[i] ?? 0);
    }
  }
  reaches.set(wire, reach);
  return reach;
}

/** Whether a wire lies in one plane. */
export function isFlat(wire: MetalWire): boolean {
  const { least, most, wide } = reachOf(wire);
  return most[2] - least[2] <= FLAT * Math.max(wide, 0.1);
}

/** The point seen at a slant: x stays, what is up comes nearer. */
export function seen(point: readonly number[], slant: number): Point {
  const [x = 0, y = 0, z = 0, s = 0] = point;
  return [x, y * Math.cos(slant) + z * Math.sin(slant), z * Math.cos(slant) - y * Math.sin(slant), s];
}

/** Lays wires out to be drawn: from above where they are flat, at a slant where they rise, unless that is told. */
export function sceneOf(wires: readonly MetalWire[], leant?: number): Scene {
  const flat = wires.map(isFlat);
  const reaches = wires.map(reachOf);
  const across = (axis: 0 | 1 | 2) =>
    Math.max(...reaches.map((r) => r.most[axis])) - Math.min(...reaches.map((r) => r.least[axis]));
  const wide = Math.max(0.1, ...reaches.map((r) => r.wide));
  const narrow = Math.min(across(0), across(1)) + wide;
  const waved = reaches.length === 1 && (reaches[0]?.waves ?? 0) >= WAVES;
  const slant = leant ?? (!flat.every(Boolean) && (waved || across(2) > DEEP * narrow) ? SLANT : 0);
  return {
    slant,
    wires: wires.map((w, i) => laid(w, slant, flat[i] ?? true)),
  };
}

const before = new WeakMap<MetalWire, { slant: number; seen: Seen }>();

/** A wire as it is seen; the same object for the same wire at the same slant, so that it is not drawn again. */
function laid(wire: MetalWire, slant: number, flat: boolean): Seen {
  const known = before.get(wire);
  if (known?.slant === slant) return known.seen;
  const outline = slant ? wire.outline.map((p) => seen(p, slant)) : wire.outline;
  const next = { metal: wire.metal, track: track(outline, wire.widths), crossings: wire.crossings, flat };
  before.set(wire, { slant, seen: next });
  return next;
}

/** Bounds of everything seen, mm. */
export function sceneBox(scene: Scene) {
  return bounds(scene.wires.map((w) => w.track));
}

/** A length of wire drawn at once. */
export interface Chunk {
  /** the length, reaching a point into its neighbours on both sides so that no seam shows */
  track: Track;
  /** the length alone: it casts the shadow */
  core: Track;
  /** how near it is, mm */
  near: number;
}

/** A length of wire that is drawn at once turns by no more than this, rad, and rises by no more than this share of its width. */
const TURN = 0.6;
const RISE = 0.5;
/** What is only there for the others' sake is drawn in lengths so many times as long. */
const COARSE = 1.8;

function slice(of: Track, from: number, to: number): Track {
  return {
    points: of.points.slice(from, to + 1),
    widths: of.widths.slice(from, to + 1),
    normals: of.normals.slice(from, to + 1),
  };
}

/** Cuts a wire that is not flat into short lengths, the farthest first; coarsely where it is only there for the others' sake. */
export function chunks(of: Track, coarse = false): Chunk[] {
  const by = coarse ? COARSE : 1;
  const cut: Chunk[] = [];
  const last = of.points.length - 1;
  for (let from = 0; from < last;) {
    let to = from + 1;
    const [nx, ny] = of.normals[from] ?? [0, 1];
    while (to < last && to - from < 24) {
      const [mx, my] = of.normals[to] ?? [0, 1];
      const still = nx * mx + ny * my > Math.cos(by * TURN);
      const rises = Math.abs((of.points[to]?.[2] ?? 0) - (of.points[from]?.[2] ?? 0));
      if (!still || rises > by * RISE * (of.widths[from] ?? 1)) break;
      to++;
    }
    const core = slice(of, from, to);
    cut.push({
      track: slice(of, Math.max(0, from - 1), Math.min(last, to + 1)),
      core,
      near: core.points.reduce((sum, p) => sum + (p[2] ?? 0), 0) / core.points.length,
    });
    from = to;
  }
  return cut.sort((a, b) => a.near - b.near);
}
