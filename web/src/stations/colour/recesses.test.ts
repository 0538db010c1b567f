import { describe, expect, it } from 'vitest';
import type { Recess, StrandPlan } from '../../api/types';
import { lit, shadeAt } from './recesses';

const strand = { outline: [0, 10, 20, 30].map((s) => [s, 0, 0, s]) } as unknown as StrandPlan;
const shades = ['#high', '#middle', '#hidden'];

describe('the colour of a place', () => {
  const recess: Recess = { strand: 'wire', recess: [0, 0, 1, 1] };
  const at = shadeAt(strand, recess, shades);

  it('is that of its recess', () => {
    expect(at(5)).toBe('#high');
    expect(at(25)).toBe('#hidden');
  });

  it('goes over between two places', () => {
    expect(at(15)).toBe('#middle');
  });

  it('beyond the ends is that of the end', () => {
    expect(at(-3)).toBe('#high');
    expect(at(99)).toBe('#hidden');
  });

  it('is that of a high place where nothing is known', () => {
    expect(shadeAt(strand, undefined, shades)(15)).toBe('#high');
  });
});

describe('light on a colour', () => {
  it('takes each part of it by its share', () => {
    expect(lit('#804020', 0.5)).toBe('#402010');
    expect(lit('#ffffff', 1)).toBe('#ffffff');
    expect(lit('#0a0000', 0.1)).toBe('#010000');
  });
});
