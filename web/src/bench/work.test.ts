import { describe, expect, it } from 'vitest';
import kindsJson from '../api/kinds.json';
import type { Kinds, Piece, Strand, Work } from '../api/types';
import { freeWork, newWork, withoutWork, withWork } from './work';

const kinds = kindsJson as unknown as Kinds;

const strand = {
  id: 'hook',
  wire: { section: { shape: 'round', diameterMm: 1.2 } },
  elements: [{ id: 'bend' }],
} as unknown as Strand;

function piece(...work: object[]): Piece {
  return { work, parts: [{ id: 'disc', kind: 'blank' }], strands: [strand] } as unknown as Piece;
}

describe('work', () => {
  it('starts every operation with usual figures, after forming, on the chosen element', () => {
    for (const op of kinds.work.map((k) => k.kind as Work['op'])) {
      const made = newWork(kinds, piece(), strand, op, 'bend');
      expect(made).toMatchObject({ op, id: `${op}-1`, strand: 'hook', elements: ['bend'], after: 'forming' });
    }
    expect(newWork(kinds, piece(), strand, 'flatten', undefined)).toMatchObject({
      elements: [],
      toMm: 0.9,
      with: 'domed-hammer',
    });
    expect(newWork(kinds, piece(), strand, 'pierce', undefined)).toMatchObject({
      part: 'disc',
      diameterMm: 1.5,
    });
    expect(newWork(kinds, piece(), strand, 'mallet', undefined)).toMatchObject({ passes: 3 });
  });

  it('finds a name that is free', () => {
    expect(freeWork(piece({ id: 'mallet-1' }, { id: 'mallet-3' }), 'mallet')).toBe('mallet-2');
  });

  it('changes one work and leaves the others', () => {
    const after = withWork(piece({ id: 'a', toMm: 1 }, { id: 'b', toMm: 1 }), 'b', { toMm: 0.8 });
    expect(after.work).toEqual([
      { id: 'a', toMm: 1 },
      { id: 'b', toMm: 0.8 },
    ]);
  });

  it('takes one out; what came after it comes after what it came after', () => {
    const before = piece({ id: 'a', after: 'bend' }, { id: 'b', after: 'a' }, { id: 'c', after: 'b' });
    expect(withoutWork(before, 'a').work).toEqual([
      { id: 'b', after: 'bend' },
      { id: 'c', after: 'b' },
    ]);
  });
});
