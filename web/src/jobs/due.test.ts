import { describe, expect, it } from 'vitest';
import { doneOn, dueIn, today } from './due';

// Calendar: 26 November 2026 is a Thursday.
describe('when a job is due', () => {
  const now = new Date(2026, 10, 26, 15, 0);
  it.each([
    [undefined, 'no due date'],
    ['2026-11-26', 'due today, Thursday 26 November'],
    ['2026-11-27', 'due tomorrow, Friday 27 November'],
    ['2026-12-05', 'due in 9 days, on Saturday 5 December'],
    ['2026-11-25', '1 day late, was due on Wednesday 25 November'],
  ])('%s is %s', (due, says) => {
    expect(dueIn(due, now)).toBe(says);
  });

  it('keeps the day of the bench, not that of Greenwich', () => {
    expect(today(new Date(2026, 10, 6, 23, 59))).toBe('2026-11-06');
    expect(doneOn('2026-11-06')).toBe('done on Friday 6 November');
  });
});
