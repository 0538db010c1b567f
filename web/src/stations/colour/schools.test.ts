import { describe, expect, it } from 'vitest';
import { clock, exact, warmth } from '../../kit/clock';
import { RECIPES, schoolOf } from './schools';

describe('what makers do with a bath', () => {
  it('is told by what the piece says', () => {
    expect(schoolOf(undefined)).toBe('bright');
    expect(schoolOf(RECIPES.brown)).toBe('brown');
    expect(schoolOf(RECIPES.black)).toBe('black');
    expect(schoolOf({ ...RECIPES.brown, polishBack: 0.4 })).toBe('black');
  });

  it('starts brown without polishing, black with', () => {
    expect(RECIPES.brown.polishBack).toBe(0);
    expect(RECIPES.black.polishBack).toBeGreaterThan(0.5);
  });
});

describe('times of a bath', () => {
  it('are told no finer than they are known', () => {
    expect(clock(0.2)).toBe('0:01');
    expect(clock(13.4)).toBe('0:13');
    expect(clock(51.9)).toBe('0:50');
    expect(clock(123)).toBe('2:05');
  });

  it('of a running clock are told to the second', () => {
    expect(exact(7)).toBe('0:07');
    expect(exact(123)).toBe('2:03');
  });

  it('stand with the warmth in words', () => {
    expect(warmth(60)).toBe('hot');
    expect(warmth(40)).toBe('warm');
    expect(warmth(25)).toBe('boiled and cooled');
    expect(warmth(90)).toContain('let it cool');
  });
});
