import { bounds, track, type Point, type Track } from './ribbon';

/** A wire to draw. */
export interface Drawable {
  /** centre line: x, y, z, s, mm */
  outline: Point[];
  /** drawn width at each point, mm */
  widths: number[];
}

/** How a drawing in mm lies on the screen. */
export interface Fit {
  /** px a millimetre */
  scale: number;
  /** where x = 0 lies, px */
  x: number;
  /** where y = 0 lies, px */
  y: number;
  /** bounds of the drawing, mm */
  box: { x: number; y: number; width: number; height: number };
}

/** Tracks of wires, to measure and to draw. */
export function tracks(wires: readonly Drawable[]): Track[] {
  return wires.map((w) => track(w.outline, w.widths));
}

/** Fits a drawing to a mat: it takes this share of the limiting side, below a greatest scale. */
export function fit(wires: readonly Drawable[], width: number, height: number, share = 0.8, most = 60): Fit {
  return fitTracks(tracks(wires), width, height, share, most);
}

/** The same for tracks at hand. */
export function fitTracks(
  of: readonly Track[],
  width: number,
  height: number,
  share: number,
  most = 60,
): Fit {
  const box = bounds(of);
  const scale = Math.min((share * width) / box.width, (share * height) / box.height, most);
  const safe = Number.isFinite(scale) && scale > 0 ? scale : 1;
  return {
    scale: safe,
    x: width / 2 - (box.x + box.width / 2) * safe,
    y: height / 2 + (box.y + box.height / 2) * safe,
    box,
  };
}
