import type { Field, KindRow, Kinds, Piece, Strand, Work } from '../api/types';

function thicknessOf(strand: Strand): number {
  const { section } = strand.wire;
  return section.shape === 'round'
    ? section.diameterMm
    : section.shape === 'square'
      ? section.sideMm
      : section.thicknessMm;
}

/** A name that no work of the piece has yet. */
export function freeWork(piece: Piece, op: string): string {
  for (let n = 1; ; n++) {
    const id = `${op}-${n}`;
    if (!piece.work.some((w) => w.id === id)) return id;
  }
}

/** What a kind of element or work is, by its word. */
export function kindOf(rows: readonly KindRow[], kind: string): KindRow | undefined {
  return rows.find((row) => row.kind === kind);
}

/** Figures of a new one that follow the wire's thickness. */
export function figuresOf(row: KindRow, strand: Strand): Record<string, number> {
  const share = (f: Field) => Math.round(thicknessOf(strand) * (f.usualShare ?? 0) * 100) / 100;
  return Object.fromEntries(row.fields.filter((f) => f.usualShare).map((f) => [f.name, share(f)]));
}

/** A new work with usual figures, after all that is there. */
export function newWork(
  kinds: Kinds,
  piece: Piece,
  strand: Strand,
  op: Work['op'],
  element: string | undefined,
): Work {
  const row = kindOf(kinds.work, op);
  const blank = piece.parts.find((p) => p.kind === 'blank')?.id ?? '';
  return {
    ...(row?.usual as object),
    ...(row && figuresOf(row, strand)),
    ...(isForBlank(op) && { part: blank }),
    id: freeWork(piece, op),
    strand: strand.id ?? '',
    elements: element ? [element] : [],
    after: 'forming',
  } as Work;
}

/** Whether it is done to a bought sheet shape. */
export function isForBlank(op: Work['op']): boolean {
  return op === 'pierce' || op === 'dimple';
}

/** The piece with one work changed. */
export function withWork(piece: Piece, id: string, change: object): Piece {
  return { ...piece, work: piece.work.map((w) => (w.id === id ? ({ ...w, ...change } as Work) : w)) };
}

/** The piece without one work; what came after it comes after what it came after. */
export function withoutWork(piece: Piece, id: string): Piece {
  const gone = piece.work.find((w) => w.id === id);
  return {
    ...piece,
    work: piece.work
      .filter((w) => w.id !== id)
      .map((w) => (w.after === id ? { ...w, after: gone?.after ?? 'forming' } : w)),
  };
}
