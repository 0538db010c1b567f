import { describe, expect, it } from 'vitest';
import type { LogPage } from '../api/types';
import { against, byThing, figure, shortDay, told } from './log';

function page(planned: number, actual: number, number = 1): LogPage {
  return {
    number,
    subject: 'hop',
    name: 'Hop',
    day: '2026-11-02',
    fact: {
      what: 'inside',
      about: 'hook.loop',
      title: 'loop',
      planned,
      actual,
      outcome: 'none',
      tool: '',
      note: '',
      helped: '',
      practice: false,
      word: '',
    },
  };
}

describe('the log in words', () => {
  it('shows every figure in its unit', () => {
    expect(figure('inside', 6, 'mm')).toBe('6.00 mm');
    expect(figure('cut', 25.4, 'in')).toBe('1 in');
    // a kilogram weighs 9.80665 N (CGPM 1901)
    expect(figure('hold', 9.80665, 'mm')).toBe('1.00 kg');
    expect(figure('minutes', 1.04, 'mm')).toBe('1.0 min');
    expect(figure('bath', 60.4, 'mm')).toBe('60 °C');
  });

  it('says how far it is from what was planned', () => {
    expect(against(page(6, 6.06), 'mm')).toBe('0.06 mm more than planned');
    expect(against(page(6, 5.9), 'mm')).toBe('0.10 mm less than planned');
    expect(against(page(6, 6.001), 'mm')).toBe('as planned');
  });

  it('names a shade, and a ring by its size beside its diameter', () => {
    expect(told('shade', 25, 'purple', 'mm')).toBe('purple');
    expect(told('ring', 17.35, 'US 7', 'mm')).toBe('US 7, 17.35 mm');
    expect(told('mass', 2.5, '', 'mm')).toBe(figure('mass', 2.5, 'mm'));
    const shade = page(25, 35);
    const darker: LogPage = { ...shade, fact: { ...shade.fact, what: 'shade' } };
    expect(against(darker, 'mm')).toBe('darker than planned');
  });

  it('keeps what was measured of one thing together, in order', () => {
    const all = byThing([page(6, 6.1, 1), page(6, 6.2, 2)]);
    expect(all.get('inside hook.loop')?.map((p) => p.number)).toEqual([1, 2]);
  });

  it('names the year only where it is another', () => {
    expect(shortDay('2026-11-02', new Date('2026-12-01'))).toBe('2 Nov');
    expect(shortDay('2025-11-02', new Date('2026-12-01'))).toBe('2 Nov 2025');
  });
});
