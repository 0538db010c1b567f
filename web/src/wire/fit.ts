import { bounds, type Track } from './ribbon';

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

/** Fits a part of a drawing, mm, to a mat, so that it fills it. */
export function fitBox(box: Fit['box'], width: number, height: number): Fit {
  const scale = Math.min(width / box.width, height / box.height, 60);
  const safe = Number.isFinite(scale) && scale > 0 ? scale : 1;
  return {
    scale: safe,
    x: width / 2 - (box.x + box.width / 2) * safe,
    y: height / 2 + (box.y + box.height / 2) * safe,
    box,
  };
}

/** Fits a drawing to a mat: it takes this share of the limiting side, below a greatest scale. */
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

/** The same drawing in the middle of the mat at another scale, px a millimetre. */
export function atScale(fit: Fit, scale: number, width: number, height: number): Fit {
  const { box } = fit;
  return {
    scale,
    x: width / 2 - (box.x + box.width / 2) * scale,
    y: height / 2 + (box.y + box.height / 2) * scale,
    box,
  };
}

/** As far apart as two drawings may be, in scale, to be shown at the scale of the smaller one. */
const FAR = 2.5;

/**
 * Two drawings side by side at one scale, so that what has changed is seen; where one would be lost at the scale of the
 * other, each fills its mat. Says how many times larger than the other the first is drawn then, 1 where they share a scale.
 */
export function beside(one: Fit, other: Fit, width: number, height: number): { at: Fit; larger: number } {
  const larger = one.scale / other.scale;
  return larger > FAR || larger < 1 / FAR
    ? { at: one, larger }
    : { at: atScale(one, Math.min(one.scale, other.scale), width, height), larger: 1 };
}
