import type { Piece, Strand, Work } from '../../api/types';

/** Words of the operations, in the order in which they are offered. */
export const OPS: Record<Work['op'], string> = {
  flatten: 'flatten',
  mallet: 'tap with a mallet',
  planish: 'planish',
  texture: 'texture',
  jaws: 'draw through jaws',
  flex: 'flex',
  tumble: 'tumble',
  reclose: 'close again',
  straighten: 'straighten',
  'open-close': 'open and close',
  trim: 'trim off',
  press: 'press between dies',
  pierce: 'pierce a blank',
  dimple: 'dimple a blank',
};

/** Tools that an operation may be done with; none where there is no choice. */
export const WITHS: Partial<Record<Work['op'], readonly string[]>> = {
  flatten: ['domed-hammer', 'flat-hammer', 'ball-hammer', 'cross-hammer'],
  planish: ['flat-hammer', 'domed-hammer'],
  texture: ['ball-hammer', 'cross-hammer', 'flat-hammer'],
  mallet: ['nylon-mallet', 'rawhide-mallet'],
};

/** The count that an operation has, with its word and unit. */
export const COUNTS: Partial<Record<Work['op'], { name: string; label: string; unit: string }>> = {
  jaws: { name: 'passes', label: 'passes', unit: '' },
  mallet: { name: 'passes', label: 'passes', unit: '' },
  straighten: { name: 'passes', label: 'passes', unit: '' },
  flex: { name: 'times', label: 'times', unit: '' },
  'open-close': { name: 'times', label: 'times', unit: '' },
  tumble: { name: 'minutes', label: 'minutes', unit: 'min' },
  dimple: { name: 'dimples', label: 'dimples', unit: '' },
};

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

/** A new work with usual figures, after all that is there. */
export function newWork(piece: Piece, strand: Strand, op: Work['op'], element: string | undefined): Work {
  const blank = piece.parts.find((p) => p.kind === 'blank')?.id ?? '';
  const base = {
    id: freeWork(piece, op),
    strand: strand.id ?? '',
    elements: element ? [element] : [],
    after: 'forming',
  };
  const toMm = Math.round(thicknessOf(strand) * 75) / 100;
  const withTool = WITHS[op]?.[0];
  const usual: Record<Work['op'], object> = {
    flatten: { toMm },
    press: { toMm, with: 'die' },
    planish: {},
    texture: {},
    jaws: { passes: 3 },
    mallet: { passes: 3 },
    flex: { times: 3 },
    tumble: { minutes: 120 },
    reclose: {},
    straighten: { passes: 1 },
    'open-close': { times: 1 },
    trim: {},
    pierce: { part: blank, diameterMm: 1.5 },
    dimple: { part: blank, dimples: 30 },
  };
  return { op, ...base, ...(withTool && { with: withTool }), ...usual[op] } as Work;
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
