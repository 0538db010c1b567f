import { api } from '../api/client';
import type { Piece, Strand, Wire } from '../api/types';
import { detached } from './edit';

/** Makes a piece anew by its pattern with other measures or other wire; what is not the pattern's stays. */
export async function remade(
  piece: Piece,
  measures: Record<string, number | string>,
  wire: Wire,
): Promise<Piece> {
  if (!piece.source) throw new Error('not made by a pattern');
  const { pattern, parameters } = piece.source;
  const made = await api.make(pattern, { ...parameters, ...measures, wire, purpose: piece.purpose });
  const names = new Set(made.parts.map((p) => p.id));
  const joined = new Set(made.joins.map((j) => `${j.a} ${j.b}`));
  return {
    ...piece,
    source: made.source,
    strands: made.strands,
    parts: [...made.parts, ...piece.parts.filter((p) => !names.has(p.id))],
    joins: [...made.joins, ...piece.joins.filter((j) => !joined.has(`${j.a} ${j.b}`))],
  };
}

/** Whether a piece still follows its pattern. */
export function followsPattern(piece: Piece): boolean {
  return piece.source !== undefined && !piece.source.detached;
}

/** A piece with one strand in other wire, its elements as they are. */
export function rewired(piece: Piece, index: number, wire: Partial<Wire>): Piece {
  const strands = piece.strands.map((s: Strand, i) =>
    i === index ? { ...s, wire: { ...s.wire, ...wire } } : s,
  );
  return index === 0 ? { ...piece, strands } : detached({ ...piece, strands });
}
