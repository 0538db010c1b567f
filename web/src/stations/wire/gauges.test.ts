import { describe, expect, it } from 'vitest';
import type { FieldCell, Gauge } from '../../api/types';
import { around, boundary, ROWS } from './gauges';

/** ASTM B258: d = 0.127 · 92^((36−n)/39) mm. */
const AWG: Gauge[] = Array.from({ length: 41 }, (_, n) => ({
  system: 'AWG',
  number: String(n),
  diameterMm: 0.127 * 92 ** ((36 - n) / 39),
}));

const cell = (holds: boolean) => ({ holds, stands: true }) as FieldCell;

describe('gauges of a field', () => {
  it('lie around the thickness, thick to thin, with their names', () => {
    const rows = around(AWG, 'AWG', 1.29);
    expect(rows).toHaveLength(ROWS);
    expect(rows.map((g) => g.label?.number)).toEqual('11,12,13,14,15,16,17,18,19,20,21,22'.split(','));
    expect(rows[5]?.thicknessMm).toBe(1.29);
  });

  it('hold a thickness that no gauge has, without a name', () => {
    const rows = around(AWG, 'AWG', 1.5);
    expect(rows.filter((g) => g.label === undefined)).toEqual([{ thicknessMm: 1.5 }]);
    expect([...rows].sort((a, b) => b.thicknessMm - a.thicknessMm)).toEqual(rows);
  });

  it('end where the system ends', () => {
    expect(around(AWG, 'AWG', 0.2)).toHaveLength(ROWS);
    expect(around(AWG, 'AWG', 5.9)).toHaveLength(ROWS);
  });
});

describe('the line of a field', () => {
  it('runs along the borders between what holds and what does not', () => {
    const holds = [true, true, false, true, false, false];
    expect(boundary(holds.map(cell), 3)).toBe('M2 0V1M1 1H2M1 1V2');
  });

  it('is not there where all hold', () => {
    expect(boundary([cell(true), cell(true)], 1)).toBe('');
  });
});
