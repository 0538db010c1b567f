import type { Element, Field, Kinds, OwnMeasure, Piece } from '../api/types';
import { withElement } from './edit';
import { changeOf, fieldsOf, stoneOf, valueOf } from './fields';

/** A field of an element that can have a name of its own. */
export interface OwnField {
  /** strand.element.field, as the document names it */
  address: string;
  /** index of its strand */
  strand: number;
  element: Element;
  field: Field;
  value: number;
}

/** Every field of every element, along the wires; what follows the outline of a stone has none of its own. */
export function allFields(piece: Piece, kinds: Kinds): OwnField[] {
  return piece.strands.flatMap((strand, at) =>
    strand.elements.flatMap((element) =>
      fieldsOf(kinds, element)
        .filter((field) => !field.name.startsWith('outline.') || stoneOf(piece, element) === undefined)
        .map((field) => ({
          address: `${strand.id}.${element.id ?? ''}.${field.name}`,
          strand: at,
          element,
          field,
          value: valueOf(element, field.name),
        })),
    ),
  );
}

/** The fields that a measure changes; what is not there any more is passed over. */
export function fieldsOfOwn(all: readonly OwnField[], measure: OwnMeasure): OwnField[] {
  return all.filter((f) => measure.of.includes(f.address));
}

/** The piece with another value of a measure: in every one of its fields. */
export function withOwnValue(piece: Piece, fields: readonly OwnField[], value: number): Piece {
  return fields.reduce(
    (made, { strand, element, field }) =>
      withElement(made, strand, element.id ?? '', changeOf(latest(made, strand, element), field.name, value)),
    piece,
  );
}

/** The element as an earlier field has left it: two fields of one may change together. */
function latest(piece: Piece, strand: number, element: Element): Element {
  return piece.strands[strand]?.elements.find((e) => e.id === element.id) ?? element;
}

/** The name that each field has, by its address. */
export function namesOf(piece: Piece): Map<string, string> {
  return new Map(piece.measures.flatMap((m) => m.of.map((address) => [address, m.title])));
}

/** Measures out of the names of fields, in the order of the fields: what has the same name changes together. */
export function measuresOf(all: readonly OwnField[], names: ReadonlyMap<string, string>): OwnMeasure[] {
  const measures = new Map<string, string[]>();
  for (const { address } of all) {
    const title = names.get(address)?.trim();
    if (title) measures.set(title, [...(measures.get(title) ?? []), address]);
  }
  return [...measures].map(([title, of]) => ({ title, of }));
}
