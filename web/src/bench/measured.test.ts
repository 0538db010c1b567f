import { describe, expect, it } from 'vitest';
import type { Parameter, Piece } from '../api/types';
import { changedElements, nearby } from './measured';

const hook = (insideMm: number, ...more: string[]): Piece =>
  ({
    strands: [
      {
        id: 'hook',
        elements: [
          { kind: 'arc', id: 'bend', insideMm },
          { kind: 'straight', id: 'run', lengthMm: 4 },
          ...more.map((id) => ({ kind: 'loop', id, insideMm: 3 })),
        ],
      },
    ],
  }) as unknown as Piece;

const measure = (of: Partial<Parameter>) => ({ name: 'insideMm', unit: 'mm', ...of }) as Parameter;

describe('what a measure measures', () => {
  it('is whatever of the piece is otherwise when it is', () => {
    expect(changedElements(hook(7), hook(7.7))).toEqual(['hook.bend']);
    expect(changedElements(hook(7), hook(7))).toEqual([]);
  });

  it('is what goes, but not what comes', () => {
    expect(changedElements(hook(7, 'loop'), hook(7.7))).toEqual(['hook.bend', 'hook.loop']);
    expect(changedElements(hook(7), hook(7, 'loop'))).toEqual([]);
  });

  it('is tried nearby, within its limits', () => {
    expect(nearby(measure({ from: 1, to: 60 }), 10)).toEqual([11, 9]);
    expect(nearby(measure({ from: 1, to: 60 }), 60)).toEqual([54]);
    expect(nearby(measure({ from: 0, to: 3 }), 0)).toEqual([0.1]);
    expect(nearby(measure({ whole: true, from: 3, to: 8 }), 3)).toEqual([4]);
    expect(nearby(measure({ choices: ['apart', 'touching'] }), 'apart')).toEqual([]);
  });
});
