import { describe, expect, it } from 'vitest';
import { runs, shownMm } from './CutBars';

const cut = (number: number, title: string, atMm: number, lengthMm: number, pair = false) => ({
  number,
  title,
  atMm,
  lengthMm,
  pair,
});

describe('what is drawn of a stock', () => {
  it('is the whole of a length, and of a spool only the end that is cut', () => {
    const cuts = [cut(1, 'hook', 1.5, 100)];
    expect(shownMm({ form: 'length', hasMm: 500, cuts })).toBe(500);
    expect(shownMm({ form: 'spool', hasMm: 5000, cuts })).toBeCloseTo(101.5 * 1.12);
    expect(shownMm({ form: 'spool', hasMm: 104, cuts })).toBe(104);
  });
});

describe('wires that lie side by side', () => {
  it('are one line where purpose and length are one', () => {
    const cuts = [cut(1, 'left', 1, 50, true), cut(2, 'left', 54, 50), cut(3, 'eye', 107, 30)];
    expect(runs(cuts)).toEqual([
      { from: 1, to: 2, title: 'left', lengthMm: 50, pairs: true },
      { from: 3, to: 3, title: 'eye', lengthMm: 30, pairs: false },
    ]);
  });
});
