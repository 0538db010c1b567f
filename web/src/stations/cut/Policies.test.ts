import { describe, expect, it } from 'vitest';
import type { Piece } from '../../api/types';
import { cutBy } from './Policies';

describe('how generously a piece is cut', () => {
  it('is one policy for every strand, handles and filing as they were', () => {
    const allowance = { policy: 'measured', handleMm: 20, tailMm: 0, fileMm: 0.5 };
    const piece = {
      strands: [
        { id: 'a', allowance },
        { id: 'b', allowance: { ...allowance, handleMm: 0 } },
      ],
    };
    const cut = cutBy(piece as unknown as Piece, 'generous');
    expect(cut.strands.map((s) => s.allowance.policy)).toEqual(['generous', 'generous']);
    expect(cut.strands.map((s) => s.allowance.handleMm)).toEqual([20, 0]);
    expect(piece.strands[0]?.allowance.policy).toBe('measured');
  });
});
