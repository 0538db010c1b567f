import type { Element, Patch, Piece, Strand } from '../api/types';

/** Puts a changed strand into a piece. */
export function withStrand(piece: Piece, index: number, strand: Strand): Piece {
  return { ...piece, strands: piece.strands.map((s, i) => (i === index ? strand : s)) };
}

/** A piece whose elements no longer follow the pattern they came from. */
export function detached(piece: Piece): Piece {
  return piece.source && !piece.source.detached
    ? { ...piece, source: { ...piece.source, detached: true } }
    : piece;
}

/** Changes an element of a strand. */
export function withElement(piece: Piece, strand: number, id: string, change: Partial<Element>): Piece {
  const old = piece.strands[strand] as Strand;
  const elements = old.elements.map((e) => (e.id === id ? ({ ...e, ...change } as Element) : e));
  return detached(withStrand(piece, strand, { ...old, elements }));
}

/** Remembers what was typed for a measure where that was not millimetres; forgets it otherwise. */
export function withEntered(piece: Piece, path: string, typed: string | undefined): Piece {
  const entered = { ...piece.entered };
  if (typed === undefined || /^[\d.,\s]+(mm)?$/.test(typed)) Reflect.deleteProperty(entered, path);
  else entered[path] = typed;
  return { ...piece, entered };
}

/** Puts a new element after another one, or at the end. */
export function addElement(
  piece: Piece,
  strand: number,
  element: Element,
  afterId: string | undefined,
): Piece {
  const old = piece.strands[strand] as Strand;
  const at = old.elements.findIndex((e) => e.id === afterId);
  const place = at < 0 ? old.elements.length : at + 1;
  const elements = [...old.elements.slice(0, place), element, ...old.elements.slice(place)];
  return detached(withStrand(piece, strand, { ...old, elements }));
}

/** Takes an element out; the order of forming and work forget it. */
export function removeElement(piece: Piece, strand: number, id: string): Piece {
  const old = piece.strands[strand] as Strand;
  const changed = {
    ...old,
    elements: old.elements.filter((e) => e.id !== id),
    order: old.order.filter((o) => o !== id),
  };
  return detached(withStrand(piece, strand, changed));
}

/** Moves an element along the wire, towards the start or the end. */
export function moveElement(piece: Piece, strand: number, id: string, by: -1 | 1): Piece {
  const old = piece.strands[strand] as Strand;
  const at = old.elements.findIndex((e) => e.id === id);
  const to = at + by;
  if (at < 0 || to < 0 || to >= old.elements.length) return piece;
  const elements = [...old.elements];
  [elements[at], elements[to]] = [elements[to] as Element, elements[at] as Element];
  return detached(withStrand(piece, strand, { ...old, elements }));
}

/** A name that no element of the strand has yet, such as loop-2. */
export function freeId(strand: Strand, stem: string): string {
  const taken = new Set(strand.elements.map((e) => e.id));
  for (let n = 1; ; n++) {
    const id = n === 1 ? stem : `${stem}-${n}`;
    if (!taken.has(id)) return id;
  }
}

/** Applies the replacements of a JSON Patch (RFC 6902). */
export function patched(piece: Piece, patches: readonly Patch[]): Piece {
  const copy = structuredClone(piece);
  for (const patch of patches) {
    const keys = patch.path.split('/').slice(1);
    const last = keys.pop() as string;
    let at = copy as unknown as Record<string, unknown>;
    for (const key of keys) at = at[key] as Record<string, unknown>;
    if (patch.op === 'remove') Reflect.deleteProperty(at, last);
    else at[last] = patch.value;
  }
  return copy;
}
