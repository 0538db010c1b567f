import { describe, expect, it } from 'vitest';
import type { TrayPiece } from '../api/types';
import { layRows, trayScale } from './layout';

function rod(id: number, mm: number): TrayPiece {
  const drawing = [
    {
      metal: 'copper',
      count: 1,
      outline: [
        [0, 0, 0, 0],
        [mm, 0, 0, mm],
      ],
      drawnMm: [2, 2],
      crossings: [],
    },
  ];
  return { id: String(id), name: `Rod ${id}`, drawing } as unknown as TrayPiece;
}

describe('the tray', () => {
  const pieces = Array.from({ length: 40 }, (_, i) => rod(i, 10 + (i % 7) * 12));

  it('lays forty pieces without one over another, in their order', () => {
    const { lying, height } = layRows(pieces, 1200, 3);
    expect(lying.map((l) => l.piece.id)).toEqual(pieces.map((p) => p.id));
    for (const a of lying) {
      expect(a.left).toBeGreaterThanOrEqual(0);
      expect(a.left + a.width).toBeLessThanOrEqual(1200);
      expect(a.top + a.drawn.height).toBeLessThanOrEqual(height);
      for (const b of lying) {
        if (a === b) continue;
        const apart =
          a.left + a.width <= b.left ||
          b.left + b.width <= a.left ||
          a.top + a.drawn.height <= b.top ||
          b.top + b.drawn.height <= a.top;
        expect(apart).toBe(true);
      }
    }
  });

  it('draws few pieces larger than many, at one scale', () => {
    expect(trayScale(pieces.slice(0, 3), 1200, 600)).toBeGreaterThan(trayScale(pieces, 1200, 600));
  });
});
