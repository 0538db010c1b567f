import { describe, expect, it } from 'vitest';
import type { Element } from '../../api/types';
import { ADDABLE, changeOf, fieldsOf, shownUnit, stepOf, valueOf } from './fields';

const girth = {
  kind: 'girth',
  id: 'round',
  outline: { shape: 'ellipse', lengthMm: 30, widthMm: 20 },
  rollDeg: 0,
  target: 'released',
} as unknown as Element;

describe('the measures of an element', () => {
  it('reach into what they belong to', () => {
    expect(valueOf(girth, 'outline.widthMm')).toBe(20);
    expect(changeOf(girth, 'outline.widthMm', 22)).toEqual({
      outline: { shape: 'ellipse', lengthMm: 30, widthMm: 22 },
    });
    expect(changeOf(girth, 'rollDeg', 5)).toEqual({ rollDeg: 5 });
  });

  it('are there for everything that can be added, each with a step and a number', () => {
    for (const { kind, make } of ADDABLE) {
      const element = make('new');
      expect(element.kind).toBe(kind);
      expect(fieldsOf(element).length, kind).toBeGreaterThan(0);
      for (const field of fieldsOf(element)) {
        expect(Number.isFinite(valueOf(element, field.name)), `${kind} ${field.name}`).toBe(true);
        expect(stepOf(field.unit)).toBeGreaterThan(0);
      }
    }
  });

  it('show what an element is sized by, and nothing else', () => {
    const spiral = ADDABLE.find((a) => a.kind === 'spiral')?.make('s') as Element & { turns?: number };
    const names = fieldsOf(spiral).map((f) => f.name);
    for (const name of ['turns', 'outsideMm', 'lengthMm']) {
      expect(names.includes(name)).toBe(name in spiral);
    }
  });

  it('carry their unit', () => {
    expect([shownUnit('mm'), shownUnit('degrees'), shownUnit('count')]).toEqual(['mm', '°', '']);
  });
});
