import { describe, expect, it } from 'vitest';
import { fitTracks } from './fit';
import { bounds, part, ribbon, track, type Point } from './ribbon';

const ring: Point[] = Array.from({ length: 73 }, (_, i) => {
  const angle = (i * Math.PI) / 36;
  return [5 * Math.cos(angle), 5 * Math.sin(angle), 0, 5 * angle];
});
const wide = (points: Point[], mm: number) => points.map(() => mm);

describe('a wire of true thickness', () => {
  it('is as wide as its circle and its wire together', () => {
    const box = bounds([track(ring, wide(ring, 1))]);
    expect(box.width).toBeCloseTo(11, 2);
    expect(box.height).toBeCloseTo(11, 2);
  });

  it('ends flush', () => {
    const rod = track(
      [
        [0, 0, 0, 0],
        [10, 0, 0, 10],
      ],
      [2, 2],
    );
    expect(bounds([rod])).toEqual({ x: 0, y: -1, width: 10, height: 2 });
    expect(ribbon(rod, 1)).toBe('M0 1L10 1L10 -1L0 -1Z');
  });

  it('leaves out repeated points, which have no heading', () => {
    const points: Point[] = [
      [0, 0, 0, 0],
      [1, 0, 0, 1],
      [1, 0, 0, 1],
      [2, 0, 0, 2],
    ];
    const one = track(points, wide(points, 1));
    expect(one.points).toHaveLength(3);
    expect(one.normals.every(([x, y]) => Math.abs(x) < 1e-9 && Math.abs(y - 1) < 1e-9)).toBe(true);
  });

  it('is cut where the part begins and ends, between points', () => {
    const piece = part(track(ring, wide(ring, 1)), 3.1, 7.7);
    expect(piece.points[0]?.[3]).toBeCloseTo(3.1, 9);
    expect(piece.points.at(-1)?.[3]).toBeCloseTo(7.7, 9);
  });

  it('fits the limiting side of its mat', () => {
    const at = fitTracks([track(ring, wide(ring, 1))], 400, 200, 0.8);
    expect(at.scale * 11).toBeCloseTo(160, 0);
    expect(at.x).toBeCloseTo(200, 0);
    expect(at.y).toBeCloseTo(100, 0);
  });
});
