import { describe, expect, it } from 'vitest';
import type { BookedEntry } from '../api/types';
import { amountOf, fill, freeName, inWords } from './stock';

const booked = (entry: Partial<BookedEntry['entry']>, names: string[] = []): BookedEntry => ({
  number: 3,
  at: '2026-11-02T09:00:00Z',
  names,
  isUndone: false,
  entry: { what: 'cut', stocks: [], lines: [], note: '', ...entry },
});
const line = (by: number, unit: 'mm' | 'g' | 'pieces') => ({ stock: 'a', by, in: unit, scrapMm: 0, paid: 0 });

describe('what is on the rack in words', () => {
  it('says lengths in the reader’s units and parts in pieces', () => {
    expect(amountOf('spool', 12340, 'mm')).toBe('12.34 m');
    expect(amountOf('off-cut', 254, 'in')).toBe('10 in');
    expect(amountOf('parts', 1, 'mm')).toBe('1 piece');
    expect(amountOf('parts', 12, 'mm')).toBe('12 pieces');
  });

  it('shows a spool as full as it is of the most that it held', () => {
    expect(fill({ has: 500, most: 2000 })).toBe(0.25);
    expect(fill({ has: 0, most: 0 })).toBe(0);
  });

  it('says what an entry did, and how many lines it does not name', () => {
    expect(inWords(booked({ lines: [line(-300, 'mm')] }, ['copper 1']), 'mm')).toBe('used: copper 1 300 mm');
    expect(inWords(booked({ what: 'bought', lines: [line(100, 'g')] }, ['brass']), 'mm')).toBe(
      'bought: brass 100.0 g',
    );
    expect(
      inWords(booked({ what: 'corrected', lines: [line(-2, 'pieces')], note: 'counted' }, ['pins']), 'mm'),
    ).toBe('corrected: pins −2 pieces (counted)');
    expect(
      inWords(
        booked({ lines: Array.from({ length: 5 }, () => line(-10, 'mm')) }, ['a', 'b', 'c', 'd', 'e']),
        'mm',
      ),
    ).toContain('and 2 more');
    expect(inWords(booked({ what: 'undone', undoes: 2 }), 'mm')).toBe('entry 2 taken back');
    const paid = { ...line(100, 'g'), paid: 12.5 };
    expect(inWords(booked({ what: 'bought', lines: [paid] }, ['brass']), 'mm', '€')).toBe(
      'bought: brass 100.0 g for 12.50 €',
    );
  });
});

describe('the label of a new stock', () => {
  it('is one that is on no label yet, whatever its capitals', () => {
    expect(freeName('copper 1.00', [])).toBe('copper 1.00');
    expect(freeName('copper 1.00', ['Copper 1.00'])).toBe('copper 1.00 2');
    expect(freeName('copper 1.00', ['copper 1.00', 'copper 1.00 2'])).toBe('copper 1.00 3');
  });
});
