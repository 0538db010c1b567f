import { expect, test } from 'vitest';
import { band } from './HandRow';

test('a band of thicknesses is said in the units of the reader', () => {
  expect(band('fine', 'mm')).toBe('under 0.5 mm');
  expect(band('stout', 'mm')).toBe('1.2 to 1.8 mm');
  // An inch is 25.4 mm (international yard and pound agreement, 1959): 1.2 and 1.8 mm are 0.0472 and 0.0709 in.
  expect(band('stout', 'in')).toBe('0.047 to 0.071 in');
  expect(band('heavy', 'in32')).toBe('0.071 in and more');
});
