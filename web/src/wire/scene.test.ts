import { describe, expect, it } from 'vitest';
import type { Point } from './ribbon';
import { chunks, isFlat, sceneBox, sceneOf, seen, type MetalWire } from './scene';

/** Turns of a coil, 6 mm across its middle line. */
function coil(turns: number, pitchMm: number, steps = 36): MetalWire {
  const outline: Point[] = Array.from({ length: turns * steps + 1 }, (_, i) => {
    const angle = (2 * Math.PI * i) / steps;
    return [3 * Math.cos(angle), 3 * Math.sin(angle), (pitchMm * i) / steps, 3 * angle];
  });
  return { metal: 'copper', outline, widths: outline.map(() => 1), crossings: [] };
}

describe('wires as they are seen', () => {
  it('are seen from above where they lie flat', () => {
    const scene = sceneOf([coil(1, 0)]);
    expect(scene.slant).toBe(0);
    expect(scene.wires[0]?.flat).toBe(true);
    expect(sceneBox(scene).width).toBeCloseTo(7, 1);
    expect(sceneBox(scene).height).toBeCloseTo(7, 1);
  });

  it('are seen at a slant where they rise, the width unchanged', () => {
    const scene = sceneOf([coil(6, 1.2)]);
    expect(scene.slant).toBeGreaterThan(0);
    expect(scene.wires[0]?.flat).toBe(false);
    expect(sceneBox(scene).width).toBeCloseTo(7, 1);
    expect(sceneBox(scene).height).toBeGreaterThan(6 * 1.2 * Math.sin(scene.slant));
  });

  it('are seen at a slant where they go up and down over and over, however little', () => {
    const waved = (waves: number): MetalWire => {
      const outline: Point[] = Array.from({ length: 721 }, (_, i) => {
        const angle = (2 * Math.PI * i) / 720;
        const rise = 1.5 * (1 - Math.cos(waves * angle));
        return [33 * Math.cos(angle), 33 * Math.sin(angle), rise, 33 * angle];
      });
      return { metal: 'copper', outline, widths: outline.map(() => 1), crossings: [] };
    };
    expect(sceneOf([waved(12)]).slant).toBeGreaterThan(0);
    expect(sceneOf([waved(1)]).slant).toBe(0);
    expect(sceneOf([waved(12), waved(1)]).slant).toBe(0);
  });

  it('count as flat up to a third of their thickness', () => {
    expect(isFlat(coil(1, 0.29))).toBe(true);
    expect(isFlat(coil(1, 0.31))).toBe(false);
  });

  it('turn about the long axis without stretching', () => {
    const [x, y, near, s] = seen([3, 4, 5, 7], 0.7);
    expect(x).toBe(3);
    expect(s).toBe(7);
    expect(Math.hypot(y ?? 0, near ?? 0)).toBeCloseTo(Math.hypot(4, 5), 12);
    expect(seen([3, 4, 5, 7], 0)).toEqual([3, 4, 5, 7]);
  });
});

describe('a wire that rises, drawn in short lengths', () => {
  const wire = sceneOf([coil(4, 1.5)]).wires[0];
  const cut = wire ? chunks(wire.track) : [];

  it('is drawn whole, each step in one length only', () => {
    const steps = cut.reduce((sum, c) => sum + c.core.points.length - 1, 0);
    expect(steps).toBe(4 * 36);
  });

  it('has the farthest first', () => {
    const nears = cut.map((c) => c.near);
    expect(nears).toEqual([...nears].sort((a, b) => a - b));
  });

  it('is cut where it turns or rises too much to be one depth', () => {
    // Wires that touch lie a whole width apart: half of that keeps them in order.
    for (const { core } of cut) {
      const nears = core.points.map((p) => p[2] ?? 0);
      const last = Math.abs((nears.at(-1) ?? 0) - (nears.at(-2) ?? 0));
      expect(Math.max(...nears) - Math.min(...nears)).toBeLessThanOrEqual(1 / 2 + last);
    }
  });
});
