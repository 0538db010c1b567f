import type { Element, Field, KindRow, Kinds, Piece, Strand } from '../api/types';
import { figuresOf } from './work';

const STEPS: Record<string, number> = { mm: 0.1, thickness: 0.01, turns: 0.05, share: 0.05, min: 10 };

type Holder = Record<string, unknown>;

/** The holder and the last name of a measure that may lie one deeper, such as core.cordMm. */
function place(thing: object, field: string): [Holder, string] {
  const [first = '', second] = field.split('.');
  const holder = thing as Holder;
  return second === undefined ? [holder, first] : [(holder[first] ?? {}) as Holder, second];
}

/** The measures of an element; one that can be sized in several ways shows only those that it is sized by. */
export function fieldsOf(kinds: Kinds, element: Element): Field[] {
  const row = kinds.elements.find((k) => k.kind === element.kind);
  return row ? shownFields(row, element) : [];
}

/** The measures of a kind that a thing of it has. */
export function shownFields(row: KindRow, thing: object): Field[] {
  return row.fields.filter((f) => {
    const [holder, name] = place(thing, f.name);
    return f.unit !== '' && name in holder;
  });
}

/** Whether nothing is a value of it, so that it is typed as a plain number. */
export function canBeNothing(field: Field): boolean {
  return (field.from ?? 0) <= 0;
}

/** A measure's value. */
export function valueOf(thing: object, field: string): number {
  const [holder, name] = place(thing, field);
  return (holder[name] as number | undefined) ?? 0;
}

/** The change that gives a measure another value. */
export function changeOf<T extends object>(thing: T, field: string, value: number): Partial<T> {
  const [first = '', second] = field.split('.');
  const [holder] = place(thing, field);
  return (
    second === undefined ? { [first]: value } : { [first]: { ...holder, [second]: value } }
  ) as Partial<T>;
}

/** How far an arrow key steps a measure. */
export function stepOf(unit: string): number {
  return STEPS[unit] ?? 1;
}

/** How a unit is shown behind a number. */
export function shownUnit(unit: string): string {
  return unit === 'degrees' ? '°' : unit === 'mm' || unit === 'thickness' ? 'mm' : '';
}

/** What can be added by itself, with its words and a new one in the wire of a strand. */
export function addable(kinds: Kinds, strand: Strand): { words: string; make: (id: string) => Element }[] {
  return kinds.elements
    .filter((k) => k.offered)
    .map((k) => ({
      words: k.words,
      make: (id) => ({ ...(k.usual as object), ...figuresOf(k, strand), id }) as Element,
    }));
}

/** The part whose outline a girth follows: that of the solid that it lies on. */
export function stoneOf(piece: Piece, element: Element): string | undefined {
  if (element.kind !== 'girth') return undefined;
  const part = piece.parts.find((p) => p.id === element.seat?.on);
  return part?.body && 'outline' in part.body ? part.id : undefined;
}
