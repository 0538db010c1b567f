import { describe, expect, test } from 'vitest';
import type { Colour, Piece } from '../../api/types';
import { colourOf, ownColour, PIECE, strandsIn, withColour, type Whose } from './whose';

const BROWN = { bath: 'gel', stopAt: 'red-brown' } as Colour;
const BLACK = { bath: 'gel', stopAt: 'black' } as Colour;
const BRIGHT = { bath: 'none' } as Colour;
const DROP: Whose = { of: 'strand', id: 'drop' };
const LEAF: Whose = { of: 'part', id: 'leaf' };
const PENDANT = {
  strands: [{ id: 'frame' }, { id: 'drop' }],
  parts: [{ id: 'leaf' }],
  colour: BROWN,
} as unknown as Piece;

describe('whose bath', () => {
  test('what says nothing of itself is darkened as the piece is', () => {
    expect(colourOf(PENDANT, DROP)).toBe(BROWN);
    expect(ownColour(PENDANT, DROP)).toBeUndefined();
    expect(strandsIn(PENDANT, PIECE)).toEqual(['frame', 'drop']);
  });

  test('a strand of its own leaves that of the piece alone', () => {
    const own = withColour(PENDANT, DROP, BLACK);
    expect(colourOf(own, DROP)).toBe(BLACK);
    expect(colourOf(own, PIECE)).toBe(BROWN);
    expect(strandsIn(own, PIECE)).toEqual(['frame']);
    expect(strandsIn(own, DROP)).toEqual(['drop']);
  });

  test('none of its own stays bright, and given back it follows the piece again', () => {
    const bright = withColour(PENDANT, DROP, BRIGHT);
    expect(colourOf(bright, DROP)).toBeUndefined();
    expect(withColour(bright, DROP, undefined)).toEqual(PENDANT);
  });

  test('a part has one, too, and the piece may have none', () => {
    const own = withColour(withColour(PENDANT, LEAF, BLACK), PIECE, undefined);
    expect(colourOf(own, LEAF)).toBe(BLACK);
    expect(own.colour).toBeUndefined();
    expect(colourOf(own, DROP)).toBeUndefined();
  });
});
