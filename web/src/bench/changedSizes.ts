import type { Patch, Piece, Plan } from '../api/types';

/** The inside of an element as it is finished. */
export interface Size {
  /** id of its strand */
  strand: string;
  /** its id */
  element: string;
  /** inside, mm */
  mm: number;
}

/** Insides differ where a calliper tells them apart, mm. */
const TOLD_MM = 0.05;

/** The inside of every element that has one. */
export function sizesOf(plan: Plan): Size[] {
  return plan.strands.flatMap((s) =>
    s.elements.flatMap((e) =>
      e.finished?.insideMm === undefined ? [] : [{ strand: s.id, element: e.id, mm: e.finished.insideMm }],
    ),
  );
}

/** Sizes of elements that a way out does not change by itself: what it names was asked for. */
export function unasked(sizes: readonly Size[], piece: Piece, patches: readonly Patch[]): Size[] {
  const named = new Set(
    patches.flatMap(({ path }) => {
      const [, strand, element] = /^\/strands\/(\d+)\/elements(?:\/(\d+))?/.exec(path) ?? [];
      const of = strand === undefined ? undefined : piece.strands[Number(strand)];
      const elements =
        element === undefined ? of?.elements : of?.elements.slice(Number(element), Number(element) + 1);
      return (elements ?? []).map((e) => `${of?.id ?? ''}.${e.id}`);
    }),
  );
  return sizes.filter((s) => !named.has(`${s.strand}.${s.element}`));
}

/** An element whose inside is another than before. */
export interface Changed {
  /** id of its strand */
  strand: string;
  /** its id */
  element: string;
  /** its name */
  label: string;
  /** inside before, mm */
  wasMm: number;
  /** inside now, mm */
  nowMm: number;
}

/** Elements whose inside is another than before, as far as a calliper tells; those that are new or gone are none. */
export function changedSizes(before: readonly Size[], plan: Plan): Changed[] {
  return sizesOf(plan).flatMap((now) => {
    const was = before.find((b) => b.strand === now.strand && b.element === now.element);
    const element = plan.strands.find((s) => s.id === now.strand)?.elements.find((e) => e.id === now.element);
    return was && element && Math.abs(was.mm - now.mm) >= TOLD_MM
      ? [{ strand: now.strand, element: now.element, label: element.label, wasMm: was.mm, nowMm: now.mm }]
      : [];
  });
}

/** Changes that read the same, together: a pair is said once. */
export function alike(
  changed: readonly Changed[],
  inWords: (mm: number) => string,
): { was: string; now: string; sizes: Changed[] }[] {
  const groups = new Map<string, { was: string; now: string; sizes: Changed[] }>();
  for (const c of changed) {
    const [was, now] = [inWords(c.wasMm), inWords(c.nowMm)];
    const group = groups.get(`${was} ${now}`) ?? { was, now, sizes: [] };
    groups.set(`${was} ${now}`, { ...group, sizes: [...group.sizes, c] });
  }
  return [...groups.values()];
}
