import { expect, test } from 'vitest';
import { laidOut } from './laidOut';
import type { MetalWire } from './scene';

const wire = (points: number[][]): MetalWire => ({
  metal: 'copper',
  outline: points.map(([x = 0, y = 0, z = 0], i) => [x, y, z, i]),
  widths: points.map(() => 1),
  crossings: [],
});

test('wires that lie in one place lie beside each other, as they were turned', () => {
  const square = wire([
    [0, 0],
    [10, 0],
    [10, 10],
    [0, 10, 2],
  ]);

  const out = laidOut([0, 1, 2, 3, 4].map((strand) => ({ strand, wire: square })));

  const boxes = out.map((w) => {
    const [xs, ys] = [w.outline.map((p) => p[0] ?? 0), w.outline.map((p) => p[1] ?? 0)];
    return [
      Math.min(...xs) - 0.5,
      Math.max(...xs) + 0.5,
      Math.min(...ys) - 0.5,
      Math.max(...ys) + 0.5,
    ] as const;
  });
  boxes.forEach((a, i) =>
    boxes.slice(i + 1).forEach((b) => {
      expect(a[1] <= b[0] || b[1] <= a[0] || a[3] <= b[2] || b[3] <= a[2]).toBe(true);
    }),
  );
  expect(out[3]?.outline[3]?.[2]).toBe(2);
  expect((out[4]?.outline[1]?.[0] ?? 0) - (out[4]?.outline[0]?.[0] ?? 0)).toBeCloseTo(10);
});
