import { describe, expect, it } from 'vitest';
import type { ChainPlan } from '../api/types';
import { leans, linkAt } from './chain';
import type { MetalWire } from './scene';

const chain: ChainPlan = {
  strand: 'link',
  links: 5,
  pitchMm: 10,
  lengthMm: 52,
  from: [1, 2, 0],
  along: [1, 0, 0],
  about: [1, 0, 0],
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

  it('that leans goes on from the one before, and the one before that from it', () => {
    const leaning = { ...chain, about: [0, 1, 0] };
    expect(leans(leaning)).toBe(true);
    expect(leans(chain)).toBe(false);
    const there = linkAt(wire, leaning, 2);
    // A quarter turn about the line across each: one pitch along the chain, the next straight down, and 3 mm back from there.
    [8, 5, -10, 6].forEach((mm, i) => expect(there.outline[1]?.[i]).toBeCloseTo(mm, 9));
    linkAt(there, leaning, -2).outline.forEach((p, k) =>
      p.forEach((mm, i) => expect(mm).toBeCloseTo(wire.outline[k]?.[i] ?? NaN, 9)),
    );
  });
});
