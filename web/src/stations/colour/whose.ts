import type { Colour, Piece } from '../../api/types';

/** Whose bath is in hand: that of the piece, of a strand or of a part of metal. */
export type Whose = { of: 'piece' } | { of: 'strand' | 'part'; id: string };

/** That of the piece. */
export const PIECE: Whose = { of: 'piece' };

/** What is said of its bath in the document itself; nothing where it is darkened as the piece is. */
export function ownColour(piece: Piece, whose: Whose): Colour | undefined {
  if (whose.of === 'piece') return piece.colour;
  const all: readonly { id?: string; colour?: Colour }[] =
    whose.of === 'strand' ? piece.strands : piece.parts;
  return all.find((s) => s.id === whose.id)?.colour;
}

/** How it is darkened; nothing where it stays bright. */
export function colourOf(piece: Piece, whose: Whose): Colour | undefined {
  const colour = ownColour(piece, whose) ?? piece.colour;
  return colour && colour.bath !== 'none' ? colour : undefined;
}

/** The piece with another bath for it; without a colour it is darkened as the piece is, and the piece not at all. */
export function withColour(piece: Piece, whose: Whose, colour: Colour | undefined): Piece {
  const put = <T extends { id?: string; colour?: Colour }>(of: T): T => {
    if (whose.of !== 'piece' && of.id !== whose.id) return of;
    const { colour: before, ...bare } = of;
    if (colour) return { ...bare, colour } as unknown as T;
    return before ? (bare as unknown as T) : of;
  };
  if (whose.of === 'piece') return put(piece as Piece & { id?: string });
  return whose.of === 'strand'
    ? { ...piece, strands: piece.strands.map(put) }
    : { ...piece, parts: piece.parts.map(put) };
}

/** The strands that its bath is for: of the piece those that have none of their own. */
export function strandsIn(piece: Piece, whose: Whose): string[] {
  return piece.strands
    .filter((s) =>
      whose.of === 'piece' ? s.colour === undefined : whose.of === 'strand' && s.id === whose.id,
    )
    .map((s) => s.id ?? '');
}
