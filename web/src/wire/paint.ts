import { LAYERS } from './layers';
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
  /** colour of its rim beside that; ink without */
  rim?: string | undefined;
}

/** A stone in a form that rises: what lies lower than its back is seen through it. */
export interface Pane {
  /** its outline as it is seen: x, y, mm */
  points: readonly (readonly number[])[];
  /** how high its back lies, mm */
  zMm: number;
  /** angle that the mat is leant back by, rad */
  slant: number;
  /** what fills it */
  fill: string;
  /** what rims it */
  rim: string;
  /** how much of what lies behind it is hidden, 0 to 1 */
  opacity: number;
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
const known = { fine: new WeakMap<Track, Chunk[]>(), coarse: new WeakMap<Track, Chunk[]>() };

/** The lengths of a wire; the same for the same wire. */
function lengths(of: Track, coarse: boolean): Chunk[] {
  const kept = coarse ? known.coarse : known.fine;
  const before = kept.get(of);
  if (before) return before;
  const cut = chunks(of, coarse);
  kept.set(of, cut);
  return cut;
}

function band(pen: Pen, of: Track, share: number, shift = 0): void {
  pen.beginPath();
  outline(pen, of, share, shift);
}

function outline(pen: Pen, of: Track, share: number, shift: number): void {
  if (of.points.length < 2) return;
  const { left, right } = sides(of, share, shift);
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
 * something else goes behind it and before it. A shadow falls on what lies beneath, never on the mat. What lies behind a stone is drawn
 * before it.
 */
export function paint(pen: Pen, wires: readonly Drawn[], tones: Tones, panes: readonly Pane[] = []): void {
  const all = wires.flatMap((of) =>
    lengths(of.wire.track, of.as === 'plain').map((chunk) => ({ of, chunk })),
  );
  all.sort((a, b) => a.chunk.near - b.chunk.near);
  const isBehind = ({ chunk }: (typeof all)[number]) => panes.some((p) => heightMm(chunk, p.slant) < p.zMm);
  const behind = new Set(all.filter(isBehind));
  drawn(pen, [...behind], tones);
  for (const pane of panes) glaze(pen, pane);
  drawn(pen, behind.size > 0 ? all.filter((one) => !behind.has(one)) : all, tones);
  pen.globalAlpha = 1;
}

/** How high a length lies over the mat: the lean taken back. */
function heightMm(chunk: Chunk, slant: number): number {
  const y = chunk.core.points.reduce((sum, p) => sum + (p[1] ?? 0), 0) / chunk.core.points.length;
  return chunk.near * Math.cos(slant) + y * Math.sin(slant);
}

function glaze(pen: Pen, pane: Pane): void {
  pen.beginPath();
  pane.points.forEach(([x = 0, y = 0], i) => (i ? pen.lineTo(x, y) : pen.moveTo(x, y)));
  pen.closePath();
  pen.globalAlpha = pane.opacity;
  pen.fillStyle = pane.fill;
  pen.fill();
  pen.strokeStyle = pane.rim;
  pen.lineWidth = 0.18;
  pen.stroke();
}

function drawn(pen: Pen, lengths: readonly { of: Drawn; chunk: Chunk }[], tones: Tones): void {
  for (let i = 0; i < lengths.length; i++) {
    const { of, chunk } = lengths[i] as { of: Drawn; chunk: Chunk };
    if (of.as === 'plain') {
      // Lengths of the same wire that follow each other are filled at once.
      const from = i;
      while (lengths[i + 1]?.of === of) i++;
      plain(pen, of, lengths.slice(from, i + 1));
      continue;
    }
    const light = of.as === 'pale' ? PALE : 1;
    pen.globalCompositeOperation = 'source-atop';
    filled(pen, chunk.core, 1.5, 0, tones.shadow, 0.22 * light);
    filled(pen, chunk.core, 1.22, 0, tones.shadow, 0.35 * light);
    pen.globalCompositeOperation = 'source-over';
    layers(pen, of, chunk, light, tones);
  }
}

function plain(pen: Pen, of: Drawn, lengths: readonly { chunk: Chunk }[]): void {
  const { edge, light } = shades(of.wire.metal);
  pen.globalAlpha = 1;
  pen.fillStyle = edge;
  pen.beginPath();
  for (const { chunk } of lengths) outline(pen, chunk.core, 1, 0);
  pen.fill();
  pen.fillStyle = light;
  pen.beginPath();
  for (const { chunk } of lengths) outline(pen, chunk.track, 0.86, 0);
  pen.fill();
}

function layers(pen: Pen, of: Drawn, chunk: Chunk, light: number, tones: Tones): void {
  const colours = shades(of.wire.metal);
  const { colourAt, rim } = of;
  for (const [share, shift, shade] of LAYERS) {
    const on = shade === 'edge' ? chunk.core : chunk.track;
    if (!colourAt) filled(pen, on, share, shift, colours[shade], light);
    else if (shade === 'edge') filled(pen, on, share, shift, rim ?? tones.ink, rim ? 1 : 0.75);
    else if (shade !== 'body')
      filled(pen, on, share, shift, '#fff', shade === 'light' ? (rim ? 0.2 : 0.16) : 0.4);
    else for (const p of painted(on, colourAt)) filled(pen, p.track, share, shift, p.colour, 1);
  }
}
