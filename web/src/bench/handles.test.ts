import { describe, expect, it } from 'vitest';
import type { Element, ElementPlan } from '../api/types';
import { track, type Point } from '../wire/ribbon';
import { handlesOf } from './handles';

// A half circle of 4 mm centre-line radius to the left, from the origin heading along x; inside 7 in 1 mm wire.
const half: Point[] = Array.from({ length: 37 }, (_, i) => {
  const a = (i * Math.PI) / 36;
  return [4 * Math.sin(a), 4 - 4 * Math.cos(a), 0, 4 * a];
});
const whole = track(
  half,
  half.map(() => 1),
);
const element = { kind: 'arc', id: 'bend', insideMm: 7, sweepDeg: 180, turn: 'left' } as Element;
const plan = { id: 'bend', fromMm: 0, toMm: 4 * Math.PI, centre: [0, 4, 0] } as unknown as ElementPlan;

describe('handles of a bend', () => {
  const [inside, sweep] = handlesOf(element, plan, whole);

  it('pulls the inside by twice the way outward', () => {
    expect(inside?.x).toBeCloseTo(4, 6);
    expect(inside?.valueAt(1, 0)).toBeCloseTo(9, 9);
    expect(inside?.valueAt(-1, 0)).toBeCloseTo(5, 9);
    expect(inside?.valueAt(-50, 0)).toBeCloseTo(0.1, 9);
  });

  it('turns the sweep with the hand', () => {
    expect(sweep?.field).toBe('sweepDeg');
    expect(sweep?.valueAt(0, 0)).toBe(180);
    expect(sweep?.valueAt(-4, -4)).toBe(270);
    expect(sweep?.valueAt(4, -4)).toBe(90);
  });
});

describe('handle of a straight', () => {
  const rod = track(
    [
      [0, 0, 0, 0],
      [10, 0, 0, 10],
    ],
    [1, 1],
  );
  const [end] = handlesOf(
    { kind: 'straight', id: 'run', lengthMm: 10 } as Element,
    { id: 'run', fromMm: 0, toMm: 10 } as ElementPlan,
    rod,
  );

  it('lengthens along the wire only', () => {
    expect(end?.valueAt(2, 5)).toBeCloseTo(12, 9);
    expect(end?.valueAt(-30, 0)).toBeCloseTo(0.1, 9);
  });
});
