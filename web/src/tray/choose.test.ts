import { describe, expect, test } from 'vitest';
import type { Making, Pattern, TrayPiece } from '../api/types';
import { enoughFirst, found, makes, yours } from './choose';

const pattern = (name: string, use: Pattern['use'], about: string) =>
  ({ name, title: name, about, use, purposes: ['link'] }) as unknown as Pattern;
const HOOK = pattern('Hook clasp', 'closures', 'A hook with a small loop.');
const RINGS = pattern('Jump rings', 'fillers', 'Single turns cut from one coil.');
const ALL = [HOOK, RINGS];
const ENOUGH: Making = { pattern: 'Jump rings', measure: 'rings', unit: '', whole: true, most: 12 };
const SHORT: Making = { pattern: 'Hook clasp', measure: 'run', unit: 'mm', whole: false, lacksMm: 9.96 };

describe('choosing a form', () => {
  test('by what it is used for', () => {
    expect(found(ALL, 'fillers', '')).toEqual([RINGS]);
    expect(found(ALL, 'all', '')).toEqual(ALL);
  });

  test('by every word that is typed, wherever it stands', () => {
    expect(found(ALL, 'all', 'LOOP small')).toEqual([HOOK]);
    expect(found(ALL, 'all', 'link')).toEqual(ALL);
    expect(found(ALL, 'all', 'closures')).toEqual([HOOK]);
    expect(found(ALL, 'all', 'loop coil')).toEqual([]);
  });

  test('of patterns of your own, by name, tags and wire', () => {
    const mine = {
      name: 'Sloe link',
      purpose: 'link',
      tags: ['market'],
      wire: '1 mm brass',
    } as unknown as TrayPiece;
    expect(yours([mine], 'sloe market')).toEqual([mine]);
    expect(yours([mine], 'brass LINK')).toEqual([mine]);
    expect(yours([mine], 'hazel')).toEqual([]);
  });

  test('what the wire is enough for stands first', () => {
    expect(enoughFirst(ALL, [SHORT, ENOUGH])).toEqual([RINGS, HOOK]);
    expect(enoughFirst(ALL, [])).toEqual(ALL);
  });

  test('what a wire makes is said with its unit, what it lacks rounded up', () => {
    expect(makes(ENOUGH, 'mm')).toBe('rings: 12');
    expect(makes(SHORT, 'mm')).toBe('lacks 10 mm');
    expect(makes({ ...SHORT, most: 7.5 }, 'mm')).toBe('run: up to 7.5 mm');
    expect(makes({ ...SHORT, refused: 'must be thinner' }, 'mm')).toBe('not of such wire');
  });
});
