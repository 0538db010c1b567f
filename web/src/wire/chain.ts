import type { ChainPlan } from '../api/types';
import type { Point } from './ribbon';
import type { MetalWire } from './scene';

/** Whether the links lean against each other along the chain, so that they roll up, instead of being turned about it. */
export function leans(chain: ChainPlan): boolean {
  return chain.about.reduce((sum, u, i) => sum + u * (chain.along[i] ?? 0), 0) < 0.5;
}

/** A link of a chain, counted from the one in hand: each moved along by the pitch and turned about where it hangs, from the one before. */
export function linkAt(wire: MetalWire, chain: ChainPlan, number: number): MetalWire {
  const [ux = 0, uy = 0, uz = 0] = chain.about;
  const [ax = 0, ay = 0, az = 0] = chain.along;
  const [fx = 0, fy = 0, fz = 0] = chain.from;
  const way = Math.sign(number);
  const turn = (way * chain.turnDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  // Forward it is turned where it hangs and moved; back it is moved, then turned.
  const [before, after] = way > 0 ? [0, chain.pitchMm] : [-chain.pitchMm, 0];
  const next = ([px = 0, py = 0, pz = 0, s = 0]: Point): Point => {
    const [x, y, z] = [px - fx + ax * before, py - fy + ay * before, pz - fz + az * before];
    // The formula of Rodrigues.
    const share = (ux * x + uy * y + uz * z) * (1 - cos);
    return [
      fx + x * cos + (uy * z - uz * y) * sin + ux * share + ax * after,
      fy + y * cos + (uz * x - ux * z) * sin + uy * share + ay * after,
      fz + z * cos + (ux * y - uy * x) * sin + uz * share + az * after,
      s,
    ];
  };
  let outline: readonly Point[] = wire.outline;
  for (let k = 0; k < Math.abs(number); k++) outline = outline.map(next);
  return { ...wire, outline };
}
