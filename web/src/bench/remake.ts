import { api } from '../api/client';
import type { Piece, Wire } from '../api/types';

/** Makes a piece anew by its pattern with other measures; what is not the pattern's stays. */
export function remade(piece: Piece, measures: Record<string, number | string>): Promise<Piece> {
  return api.remake({ piece, measures });
}

/** A piece in other wire: by its pattern while it follows one. */
export function rewired(piece: Piece, strand: number, wire: Partial<Wire>): Promise<Piece> {
  const old = piece.strands[strand]?.wire;
  return old ? api.remake({ piece, strand, wire: { ...old, ...wire } }) : Promise.resolve(piece);
}
