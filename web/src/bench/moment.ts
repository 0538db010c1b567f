import type { PartDrawn } from '../api/types';
import type { MetalWire } from '../wire/scene';

/** The strand in hand as it was at a moment of the work, with what lay together with it. */
export interface Moment {
  /** the strand in hand: one wire, or the two of a pair */
  wires: readonly MetalWire[];
  /** wires that lie together with it */
  others: readonly MetalWire[];
  /** what is not wire */
  parts: readonly PartDrawn[];
}
