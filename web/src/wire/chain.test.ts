import { describe, expect, it } from 'vitest';
import type { ChainPlan } from '../api/types';
import { linkAt } from './chain';
import type { MetalWire } from './scene';

const chain: ChainPlan = {
  strand: 'link',
  links: 5,
  pitchMm: 10,
  lengthMm: 52,
  from: [1, 2, 0],
  along: [1, 0, 0],
  turnDeg: 90,
};
const wire: MetalWire = {
  metal: 'copper',
  outline: [
    [1, 2, 0, 0],
    [4, 5, 0, 6],
  ],
  widths: [1, 1],
  crossings: [],
};

describe('a link of a chain', () => {
  it('in hand lies where it is', () => {
    expect(linkAt(wire, chain, 0).outline).toEqual(wire.outline);
  });

  it('that comes next is moved by the pitch and turned about the chain', () => {
    const [from, to] = linkAt(wire, chain, 1).outline;
    [11, 2, 0, 0].forEach((mm, i) => expect(from?.[i]).toBeCloseTo(mm, 9));
    // What stood 3 mm beside the chain in the plane stands 3 mm above it.
    [14, 2, 3, 6].forEach((mm, i) => expect(to?.[i]).toBeCloseTo(mm, 9));
  });

  it('that comes before is turned back', () => {
    const to = linkAt(wire, chain, -1).outline[1];
    [-6, 2, -3, 6].forEach((mm, i) => expect(to?.[i]).toBeCloseTo(mm, 9));
  });
});
