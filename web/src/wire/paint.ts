import { LAYERS, LIGHT } from './layers';
import { shades } from './metals';
import { painted } from './painted';
import { sides, type Track } from './ribbon';
import { chunks, type Chunk, type Seen } from './scene';

/** How a wire of a form that rises is drawn. */
export interface Drawn {
  /** the wire as it is seen */
  wire: Seen;
  /** in full, paler for the sake of the one in hand, or its outline only */
  as: 'full' | 'pale' | 'plain';
  /** its colour at a position along it, mm; that of its metal without */
  colourAt?: ((sMm: number) => string) | undefined;
}

/** Colours of the page that a form is drawn in. */
export interface Tones {
  ink: string;
  shadow: string;
}

/** What of a canvas is drawn with. */
export type Pen = Pick<
  CanvasRenderingContext2D,
  | 'beginPath'
  | 'moveTo'
  | 'lineTo'
  | 'closePath'
  | 'fill'
  | 'stroke'
  | 'fillStyle'
  | 'strokeStyle'
  | 'lineWidth'
  | 'globalAlpha'
  | 'globalCompositeOperation'
>;

const PALE = 0.62;
const known = new WeakMap<Track, Chunk[]>();

/** The lengths of a wire; the same for the same wire. */
function lengths(of: Track): Chunk[] {
  const before = known.get(of);
  if (before) return before;
  const cut = chunks(of);
  known.set(of, cut);
  return cut;
}

function band(pen: Pen, of: Track, share: number, shift = 0): void {
  if (of.points.length < 2) return;
  const { left, right } = sides(of, share, shift, LIGHT);
  pen.beginPath();
  pen.moveTo(left[0] as number, left[1] as number);
  for (let i = 2; i < left.length; i += 2) pen.lineTo(left[i] as number, left[i + 1] as number);
  for (let i = right.length - 2; i >= 0; i -= 2) pen.lineTo(right[i] as number, right[i + 1] as number);
  pen.closePath();
}

function filled(pen: Pen, of: Track, share: number, shift: number, colour: string, alpha: number): void {
  band(pen, of, share, shift);
  pen.globalAlpha = alpha;
  pen.fillStyle = colour;
  pen.fill();
}

/**
 * Draws a form that rises, in mm with y upwards: the lengths of all its wires together, the farthest first, so that what winds round
 * something else goes behind it and before it. A shadow falls on what lies beneath, never on the mat.
 */
export function paint(pen: Pen, wires: readonly Drawn[], tones: Tones): void {
  const all = wires.flatMap((of) => lengths(of.wire.track).map((chunk) => ({ of, chunk })));
  all.sort((a, b) => a.chunk.near - b.chunk.near);
  for (const { of, chunk } of all) {
    const light = of.as === 'pale' ? PALE : 1;
    if (of.as !== 'plain') {
      pen.globalCompositeOperation = 'source-atop';
      filled(pen, chunk.core, 1.5, 0, tones.shadow, 0.22 * light);
      filled(pen, chunk.core, 1.22, 0, tones.shadow, 0.35 * light);
      pen.globalCompositeOperation = 'source-over';
    }
    layers(pen, of, chunk, light, tones);
  }
  pen.globalAlpha = 1;
}

function layers(pen: Pen, of: Drawn, chunk: Chunk, light: number, tones: Tones): void {
  const colours = shades(of.wire.metal);
  if (of.as === 'plain') {
    filled(pen, chunk.core, 1, 0, colours.edge, 1);
    filled(pen, chunk.track, 0.86, 0, colours.light, 1);
    return;
  }
  const { colourAt } = of;
  for (const [share, shift, shade] of LAYERS) {
    const on = shade === 'edge' ? chunk.core : chunk.track;
    if (!colourAt) filled(pen, on, share, shift, colours[shade], light);
    else if (shade === 'edge') filled(pen, on, share, shift, tones.ink, 0.75);
    else if (shade !== 'body') filled(pen, on, share, shift, '#fff', shade === 'light' ? 0.16 : 0.4);
    else for (const p of painted(on, colourAt)) filled(pen, p.track, share, shift, p.colour, 1);
  }
}
