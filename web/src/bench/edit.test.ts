import { describe, expect, it } from 'vitest';
import type { Element, Piece } from '../api/types';
import {
  addElement,
  addStrand,
  freeId,
  moveElement,
  patched,
  removeElement,
  removeStrand,
  withCount,
  withElement,
  withEntered,
  resequenced,
} from './edit';

const run = (id: string): Element => ({
  kind: 'straight',
  id,
  lengthMm: 5,
  rollDeg: 0,
  target: 'released',
  pointed: false,
});

function piece(): Piece {
  return {
    name: 'Hop',
    entered: {},
    source: { pattern: 's-hook', parameters: {}, detached: false },
    strands: [{ id: 'hook', elements: [run('a'), run('b'), run('c')], order: ['c', 'a'] }],
  } as unknown as Piece;
}

const ids = (p: Piece) => p.strands[0]?.elements.map((e) => e.id);

describe('changing elements', () => {
  it('changes one and detaches the piece from its pattern', () => {
    const before = piece();
    const after = withElement(before, 0, 'b', { lengthMm: 9 } as Partial<Element>);
    expect(after.strands[0]?.elements[1]).toMatchObject({ id: 'b', lengthMm: 9 });
    expect(after.source?.detached).toBe(true);
    expect(before.source?.detached).toBe(false);
  });

  it('remembers what was typed where it was not mm', () => {
    const typed = withEntered(piece(), 'strands.hook.elements.a.lengthMm', '5/16in');
    expect(typed.entered).toEqual({ 'strands.hook.elements.a.lengthMm': '5/16in' });
    expect(withEntered(typed, 'strands.hook.elements.a.lengthMm', '8 mm').entered).toEqual({});
  });

  it('adds after the chosen one, or at the end', () => {
    expect(ids(addElement(piece(), 0, run('x'), 'a'))).toEqual(['a', 'x', 'b', 'c']);
    expect(ids(addElement(piece(), 0, run('x'), undefined))).toEqual(['a', 'b', 'c', 'x']);
  });

  it('moves along the wire and stops at the ends', () => {
    expect(ids(moveElement(piece(), 0, 'a', 1))).toEqual(['b', 'a', 'c']);
    expect(ids(moveElement(piece(), 0, 'a', -1))).toEqual(['a', 'b', 'c']);
  });

  it('removes one and forgets it in the order of forming', () => {
    const after = removeElement(piece(), 0, 'c');
    expect(ids(after)).toEqual(['a', 'b']);
    expect(after.strands[0]?.order).toEqual(['a']);
  });

  it('finds names that are free', () => {
    const strand = piece().strands[0];
    expect(strand && freeId(strand, 'loop')).toBe('loop');
    expect(strand && freeId(strand, 'a')).toBe('a-2');
  });

  it('applies a JSON Patch without touching the original', () => {
    const before = piece();
    const after = patched(before, [{ op: 'replace', path: '/strands/0/elements/0/lengthMm', value: 7 }]);
    expect(after.strands[0]?.elements[0]).toMatchObject({ lengthMm: 7 });
    expect(before.strands[0]?.elements[0]).toMatchObject({ lengthMm: 5 });
  });
});

