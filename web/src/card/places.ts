/** A figure at a mark. */
export interface Placed {
  /** where the mark is, px */
  x: number;
  /** what stands there */
  text: string;
  /** rows above the wire, or below it where negative; never 0 */
  level: number;
}

const LETTER = 14.5;
const LEVELS = [1, -1, 2, -2, 3, -3, 4, -4];

/** Puts the figures of marks into rows above and below the wire: no figure on another, and where there is room none across another's line. */
export function places(marks: readonly { x: number; text: string }[]): Placed[] {
  const placed: Placed[] = [];
  const half = (text: string) => (text.length * LETTER) / 2;
  for (const mark of marks) {
    const free = (level: number) =>
      placed.every((p) => {
        if (Math.sign(p.level) !== Math.sign(level)) return true;
        const apart = Math.abs(p.x - mark.x);
        const higher = Math.abs(level) > Math.abs(p.level);
        if (p.level === level) return apart > half(p.text) + half(mark.text);
        return higher ? apart > half(p.text) + 2 : apart > half(mark.text) + 2;
      });
    // Where marks stand too close for that, a line may cross a figure, but never a figure another.
    const clear = (level: number) =>
      placed.every((p) => p.level !== level || Math.abs(p.x - mark.x) > half(p.text) + half(mark.text));
    const level = LEVELS.find(free) ?? LEVELS.find(clear) ?? LEVELS.at(-1) ?? 1;
    placed.push({ ...mark, level });
  }
  return placed;
}
