import { describe, expect, it } from 'vitest';
import type { Piece, Plan } from '../api/types';
import { alike, changedSizes, sizesOf, unasked } from './changedSizes';

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

  it('are not those that the way out names itself', () => {
    const piece = {
      strands: [{ id: 'wire', elements: [{ id: 'run' }, { id: 'hook' }, { id: 'loop' }] }],
    } as unknown as Piece;
    const left = (path: string) =>
      unasked(before, piece, [{ op: 'replace', path, value: 4 }]).map((s) => s.element);
    expect(left('/strands/0/elements/2/insideMm')).toEqual(['hook']);
    expect(left('/strands/0/elements')).toEqual([]);
    expect(left('/joins/-')).toEqual(['hook', 'loop']);
  });

  it('are said once where they read the same', () => {
    const changed = changedSizes(before, plan({ hook: 8.3, loop: 3.3 }));
    const rounded = (mm: number) => mm.toFixed(1);
    expect(alike(changed, rounded).map((of) => [of.was, of.now, of.sizes.length])).toEqual([
      ['8.0', '8.3', 1],
      ['3.0', '3.3', 1],
    ]);
    expect(alike([...changed, ...changed], rounded).map((of) => of.sizes.length)).toEqual([2, 2]);
  });

  it('are none where an element is new or gone', () => {
    expect(changedSizes(before, plan({ hook: 8, curl: 2 }))).toEqual([]);
  });
});