describe('changing strands', () => {
  const two = () => {
    const first = addStrand({ ...piece(), work: [], parts: [], joins: [] } as Piece, 0);
    return {
      ...first,
      work: [
        { strand: 'hook', op: 'trim' },
        { strand: 'strand-2', op: 'trim' },
      ],
      parts: [
        { id: 'bead', on: 'hook.a' },
        { id: 'cord', on: 'strand-2.run' },
      ],
      joins: [
        { a: 'hook.a', b: 'cord' },
        { a: 'strand-2.run', b: 'cord' },
      ],
    } as unknown as Piece;
  };

  it('adds a straight one under a name of its own', () => {
    const after = addStrand(addStrand(piece(), 0), 0);
    expect(after.strands.map((s) => s.id)).toEqual(['hook', 'strand-2', 'strand-3']);
    expect(after.strands[1]).toMatchObject({ count: 1, matched: false, order: [] });
    expect(after.source?.detached).toBe(true);
  });

  it('never gives a name twice', () => {
    const shorter = removeStrand(addStrand(addStrand({ ...two() }, 0), 0), 1);
    expect(addStrand(shorter, 0).strands.map((s) => s.id)).toEqual([
      'hook',
      'strand-3',
      'strand-4',
      'strand-5',
    ]);
  });

  it('takes one out with its work and joins; what sat on it comes loose', () => {
    const after = removeStrand(two(), 0);
    expect(after.strands.map((s) => s.id)).toEqual(['strand-2']);
    expect(after.work).toEqual([{ strand: 'strand-2', op: 'trim' }]);
    expect(after.parts).toEqual([{ id: 'bead' }, { id: 'cord', on: 'strand-2.run' }]);
    expect(after.joins).toEqual([{ a: 'strand-2.run', b: 'cord' }]);
  });

  it('counts wires and pairs', () => {
    const after = withCount(piece(), 0, { count: 4, matched: true, mirror: true });
    expect(after.strands[0]).toMatchObject({ id: 'hook', count: 4, matched: true, mirror: true });
  });
});

describe('steps in another order', () => {
  const step = (kind: 'form' | 'work' | 'trim', id: string, index: number) => ({
    kind,
    id,
    index,
    words: id,
    elements: [],
    leaves: 'as-it-was' as const,
  });
  const steps = [
    step('form', 'eye', 1),
    step('form', 'bend', 2),
    step('work', 'w1', 3),
    step('work', 'w2', 4),
    step('trim', '', 5),
  ];
  const worked = {
    strands: [{ id: 'hook', order: ['eye', 'bend'], elements: [] }],
    work: [
      { id: 'w1', strand: 'hook', after: 'forming' },
      { id: 'w2', strand: 'hook', after: 'w1' },
    ],
    source: { pattern: 'hook-clasp', parameters: {}, detached: false },
  } as unknown as Piece;
  const moments = (piece: Piece | undefined) => piece?.work.map((w) => `${w.id} ${w.after}`);

  it('put work on the straight wire, between formings, and after all', () => {
    expect(moments(resequenced(worked, 0, steps, 2, 0))).toEqual(['w1 start', 'w2 forming']);
    expect(moments(resequenced(worked, 0, steps, 3, 1))).toEqual(['w2 eye', 'w1 forming']);
    expect(moments(resequenced(worked, 0, steps, 3, 2))).toEqual(['w2 forming', 'w1 forming']);
    expect(resequenced(worked, 0, steps, 2, 0)?.source?.detached).toBe(false);
  });

  it('form in another order, and what stood between stays where it was', () => {
    const swapped = resequenced(worked, 0, steps, 0, 1);
    expect(swapped?.strands[0]?.order).toEqual(['bend', 'eye']);
    expect(moments(swapped)).toEqual(['w1 forming', 'w2 forming']);
    expect(swapped?.source?.detached).toBe(true);
    expect(moments(resequenced(worked, 0, steps, 1, 3))).toEqual(['w1 eye', 'w2 eye']);
  });

  it('leave a trim, a step that stays, and work on every strand between the parts of one', () => {
    expect(resequenced(worked, 0, steps, 4, 0)).toBeUndefined();
    expect(resequenced(worked, 0, steps, 1, 1)).toBeUndefined();
    const both = {
      ...worked,
      strands: [...worked.strands, ...worked.strands],
      work: worked.work.map((w) => ({ ...w, strand: '' })),
    };
    expect(resequenced(both, 0, steps, 2, 1)).toBeUndefined();
    expect(moments(resequenced(both, 0, steps, 2, 0))).toEqual(['w1 start', 'w2 forming']);
  });
});
