import type { StrandPlan } from '../api/types';

/** The ramp from annealed to worked out, each as red, green, blue. */
const RAMP: readonly (readonly [number, number, number])[] = [
  [243, 226, 174],
  [230, 178, 100],
  [207, 118, 78],
  [160, 68, 88],
  [92, 50, 104],
  [34, 40, 86],
];
const SHADES = 64;

/** The colour of a share of the ramp, in so many steps that the eye sees none. */
export function rampColour(share: number): string {
  const at = (Math.round(Math.min(1, Math.max(0, share)) * SHADES) / SHADES) * (RAMP.length - 1);
  const low = Math.min(RAMP.length - 2, Math.floor(at));
  const [a, b] = [RAMP[low], RAMP[low + 1]];
  const mixed = [0, 1, 2].map((k) =>
    Math.round((a?.[k] ?? 0) + ((b?.[k] ?? 0) - (a?.[k] ?? 0)) * (at - low)),
  );
  return `rgb(${mixed.join(' ')})`;
}

/** Strain along a wire as it is drawn. */
export interface StrainLine {
  /** strain added since purchase at a position along the wire, mm; steps between parts drawn out over the wire's thickness */
  at: (sMm: number) => number;
  /** the greatest */
  most: number;
}

/** Reads strain off the last state of a strand. A step is drawn out over a thickness to both sides: metal does not change at a line. */
export function strainLine(strand: StrandPlan): StrainLine {
  const stations = strand.states.at(-1)?.stations ?? [];
  const s = stations.map((p) => p.sMm);
  const sums = [0];
  for (let i = 1; i < stations.length; i++) {
    sums.push((sums[i - 1] ?? 0) + ((s[i] ?? 0) - (s[i - 1] ?? 0)) * (stations[i - 1]?.strain ?? 0));
  }
  const total = (to: number) => {
    let [low, high] = [0, s.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((s[middle] ?? 0) <= to) low = middle + 1;
      else high = middle;
    }
    const i = Math.max(0, low - 1);
    return (sums[i] ?? 0) + (to - (s[i] ?? 0)) * (stations[i]?.strain ?? 0);
  };
  const reach = Math.max(0.2, stations[0]?.thicknessMm ?? 1);
  const [first, last] = [s[0] ?? 0, s.at(-1) ?? 0];
  return {
    at: (sMm) => {
      const from = Math.max(first, sMm - reach);
      const to = Math.min(last, sMm + reach);
      return to > from ? (total(to) - total(from)) / (to - from) : (stations[0]?.strain ?? 0);
    },
    most: Math.max(0, ...stations.map((p) => p.strain)),
  };
}
