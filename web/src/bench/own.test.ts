import { describe, expect, it } from 'vitest';
import kindsJson from '../api/kinds.json';
import type { Kinds, Piece } from '../api/types';
import { allFields, fieldsOfOwn, measuresOf, namesOf, withOwnValue } from './own';

const kinds = kindsJson as unknown as Kinds;

const loop = (id: string, insideMm: number) => ({ kind: 'loop', id, insideMm, turns: 1, rollDeg: 0 });
const piece = {
  measures: [{ title: 'loops, inside', of: ['link.a.insideMm', 'link.b.insideMm', 'link.gone.insideMm'] }],
  strands: [
    {
      id: 'link',
      elements: [loop('a', 3), { kind: 'straight', id: 'run', lengthMm: 10, rollDeg: 0 }, loop('b', 3)],
    },
  ],
} as unknown as Piece;
const all = allFields(piece, kinds);

describe('measures of one’s own', () => {
  it('can be any measure of any element', () => {
    expect(all.map((f) => f.address)).toEqual(
      expect.arrayContaining(['link.a.insideMm', 'link.a.turns', 'link.run.lengthMm', 'link.b.insideMm']),
    );
    expect(all.find((f) => f.address === 'link.run.lengthMm')?.value).toBe(10);
  });

  it('are none of an outline that a stone gives', () => {
    const round = {
      kind: 'girth',
      id: 'side',
      outline: { shape: 'ellipse', lengthMm: 30, widthMm: 20 },
      rollDeg: 0,
      seat: { on: 'stone', heightMm: 1 },
    };
    const held = {
      measures: [],
      parts: [{ id: 'stone', body: { form: 'cabochon', outline: { shape: 'ellipse' } } }],
      strands: [{ id: 'frame', elements: [round] }],
    } as unknown as Piece;
    const loose = { ...held, parts: [] } as unknown as Piece;
    expect(allFields(held, kinds).some((f) => f.field.name.startsWith('outline.'))).toBe(false);
    expect(allFields(loose, kinds).some((f) => f.address === 'frame.side.outline.widthMm')).toBe(true);
  });

  it('change every field of theirs, and pass over what is gone', () => {
    const fields = piece.measures.flatMap((m) => fieldsOfOwn(all, m));
    expect(fields.map((f) => f.address)).toEqual(['link.a.insideMm', 'link.b.insideMm']);
    const made = withOwnValue(piece, fields, 4.5);
    expect(made.strands[0]?.elements.map((e) => ('insideMm' in e ? e.insideMm : undefined))).toEqual([
      4.5,
      undefined,
      4.5,
    ]);
    expect(piece.strands[0]?.elements[0]).toMatchObject({ insideMm: 3 });
  });

  it('change two fields of one element together', () => {
    const both = all.filter((f) => ['link.a.insideMm', 'link.a.turns'].includes(f.address));
    expect(withOwnValue(piece, both, 2).strands[0]?.elements[0]).toMatchObject({ insideMm: 2, turns: 2 });
  });

  it('are made out of names: the same name is one measure', () => {
    const names = namesOf(piece);
    expect(names.get('link.b.insideMm')).toBe('loops, inside');
    names.set('link.run.lengthMm', ' between ');
    names.set('link.a.turns', '  ');
    expect(measuresOf(all, names)).toEqual([
      { title: 'loops, inside', of: ['link.a.insideMm', 'link.b.insideMm'] },
      { title: 'between', of: ['link.run.lengthMm'] },
    ]);
  });
});
