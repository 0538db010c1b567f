import { describe, expect, it } from 'vitest';
import type { Step } from '../api/types';
import { clock, foundAgain, grouped, minutes } from './card';

const step = (title: string) => ({ title }) as Step;

describe('the card', () => {
  it('says once what several strands have in common', () => {
    const each = [
      { strand: 'a', title: 'Drop 1', wires: 1, text: 'Cut 29.0 mm.' },
      { strand: 'b', title: 'Drop 2', wires: 2, text: 'Cut 33.0 mm.' },
      { strand: 'c', title: 'Drop 3', wires: 1, text: 'Cut 29.0 mm.' },
      { strand: 'd', title: 'Drop 4', wires: 1, text: '' },
    ];
    expect(grouped(each)).toEqual([
      { titles: 'Drop 1, Drop 3:', text: 'Cut 29.0 mm.' },
      { titles: 'Drop 2 ×2:', text: 'Cut 33.0 mm.' },
    ]);
  });

  it('is picked up by index and title, else by title, else as near as can be', () => {
    const steps = [step('Cut'), step('Form the loop'), step('Form the hook'), step('Form the loop')];
    expect(foundAgain({ step: 3, title: 'Form the loop', timers: [] }, steps)).toBe(3);
    expect(foundAgain({ step: 0, title: 'Form the hook', timers: [] }, steps)).toBe(2);
    expect(foundAgain({ step: 99, title: 'gone', timers: [] }, steps)).toBe(3);
    expect(foundAgain({ step: 5, title: '', timers: [] }, [])).toBe(0);
  });

  // Sixty seconds to the minute, sixty minutes to the hour.
  it('writes time as a clock does', () => {
    expect(clock(45 * 60_000)).toBe('45:00');
    expect(clock(59_001)).toBe('1:00');
    expect(clock(4_000)).toBe('0:04');
    expect(clock(-3)).toBe('0:00');
    expect(minutes(0.5)).toBe('half a minute');
    expect(minutes(59)).toBe('59 min');
    expect(minutes(60)).toBe('1 h');
    expect(minutes(78)).toBe('1 h 18 min');
  });
});
