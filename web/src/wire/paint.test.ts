import { describe, expect, it } from 'vitest';
import { paint, type Drawn, type Pen } from './paint';
import { track, type Point } from './ribbon';

const TONES = { ink: 'ink', shadow: 'shadow' };

/** A straight wire along x at a height, seen from above. */
function along(y: number, z: number, metal: 'copper' | 'brass'): Drawn {
  const points: Point[] = [0, 1, 2, 3].map((x) => [x, y, z, x]);
  return {
    wire: { metal, track: track(points, [1, 1, 1, 1]), crossings: [], flat: false },
    as: 'full',
  };
}

/** A pen that remembers what it filled. */
function pen() {
  const done: { colour: string; alpha: number; how: string; points: number }[] = [];
  let points = 0;
  const it = {
    fillStyle: '',
    globalAlpha: 1,
    globalCompositeOperation: 'source-over',
    beginPath: () => (points = 0),
    moveTo: () => points++,
    lineTo: () => points++,
    closePath: () => undefined,
    stroke: () => undefined,
    fill: () =>
      done.push({ colour: it.fillStyle, alpha: it.globalAlpha, how: it.globalCompositeOperation, points }),
  };
  return { pen: it as unknown as Pen, done };
}

describe('a form that rises', () => {
  it('is drawn from the farthest length to the nearest, whatever the order of its wires', () => {
    const { pen: on, done } = pen();
    paint(on, [along(0, 5, 'copper'), along(0, -5, 'brass')], TONES);
    const edges = done.map((d) => d.colour).filter((c) => c === '#6B4E12' || c === '#74391B');
    expect(edges[0]).toBe('#6B4E12');
    expect(edges.at(-1)).toBe('#74391B');
  });

  it('shows through a stone what lies behind it, and hides nothing of what lies before it', () => {
    const { pen: on, done } = pen();
    const points = [
      [-1, -1],
      [4, -1],
      [4, 1],
      [-1, 1],
    ];
    const stone = { points, zMm: 0, slant: 0, fill: 'stone', rim: 'rim', opacity: 0.7 };
    paint(on, [along(0, 5, 'copper'), along(0, -5, 'brass')], TONES, [stone]);
    const order = done
      .map((d) => d.colour)
      .filter((c) => c === '#6B4E12' || c === '#74391B' || c === 'stone');
    expect(order.indexOf('stone')).toBeGreaterThan(order.lastIndexOf('#6B4E12'));
    expect(order.indexOf('stone')).toBeLessThan(order.indexOf('#74391B'));
  });

  it('casts its shadow only on what lies beneath', () => {
    const { pen: on, done } = pen();
    paint(on, [along(0, 0, 'copper')], TONES);
    const shadows = done.filter((d) => d.colour === 'shadow');
    expect(shadows).toHaveLength(2);
    expect(shadows.every((d) => d.how === 'source-atop')).toBe(true);
    expect(done.filter((d) => d.colour !== 'shadow').every((d) => d.how === 'source-over')).toBe(true);
  });

  it('is drawn in the colours of the work where those are asked for', () => {
    const { pen: on, done } = pen();
    paint(on, [{ ...along(0, 0, 'copper'), colourAt: (s) => (s < 1.5 ? 'soft' : 'hard') }], TONES);
    const colours = done.map((d) => d.colour);
    expect(colours).toContain('soft');
    expect(colours).toContain('hard');
    expect(colours).not.toContain('#B5673A');
  });

  it('takes few fills for wires that are there for the others', () => {
    const full = pen();
    paint(full.pen, [along(0, 0, 'copper')], TONES);
    const plain = pen();
    paint(plain.pen, [{ ...along(0, 0, 'copper'), as: 'plain' }], TONES);
    expect(full.done).toHaveLength(6);
    expect(plain.done).toHaveLength(2);
  });
});
