import { describe, expect, it } from 'vitest';
import type { StrandPlan } from '../api/types';
import { painted } from './painted';
import { track } from './ribbon';
import { rampColour, strainLine } from './strain';

const strand = (strains: [number, number][]) =>
  ({
    states: [{ stations: strains.map(([sMm, strain]) => ({ sMm, strain, thicknessMm: 1 })) }],
  }) as unknown as StrandPlan;

describe('strain along a wire', () => {
  it('is what the stations say away from a step', () => {
    const line = strainLine(
      strand([
        [0, 0],
        [10, 0],
        [10, 0.4],
        [20, 0.4],
      ]),
    );
    expect(line.at(5)).toBeCloseTo(0, 9);
    expect(line.at(15)).toBeCloseTo(0.4, 9);
    expect(line.most).toBe(0.4);
  });

  it('runs over a thickness to both sides of a step, halfway at the step', () => {
    const line = strainLine(
      strand([
        [0, 0],
        [10, 0],
        [10, 0.4],
        [20, 0.4],
      ]),
    );
    expect(line.at(10)).toBeCloseTo(0.2, 9);
    expect(line.at(9.5)).toBeCloseTo(0.1, 9);
    expect(line.at(0)).toBe(0);
    expect(line.at(20)).toBeCloseTo(0.4, 9);
  });
});

describe('the ramp', () => {
  it('grows darker all the way, so that it reads without colour', () => {
    const light = Array.from({ length: 33 }, (_, i) => {
      const [r = 0, g = 0, b = 0] =
        rampColour(i / 32)
          .match(/\d+/g)
          ?.map(Number) ?? [];
      return 0.2126 * r + 0.7152 * g + 0.0722 * b;
    });
    expect([...light].sort((a, b) => b - a)).toEqual(light);
    expect(rampColour(-1)).toBe(rampColour(0));
    expect(rampColour(2)).toBe(rampColour(1));
  });
});

describe('a painted wire', () => {
  it('is cut where its colour changes and nowhere else', () => {
    const whole = track(
      [0, 1, 2, 3, 4].map((x) => [x, 0, 0, x]),
      [1, 1, 1, 1, 1],
    );
    const parts = painted(whole, (s) => (s < 2.5 ? 'a' : 'b'));
    expect(parts.map((p) => p.colour)).toEqual(['a', 'b']);
    expect(parts[1]?.track.points[0]?.[0]).toBeCloseTo(2 + 1 / 3, 9);
    expect(parts[0]?.track.points.at(-1)?.[0]).toBeCloseTo(2 + 2 / 3, 9);
    expect(painted(whole, () => 'a')).toHaveLength(1);
  });
});
