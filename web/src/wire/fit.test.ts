import { describe, expect, it } from 'vitest';
import { beside, fitBox } from './fit';

describe('two drawings side by side', () => {
  const box = (width: number) => ({ x: 0, y: 0, width, height: 1 });

  it('share the scale of the smaller one, each in its middle', () => {
    const [long, short] = [fitBox(box(100), 400, 300), fitBox(box(50), 400, 300)];
    const [a, b] = [beside(long, short, 400, 300), beside(short, long, 400, 300)];
    expect([a.at.scale, b.at.scale]).toEqual([4, 4]);
    expect([a.larger, b.larger]).toEqual([1, 1]);
    expect(b.at.x + 25 * b.at.scale).toBe(200);
    expect(b.at.y - 0.5 * b.at.scale).toBe(150);
  });

  it('fill their mats where one would be lost, and say how much larger', () => {
    const [long, short] = [fitBox(box(100), 400, 300), fitBox(box(20), 400, 300)];
    expect(beside(short, long, 400, 300)).toMatchObject({ at: { scale: 20 }, larger: 5 });
    expect(beside(long, short, 400, 300)).toMatchObject({ at: { scale: 4 }, larger: 0.2 });
  });
});
