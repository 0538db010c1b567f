import { expect, test } from 'vitest';
import { along, turned, type Place } from './curve';

/** Middle of a cubic from its four points: (a + 3b + 3c + d) / 8. */
function middleOfFirst(path: string): Place {
  const figures = path.match(/-?\d+\.\d+/g)?.map(Number) ?? [];
  const [ax = 0, ay = 0, bx = 0, by = 0, cx = 0, cy = 0, dx = 0, dy = 0] = figures;
  return [(ax + 3 * bx + 3 * cx + dx) / 8, (ay + 3 * by + 3 * cy + dy) / 8];
}

test('a curve through places of a round stays close to it between them', () => {
  const round = Array.from({ length: 24 }, (_, i): Place => [
    10 * Math.cos((i * Math.PI) / 12),
    10 * Math.sin((i * Math.PI) / 12),
  ]);

  const [x, y] = middleOfFirst(along(round));

  expect(Math.hypot(x, y)).toBeCloseTo(10, 2);
});

test('fewer than three places make no way round', () => {
  expect(
    along([
      [0, 0],
      [1, 1],
    ]),
  ).toBe('');
});

test('a quarter turn to the left brings what lies right to the top', () => {
  const [x, y] = turned([2, 0], 90);

  expect(x).toBeCloseTo(0);
  expect(y).toBeCloseTo(2);
});
