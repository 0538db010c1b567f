import { describe, expect, it } from 'vitest';
import type { Plan } from '../api/types';
import { changedSizes, sizesOf } from './changedSizes';

function plan(insides: Record<string, number | undefined>): Plan {
  const elements = Object.entries(insides).map(([id, insideMm]) => ({
    id,
    label: `the ${id}`,
    finished: { outsideMm: 10, insideMm },
  }));
  return { strands: [{ id: 'wire', elements }] } as unknown as Plan;
}

describe('sizes that a way out changed', () => {
  const before = sizesOf(plan({ hook: 8, loop: 3, run: undefined }));

  it('are those that a calliper tells apart', () => {
    expect(before.map((s) => s.element)).toEqual(['hook', 'loop']);
    expect(changedSizes(before, plan({ hook: 8.3, loop: 3.02 }))).toEqual([
      { strand: 'wire', element: 'hook', label: 'the hook', wasMm: 8, nowMm: 8.3 },
    ]);
  });

  it('are none where an element is new or gone', () => {
    expect(changedSizes(before, plan({ hook: 8, curl: 2 }))).toEqual([]);
  });
});
