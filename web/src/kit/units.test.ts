import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  grams,
  length,
  lengthNumber,
  load,
  mass,
  place,
  ruled,
  thickness,
  toolSize,
  type Rounding,
  type Units,
  unitWord,
  weighed,
  wireLength,
  words,
} from './units';

// The same table that the core's own writer of lengths is tested with.
const TABLE = '../core/src/test/resources/org/etui/core/measure/length-format.csv';
const rows = readFileSync(TABLE, 'utf8').trim().split('\n').slice(2);

describe('lengths on screen', () => {
  it.each(rows.map((r) => r.split(',')))('%s mm in %s, %s, is %s', (mm, units, rounding, text) => {
    expect(lengthNumber(Number(mm), units as Units, rounding as Rounding)).toBe(text);
  });

  it('of wire in all are never shorter than they are', () => {
    expect(wireLength(1690.1, 'mm')).toBe('1.70 m');
    expect(wireLength(999.9, 'mm')).toBe('999.9 mm');
    expect(wireLength(1000, 'in')).toBe('39 3/8 in');
    expect(unitWord('in32')).toBe('in');
    expect(length(25.4 * 1.03, 'in32', 'up')).toBe('1 1/32 in');
  });

  it('carry their unit', () => {
    expect(length(64, 'mm')).toBe('64.0 mm');
    expect(length(63.5, 'in')).toBe('2 1/2 in');
    expect(thickness(1.29, 'mm')).toBe('1.29 mm');
    expect(thickness(1.29, 'in')).toBe('0.051 in');
    expect(mass(0.473)).toBe('0.47 g');
    expect(mass(12.34)).toBe('12.3 g');
    expect(load(1)).toBe('100 g (1.0 N)');
    expect(load(9.81)).toBe('1.0 kg (9.8 N)');
    expect(load(20)).toBe('2.0 kg (20 N)');
    expect(words('half-hard')).toBe('half hard');
  });

  it('reads a length of stock in metres from one metre on, and without a tenth where there is none', () => {
    expect(ruled(169, 'mm')).toBe('169 mm');
    expect(ruled(112.44, 'mm')).toBe('112.4 mm');
    expect(ruled(12_340, 'mm')).toBe('12.34 m');
    expect(ruled(254, 'in')).toBe('10 in');
  });
});

describe('marks and loads', () => {
  it('are true to 0.2 mm in inches, whatever the fraction', () => {
    expect(place(25.4, 'in')).toBe('1 in');
    // 27.3 mm is 1.0748 in: the nearest 1/32 would be 0.3 mm short
    expect(place(27.3, 'in')).toBe('1.07 in');
    for (let mm = 0.3; mm < 300; mm += 0.37) {
      const said = place(mm, 'in32').replace(' in', '').split(' ');
      const inch = said.reduce((sum, part) => {
        const [top, bottom = '1'] = part.split('/');
        return sum + Number(top) / Number(bottom);
      }, 0);
      expect(Math.abs(inch * 25.4 - mm)).toBeLessThanOrEqual(0.2);
    }
  });

  it('say no more digits than a load is sure of, but all that a scale shows', () => {
    expect(grams(5.07)).toBe('520 g');
    expect(weighed(5.07)).toBe('517 g');
    expect(length(62, 'mm', 'up')).toBe('62 mm');
    expect(toolSize(25, 'mm')).toBe('25 mm');
    expect(toolSize(8.5, 'mm')).toBe('8.5 mm');
  });
});
