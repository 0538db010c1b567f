import type { ChainPlan } from '../api/types';
import type { Point } from './ribbon';
import type { MetalWire } from './scene';

/** A link of a chain, counted from the one in hand: moved by so many pitches and turned about the chain. */
export function linkAt(wire: MetalWire, chain: ChainPlan, number: number): MetalWire {
  const [ux = 0, uy = 0, uz = 0] = chain.along;
  const [fx = 0, fy = 0, fz = 0] = chain.from;
  const turn = (number * chain.turnDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const moved = number * chain.pitchMm;
  const outline = wire.outline.map(([px = 0, py = 0, pz = 0, s = 0]): Point => {
    const [x, y, z] = [px - fx, py - fy, pz - fz];
    // The formula of Rodrigues about the chain's own line.
    const share = (ux * x + uy * y + uz * z) * (1 - cos) + moved;
    return [
      fx + x * cos + (uy * z - uz * y) * sin + ux * share,
      fy + y * cos + (uz * x - ux * z) * sin + uy * share,
      fz + z * cos + (ux * y - uy * x) * sin + uz * share,
      s,
    ];
  });
  return { ...wire, outline };
}
