import { api } from '../api/client';
import type { Piece, Strand, Wire } from '../api/types';

/** Makes a piece anew by its pattern with other measures or other wire; what is not the pattern's stays. */
export async function remade(
  piece: Piece,
  measures: Record<string, number | string>,
  wire: Wire,
): Promise<(now: Piece) => Piece> {
  if (!piece.source) throw new Error('not made by a pattern');
  const { pattern, parameters } = piece.source;
  const made = await api.make(pattern, { ...parameters, ...measures, wire, purpose: piece.purpose });
  return (now) => ({ ...now, source: made.source, strands: made.strands });
}

/** Whether a piece still follows its pattern. */
export function followsPattern(piece: Piece): boolean {
  return piece.source !== undefined && !piece.source.detached;
}

/** A piece in other wire, its elements as they are. */
export function rewired(piece: Piece, wire: Partial<Wire>): Piece {
  const strands = piece.strands.map((s: Strand, i) => (i === 0 ? { ...s, wire: { ...s.wire, ...wire } } : s));
  return { ...piece, strands };
}
