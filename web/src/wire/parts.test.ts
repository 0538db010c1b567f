import { describe, expect, it } from 'vitest';
import type { PartDrawn } from '../api/types';
import { panes } from './Parts';

const face = (...heights: number[]): PartDrawn['lines'][number] => ({
  points: heights.map((z, i) => [i, i % 2, z]),
  strokeMm: 0,
  face: 'solid',
  recess: 0,
});

const crystal: PartDrawn = {
  part: 'crystal',
  kind: 'stone',
  on: 'bail.tip',
  over: false,
  lines: [face(5, 5, 5), face(5, 5, 0)],
};

describe('faces of a stone among wires', () => {
  it('lie as high as the lowest of them, so that wire beside the stone is not hidden by its front', () => {
    expect(panes([crystal], 0.4).map((p) => p.zMm)).toEqual([0, 0]);
  });

  it('are those of stones alone', () => {
    expect(panes([{ ...crystal, kind: 'bead' }], 0.4)).toEqual([]);
  });
});
