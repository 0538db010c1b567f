import { describe, expect, it } from 'vitest';
import type { OwnedTool } from '../api/types';
import { freeTool, laidOut } from './kinds';

const mandrel = (id: string, sizeMm: number): OwnedTool => ({ id, kind: 'mandrel', name: '', sizeMm });

describe('tools on the mat', () => {
  const tools = [1, 3, 6, 20, 22, 50, 65].map((mm, i) => mandrel(`m${i}`, mm));

  it('lie in rows, none over another, each on the line of its row', () => {
    const { laid, heightMm } = laidOut(tools, 120);
    for (const a of laid) {
      expect(a.xMm - a.tool.sizeMm / 2).toBeGreaterThanOrEqual(0);
      expect(a.yMm + a.tool.sizeMm / 2).toBeLessThan(heightMm);
      for (const b of laid) {
        if (a === b) continue;
        const apart = Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);
        expect(apart).toBeGreaterThan((a.tool.sizeMm + b.tool.sizeMm) / 2);
      }
    }
    const lines = new Set(laid.map((l) => Math.round(10 * (l.yMm + l.tool.sizeMm / 2))));
    expect(lines.size).toBeGreaterThan(1);
  });

  it('take a row each where one is wider than the mat', () => {
    expect(laidOut([mandrel('a', 80), mandrel('b', 80)], 60).laid.map((l) => l.xMm)).toEqual([44, 44]);
  });

  it('get a name that is free', () => {
    expect(freeTool([mandrel('tool-1', 3)])).toBe('tool-2');
  });
});
