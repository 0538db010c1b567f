import type { Recess, StrandPlan } from '../../api/types';

/** The colour of a wire at a position along it: of shades from a high place to a hidden one the one that its recess asks for. */
export function shadeAt(
  strand: StrandPlan,
  recess: Recess | undefined,
  shades: readonly string[],
): (sMm: number) => string {
  const along = strand.outline.map((p) => p[3] ?? 0);
  const hidden = recess?.recess ?? [];
  const last = along.length - 1;
  return (sMm) => {
    let [from, to] = [0, last];
    while (to - from > 1) {
      const middle = (from + to) >> 1;
      if ((along[middle] ?? 0) <= sMm) from = middle;
      else to = middle;
    }
    const [a = 0, b = 0] = [along[from], along[to]];
    const share = b > a ? Math.min(1, Math.max(0, (sMm - a) / (b - a))) : 0;
    const between = (hidden[from] ?? 0) * (1 - share) + (hidden[to] ?? 0) * share;
    return shades[Math.round(between * (shades.length - 1))] ?? '';
  };
}

/** A colour of the form #rrggbb that gets so much of the light: less on a wire's flanks, still less on its rim. */
export function lit(hex: string, share: number): string {
  const of = Number.parseInt(hex.slice(1), 16);
  const parts = [of >> 16, (of >> 8) & 255, of & 255].map((p) => Math.round(p * share));
  return `#${parts.map((p) => p.toString(16).padStart(2, '0')).join('')}`;
}
