import { describe, expect, it } from 'vitest';
import { places } from './places';

describe('figures at marks', () => {
  it('stand in the lowest row where there is room', () => {
    expect(places([0, 200, 400].map((x) => ({ x, text: '9.9' }))).map((p) => p.level)).toEqual([1, 1, 1]);
  });

  it('go below and higher where marks stand close', () => {
    const placed = places([0, 12, 24, 36, 500].map((x) => ({ x, text: '226.9' })));
    for (const [i, a] of placed.entries()) {
      for (const b of placed.slice(i + 1)) {
        const apart = Math.abs(a.x - b.x);
        if (a.level === b.level) expect(apart).toBeGreaterThan(70);
      }
    }
    expect(placed.at(-1)?.level).toBe(1);
    expect(new Set(placed.slice(0, 4).map((p) => p.level)).size).toBe(4);
  });
});
