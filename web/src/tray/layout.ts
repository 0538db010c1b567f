import { partTracks } from '../wire/Parts';
import { bounds } from '../wire/ribbon';
import { drawn, sceneOf, type Scene } from '../wire/scene';
import type { TrayPiece } from '../api/types';

/** Where a piece lies on the tray, px. */
export interface Lying {
  piece: TrayPiece;
  /** left edge of its place */
  left: number;
  /** top edge of its place */
  top: number;
  /** width of its place: form or words, whichever is wider */
  width: number;
  /** size of the drawing */
  drawn: { width: number; height: number };
  /** the form as it is seen */
  scene: Scene;
  /** bounds of the form, mm */
  box: { x: number; y: number; width: number; height: number };
}

/** Room that the words under a form take, px. */
const WORDS = { width: 214, height: 68 };
const DRAWN_WHOLE = 250;
const GAP = 26;
const MARGIN = 24;

/** The place of a piece that cannot be drawn, or not yet, mm. */
const NOTHING = { x: 0, y: 0, width: 24, height: 14 };

const scenes = new WeakMap<TrayPiece, { scene: Scene; box: Lying['box'] }>();

function boxOf(scene: Scene, piece: TrayPiece) {
  return bounds([...scene.wires.map((w) => w.track), ...partTracks(piece.parts, scene.slant)]);
}

/** The form as it is seen, with its bounds over all its strands, mm. */
export function formOf(piece: TrayPiece): { scene: Scene; box: Lying['box'] } {
  const known = scenes.get(piece);
  if (known) return known;
  const scene = sceneOf(piece.drawing.map(drawn));
  const form = { scene, box: scene.wires.length > 0 ? boxOf(scene, piece) : NOTHING };
  scenes.set(piece, form);
  return form;
}

/** Lays pieces in rows at one scale, in their order; says how high the whole is. */
export function layRows(
  pieces: readonly TrayPiece[],
  width: number,
  scale: number,
): { lying: Lying[]; height: number } {
  const lying: Lying[] = [];
  let row: Lying[] = [];
  let [left, top] = [MARGIN, MARGIN];
  const close = () => {
    const high = Math.max(0, ...row.map((l) => l.drawn.height));
    for (const one of row) one.top += (high - one.drawn.height) / 2;
    const used = row.length ? left - GAP + MARGIN : 0;
    const spare = Math.max(0, width - used) / (row.length + 1);
    row.forEach((one, i) => (one.left += spare * (i + 1)));
    top += row.length ? high + WORDS.height + GAP : 0;
    left = MARGIN;
    row = [];
  };
  for (const piece of pieces) {
    const { scene, box } = formOf(piece);
    const size = { width: box.width * scale, height: box.height * scale };
    const place = Math.max(size.width, WORDS.width);
    if (row.length && left + place + MARGIN > width) close();
    const one = { piece, left, top, width: place, drawn: size, box, scene };
    row.push(one);
    lying.push(one);
    left += place + GAP;
  }
  close();
  return { lying, height: top - GAP + MARGIN };
}

/** What lies within two heights of what is seen; small trays are drawn whole. */
export function inSight(lying: readonly Lying[], top: number, height: number): readonly Lying[] {
  if (lying.length <= DRAWN_WHOLE) return lying;
  return lying.filter(
    (l) => l.top + l.drawn.height + WORDS.height > top - height && l.top < top + 2 * height,
  );
}

/** The largest scale at which everything still lies within the height; never below the least, then it scrolls. */
export function trayScale(pieces: readonly TrayPiece[], width: number, height: number): number {
  const [least, most] = [2.4, 12];
  if (pieces.length > DRAWN_WHOLE) return least;
  for (let scale = most; scale > least; scale -= 0.1) {
    const widest = Math.max(...pieces.map((p) => formOf(p).box.width * scale));
    if (widest + 2 * MARGIN <= width && layRows(pieces, width, scale).height <= height) return scale;
  }
  return least;
}
