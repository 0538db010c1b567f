import type { TrayPiece } from '../api/types';
import { words } from '../kit/units';

/** What is looked for on the tray. */
export interface Looked {
  /** words that were typed */
  typed: string;
  /** tags that a piece must have, all of them */
  tags: readonly string[];
}

/** Words of a piece, each row made once. */
const said = new WeakMap<TrayPiece, string>();

function saidOf(piece: TrayPiece): string {
  const known = said.get(piece);
  if (known !== undefined) return known;
  const metals = piece.totals.wire.map((w) => words(w.metal));
  const all = [piece.name, piece.wire, words(piece.purpose), ...metals, ...piece.tags]
    .join(' ')
    .toLowerCase();
  said.set(piece, all);
  return all;
}

/** Pieces whose name, wire, use or tags hold every word that was typed, and that have every tag asked for. */
export function lookedFor(pieces: readonly TrayPiece[], looked: Looked): readonly TrayPiece[] {
  const asked = looked.typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (asked.length === 0 && looked.tags.length === 0) return pieces;
  return pieces.filter(
    (p) => looked.tags.every((t) => p.tags.includes(t)) && asked.every((word) => saidOf(p).includes(word)),
  );
}

/** Every tag with how many pieces have it, the most used first, then by name. */
export function tagsOf(pieces: readonly TrayPiece[]): [string, number][] {
  const counts = new Map<string, number>();
  for (const tag of pieces.flatMap((p) => p.tags)) counts.set(tag, (counts.get(tag) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]));
}

/** The tags of one piece of several after those that they share were changed: its own others stay. */
export function retagged(
  own: readonly string[],
  shared: readonly string[],
  now: readonly string[],
): readonly string[] {
  const gone = new Set(shared.filter((t) => !now.includes(t)));
  return [...new Set([...own.filter((t) => !gone.has(t)), ...now])];
}
