import type { Element, Kind } from '../../api/types';

/** A measure of an element that can be typed. */
export interface Field {
  /** name in the document */
  name: string;
  /** words on screen */
  label: string;
  /** mm for a length, otherwise the unit to show */
  unit: 'mm' | 'turns' | 'degrees';
}

const MM = 'mm' as const;

/** The measures of each kind that is built; the first is the one that matters most. */
const FIELDS: Partial<Record<Kind, Field[]>> = {
  straight: [{ name: 'lengthMm', label: 'length', unit: MM }],
  bend: [
    { name: 'angleDeg', label: 'angle', unit: 'degrees' },
    { name: 'insideMm', label: 'inside', unit: MM },
  ],
  arc: [
    { name: 'insideMm', label: 'inside', unit: MM },
    { name: 'sweepDeg', label: 'sweep', unit: 'degrees' },
  ],
  loop: [
    { name: 'insideMm', label: 'inside', unit: MM },
    { name: 'turns', label: 'turns', unit: 'turns' },
  ],
  curl: [
    { name: 'insideMm', label: 'inside', unit: MM },
    { name: 'turns', label: 'turns', unit: 'turns' },
  ],
  spiral: [
    { name: 'turns', label: 'turns', unit: 'turns' },
    { name: 'outsideMm', label: 'outside', unit: MM },
    { name: 'lengthMm', label: 'centre line', unit: MM },
    { name: 'insideMm', label: 'inside', unit: MM },
  ],
  paddle: [
    { name: 'lengthMm', label: 'length', unit: MM },
    { name: 'toMm', label: 'flattened to', unit: MM },
  ],
  lead: [{ name: 'lengthMm', label: 'length', unit: MM }],
};

/** The measures of an element; a spiral shows only those that it is sized by. */
export function fieldsOf(element: Element): Field[] {
  return (FIELDS[element.kind] ?? []).filter((f) => f.name in element);
}

/** A measure's value. */
export function valueOf(element: Element, field: string): number {
  return (element as unknown as Record<string, number>)[field] ?? 0;
}

/** How far an arrow key steps a measure. */
export function stepOf(unit: Field['unit']): number {
  return unit === 'mm' ? 0.1 : unit === 'turns' ? 0.05 : 1;
}

const COMMON = { rollDeg: 0, target: 'released' } as const;

/** What can be added, with its words and its usual measures. */
export const ADDABLE: { kind: Kind; label: string; make: (id: string) => Element }[] = [
  { kind: 'straight', label: 'run', make: (id) => ({ kind: 'straight', id, lengthMm: 8, ...COMMON }) },
  {
    kind: 'bend',
    label: 'corner',
    make: (id) => ({ kind: 'bend', id, angleDeg: 90, insideMm: 0.5, turn: 'left', ...COMMON }),
  },
  {
    kind: 'arc',
    label: 'bend',
    make: (id) => ({ kind: 'arc', id, insideMm: 7, sweepDeg: 180, turn: 'left', ...COMMON }),
  },
  {
    kind: 'loop',
    label: 'loop',
    make: (id) => ({
      kind: 'loop',
      id,
      insideMm: 3,
      turns: 1,
      turn: 'left',
      centred: false,
      opens: false,
      ...COMMON,
    }),
  },
  {
    kind: 'curl',
    label: 'curl',
    make: (id) => ({ kind: 'curl', id, insideMm: 0.9, turns: 0.9, turn: 'left', ...COMMON }),
  },
  {
    kind: 'spiral',
    label: 'spiral',
    make: (id) => ({
      kind: 'spiral',
      id,
      centre: 'closed',
      gapMm: 0,
      turns: 3,
      turn: 'left',
      from: 'outside',
      riseMm: 0,
      ...COMMON,
    }),
  },
];
