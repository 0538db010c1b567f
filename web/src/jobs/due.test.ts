import { describe, expect, it } from 'vitest';
import { dueIn } from './due';

// Calendar: 26 November 2026 is a Thursday.
describe('when a job is due', () => {
  const now = new Date(2026, 10, 26, 15, 0);
  it.each([
    [undefined, 'no day set'],
    ['2026-11-26', 'due today, Thursday 26 November'],
    ['2026-11-27', 'due tomorrow, Friday 27 November'],
    ['2026-12-05', 'due in 9 days, on Saturday 5 December'],
    ['2026-11-25', '1 day late, was due on Wednesday 25 November'],
  ])('%s is %s', (due, says) => {
    expect(dueIn(due, now)).toBe(says);
  });
});
