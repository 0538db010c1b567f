import { describe, expect, it } from 'vitest';
import type { TrayPiece } from '../api/types';
import { lookedFor, retagged, tagsOf } from './find';

function piece(name: string, wire: string, tags: string[], purpose = 'pendant'): TrayPiece {
  return {
    id: name,
    name,
    wire,
    purpose,
    tags,
    totals: { wire: [{ metal: 'copper' }] },
  } as unknown as TrayPiece;
}

describe('looking for a piece on the tray', () => {
  const hook = piece('Hedge hook', '1 mm sterling silver', ['market', 'clasps'], 'necklace-closure');
  const rose = piece('Rose hip', '0.6 mm copper', ['market']);
  const bare = piece('Sloe', '0.4 mm brass', []);
  const all = [hook, rose, bare];

  it('shows all while nothing is asked', () => {
    expect(lookedFor(all, { typed: '  ', tags: [] })).toBe(all);
  });

  it.each([
    ['hip', [rose]],
    ['HEDGE silver', [hook]],
    ['necklace', [hook]],
    ['0.4', [bare]],
    ['clasp', [hook]],
    ['hip silver', []],
  ])('finds by name, wire, use and tag: %s', (typed, found) => {
    expect(lookedFor(all, { typed, tags: [] })).toEqual(found);
  });

  it('asks for every tag and every word', () => {
    expect(lookedFor(all, { typed: '', tags: ['market'] })).toEqual([hook, rose]);
    expect(lookedFor(all, { typed: 'rose', tags: ['market'] })).toEqual([rose]);
    expect(lookedFor(all, { typed: '', tags: ['market', 'clasps'] })).toEqual([hook]);
  });

  it('counts the tags, the most used first', () => {
    expect(tagsOf(all)).toEqual([
      ['market', 2],
      ['clasps', 1],
    ]);
  });

  it('changes what several share and leaves what is of one alone', () => {
    expect(retagged(['a', 'own', 'b'], ['a', 'b'], ['b', 'new'])).toEqual(['own', 'b', 'new']);
    expect(retagged([], [], [])).toEqual([]);
  });

  it('finds one among two thousand', () => {
    const many = Array.from({ length: 2000 }, (_, i) =>
      piece(`Berry ${i}`, '0.8 mm copper', [`row ${i % 40}`]),
    );
    expect(lookedFor(many, { typed: 'berry 1999', tags: [] }).map((p) => p.name)).toEqual(['Berry 1999']);
    expect(lookedFor(many, { typed: '', tags: ['row 7'] })).toHaveLength(50);
    expect(tagsOf(many)).toHaveLength(40);
  });
});
