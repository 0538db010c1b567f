import { applyPatch, type Operation } from 'fast-json-patch';
import type { Element, Operation as Done, Patch, Piece, Strand, Work } from '../api/types';

/** Puts a changed strand into a piece. */
export function withStrand(piece: Piece, index: number, strand: Strand): Piece {
  return { ...piece, strands: piece.strands.map((s, i) => (i === index ? strand : s)) };
}

/** Changes how many wires a strand is and whether they are pairs. */
export function withCount(
  piece: Piece,
  index: number,
  change: Partial<Pick<Strand, 'count' | 'matched' | 'mirror' | 'jig'>>,
): Piece {
  return detached(withStrand(piece, index, { ...(piece.strands[index] as Strand), ...change }));
}

/** Puts a new straight strand of the same wire after the others. */
export function addStrand(piece: Piece, like: number): Piece {
  const old = piece.strands[like] as Strand;
  const taken = new Set(piece.strands.map((s) => s.id));
  let number = piece.strands.length + 1;
  while (taken.has(`strand-${number}`)) number++;
  const strand: Strand = {
    ...old,
    id: `strand-${number}`,
    name: `Strand ${number}`,
    count: 1,
    matched: false,
    mirror: false,
    order: [],
    elements: [{ kind: 'straight', id: 'run', lengthMm: 30, rollDeg: 0, target: 'released', pointed: false }],
    place: { xMm: 0, yMm: 0, zMm: 0, rotDeg: 0, tipDeg: 0 },
  };
  return detached({ ...piece, strands: [...piece.strands, strand] });
}

/** Takes a strand out, with its work, and what sat on it or hung in it. */
export function removeStrand(piece: Piece, index: number): Piece {
  const gone = piece.strands[index]?.id ?? '';
  const on = (address: string | undefined) => address?.startsWith(`${gone}.`) ?? false;
  return detached({
    ...piece,
    strands: piece.strands.filter((_, i) => i !== index),
    work: piece.work.filter((w) => w.strand !== gone),
    parts: piece.parts.map((p) => {
      if (!on(p.on)) return p;
      const loose = { ...p };
      Reflect.deleteProperty(loose, 'on');
      return loose;
    }),
    joins: piece.joins.filter((j) => !on(j.a) && !on(j.b)),
  });
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
  const elements = old.elements.map((e) => (e.id === id ? defined({ ...e, ...change } as Element) : e));
  return detached(withStrand(piece, strand, { ...old, elements }));
}

/** Without the fields that were taken away. */
function defined(element: Element): Element {
  return Object.fromEntries(Object.entries(element).filter(([, v]) => v !== undefined)) as unknown as Element;
}

/** Says what a part is of. */
export function withMaterial(piece: Piece, part: string | undefined, material: string): Piece {
  return { ...piece, parts: piece.parts.map((p) => (p.id === part ? { ...p, material } : p)) };
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

/** Applies a JSON Patch (RFC 6902). */
export function patched(piece: Piece, patches: readonly Patch[]): Piece {
  return applyPatch(structuredClone(piece), patches as Operation[]).newDocument;
}

/**
 * The piece with one step of a strand's work done at another place: forming in another order, or work before, between or after it.
 * Undefined where that cannot be: a trim stays where it is, and what is done to every strand is not put between the parts of one.
 *
 * @param steps what is done to the strand, in order
 * @param from index of the step in that list
 * @param to index where it goes in the list without it
 */
export function resequenced(
  piece: Piece,
  strand: number,
  steps: readonly Done[],
  from: number,
  to: number,
): Piece | undefined {
  const moved = steps[from];
  if (!moved || moved.kind === 'trim' || from === to) return undefined;
  const order = steps.filter((_, i) => i !== from);
  order.splice(to, 0, moved);
  const forms = order.filter((o) => o.kind === 'form').map((o) => o.id);
  const moments = new Map<string, string>();
  let formed = 0;
  for (const step of order) {
    if (step.kind === 'form') formed++;
    if (step.kind !== 'work') continue;
    const last = forms[formed - 1];
    moments.set(step.id, formed === forms.length ? 'forming' : (last ?? 'start'));
  }
  const between = (w: Work) => !['start', 'forming'].includes(moments.get(w.id ?? '') ?? w.after);
  const shared = piece.strands.length > 1 && piece.work.some((w) => w.strand === '' && between(w));
  if (shared) return undefined;
  const ranks = new Map(order.map((o, i) => [o.kind === 'work' ? o.id : '', i]));
  const mine = piece.work
    .filter((w) => moments.has(w.id ?? ''))
    .sort((a, b) => (ranks.get(a.id ?? '') ?? 0) - (ranks.get(b.id ?? '') ?? 0))
    .map((w) => ({ ...w, after: moments.get(w.id ?? '') ?? w.after }));
  const others = piece.work.filter((w) => !moments.has(w.id ?? ''));
  const old = piece.strands[strand] as Strand;
  const sameForms = steps.filter((o) => o.kind === 'form').every((o, i) => o.id === forms[i]);
  const work = [...mine, ...others];
  return sameForms
    ? { ...piece, work }
    : detached(withStrand({ ...piece, work }, strand, { ...old, order: [...forms] }));
}
