import { describe, expect, it } from 'vitest';
import type { TrayPiece } from '../api/types';
import { inSight, layRows, trayScale } from './layout';

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
  return { id: String(id), name: `Rod ${id}`, drawing, parts: [] } as unknown as TrayPiece;
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

  it('draws all of a small tray, and of a large one what is near', () => {
    const many = Array.from({ length: 2000 }, (_, i) => rod(i, 20));
    const { lying, height } = layRows(many, 1200, 3);
    const near = inSight(lying, height / 2, 600);
    expect(inSight(lying.slice(0, 40), height / 2, 600)).toHaveLength(40);
    expect(near.length).toBeGreaterThan(20);
    expect(near.length).toBeLessThan(200);
    const seen = lying.filter((l) => l.top >= height / 2 && l.top <= height / 2 + 600);
    expect(near).toEqual(expect.arrayContaining(seen));
  });

  it('gives room to a piece that cannot be drawn', () => {
    const none = { id: 'x', name: 'Broken', drawing: [] } as unknown as TrayPiece;
    const { lying } = layRows([none], 1200, 3);
    expect(lying[0]?.drawn.width).toBeGreaterThan(0);
    expect(lying[0]?.width).toBeLessThan(1200);
  });
});
