import type { MetalWire } from './scene';

const GAP_MM = 4;

/** Wires of a piece each by itself, strand by strand in rows, about as wide as high; turned as they lie in the piece. */
export function laidOut(lying: readonly { strand: number; wire: MetalWire }[]): MetalWire[] {
  const boxes = lying.map(({ wire }) => {
    const wide = Math.max(...wire.widths);
    const [xs, ys] = [0, 1].map((axis) => wire.outline.map((p) => p[axis] ?? 0)) as [number[], number[]];
    const [x, y] = [Math.min(...xs) - wide / 2, Math.min(...ys) - wide / 2];
    return { x, y, width: Math.max(...xs) + wide / 2 - x, height: Math.max(...ys) + wide / 2 - y };
  });
  const area = boxes.reduce((sum, b) => sum + (b.width + GAP_MM) * (b.height + GAP_MM), 0);
  const most = Math.max(1.5 * Math.sqrt(area), ...boxes.map((b) => b.width));
  let [left, top, high] = [0, 0, 0];
  return lying.map(({ wire }, i) => {
    const box = boxes[i] as (typeof boxes)[number];
    if (left > 0 && left + box.width > most) [left, top, high] = [0, top - high - GAP_MM, 0];
    const [dx, dy] = [left - box.x, top - box.height - box.y];
    left += box.width + GAP_MM;
    high = Math.max(high, box.height);
    return { ...wire, outline: wire.outline.map(([x = 0, y = 0, ...rest]) => [x + dx, y + dy, ...rest]) };
  });
}
