import { describe, expect, it } from 'vitest';
import { touchable } from './touchable';

describe('where a part of the tape can be touched', () => {
  it('is the part itself where it is wide', () => {
    expect(
      touchable([
        [0, 40],
        [40, 90],
      ]),
    ).toEqual([
      [0, 40],
      [40, 90],
    ]);
  });

  it('is ten pixels of a narrow one, and its neighbours give way', () => {
    expect(
      touchable([
        [0, 40],
        [40, 42],
        [42, 90],
      ]),
    ).toEqual([
      [0, 36],
      [36, 46],
      [46, 90],
    ]);
  });

  it('lies about a narrow one at either end', () => {
    expect(
      touchable([
        [0, 2],
        [2, 50],
      ]),
    ).toEqual([
      [-4, 6],
      [6, 50],
    ]);
  });
});
