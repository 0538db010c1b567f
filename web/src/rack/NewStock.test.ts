import { describe, expect, it } from 'vitest';
import { freeName } from './NewStock';

describe('the label of a new stock', () => {
  it('is one that is on no label yet, whatever its capitals', () => {
    expect(freeName('copper 1.00', [])).toBe('copper 1.00');
    expect(freeName('copper 1.00', ['Copper 1.00'])).toBe('copper 1.00 2');
    expect(freeName('copper 1.00', ['copper 1.00', 'copper 1.00 2'])).toBe('copper 1.00 3');
  });
});
