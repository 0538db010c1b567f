import { describe, expect, it } from 'vitest';
import { beyond } from './limits';

describe('a length outside its limits', () => {
  it('is told them without digits that say nothing', () => {
    expect(beyond(900, 1, 60, 'mm')).toBe('must be from 1 to 60 mm');
    expect(beyond(0.001, 0.01, undefined, 'mm')).toBe('must be 0.01 mm or more');
    expect(beyond(61, undefined, 60, 'mm')).toBe('must be 60 mm or less');
  });

  it('reads them in inches where lengths are read in inches', () => {
    expect(beyond(900, 1, 60, 'in')).toBe('must be from 0.039 to 2.362 in');
    expect(beyond(900, 25.4, 50.8, 'in32')).toBe('must be from 1 to 2 in');
  });

  it('is none on the limit and where there is none', () => {
    expect(beyond(60, 1, 60, 'mm')).toBeUndefined();
    expect(beyond(1, 1, 60, 'mm')).toBeUndefined();
    expect(beyond(1e6, undefined, undefined, 'in')).toBeUndefined();
  });
});
