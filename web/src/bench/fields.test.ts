import { describe, expect, it } from 'vitest';
import kindsJson from '../api/kinds.json';
import type { Element, Kinds, Strand } from '../api/types';
import { addable, changeOf, fieldsOf, shownUnit, stepOf, valueOf } from './fields';

const girth = {
  kind: 'girth',
  id: 'round',
  outline: { shape: 'ellipse', lengthMm: 30, widthMm: 20 },
  rollDeg: 0,
  target: 'released',
} as unknown as Element;

const kinds = kindsJson as unknown as Kinds;
const strand = { wire: { section: { shape: 'round', diameterMm: 1.2 } } } as unknown as Strand;

describe('the measures of an element', () => {
  it('reach into what they belong to', () => {
    expect(valueOf(girth, 'outline.widthMm')).toBe(20);
    expect(changeOf(girth, 'outline.widthMm', 22)).toEqual({
      outline: { shape: 'ellipse', lengthMm: 30, widthMm: 22 },
    });
    expect(changeOf(girth, 'rollDeg', 5)).toEqual({ rollDeg: 5 });
  });

  it('are there for everything that can be added, each with a step and a number', () => {
    const words = addable(kinds, strand).map((a) => a.words);
    expect(words).toEqual(expect.arrayContaining(['straight', 'corner', 'loop', 'round a stone', 'paddle']));
    for (const { words: name, make } of addable(kinds, strand)) {
      const element = make('new');
      expect(element.id).toBe('new');
      expect(fieldsOf(kinds, element).length, name).toBeGreaterThan(0);
      for (const field of fieldsOf(kinds, element)) {
        expect(Number.isFinite(valueOf(element, field.name)), `${name} ${field.name}`).toBe(true);
        expect(stepOf(field.unit)).toBeGreaterThan(0);
      }
    }
  });

  it('show what an element is sized by, and nothing else', () => {
    const spiral = addable(kinds, strand)
      .find((a) => a.words === 'spiral')
      ?.make('s') as Element & { turns?: number };
    const names = fieldsOf(kinds, spiral).map((f) => f.name);
    expect(names[0]).toBe('turns');
    for (const name of ['turns', 'outsideMm', 'lengthMm']) {
      expect(names.includes(name)).toBe(name in spiral);
    }
  });

  it('follow the wire where they are thicknesses', () => {
    const paddle = addable(kinds, strand)
      .find((a) => a.words === 'paddle')
      ?.make('p');
    expect(paddle).toMatchObject({ kind: 'paddle', lengthMm: 5, toMm: 0.72 });
  });

  it('carry their unit', () => {
    expect([shownUnit('mm'), shownUnit('degrees'), shownUnit('count')]).toEqual(['mm', '°', '']);
  });
});
