import type { Element, Kind } from '../../api/types';

/** A measure of an element that can be typed. */
export interface Field {
  /** name in the document */
  name: string;
  /** words on screen */
  label: string;
  /** mm for a length, otherwise the unit to show */
  unit: 'mm' | 'turns' | 'degrees' | 'count' | 'share';
  /** whether nothing is a value, so that it is typed as a plain number */
  zero?: boolean;
  /** whether it is a thickness, shown to a hundredth */
  fine?: boolean;
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
    { name: 'gapMm', label: 'gap between turns', unit: MM, zero: true },
    { name: 'riseMm', label: 'rise a turn', unit: MM, zero: true },
  ],
  coil: [
    { name: 'turns', label: 'turns', unit: 'turns' },
    { name: 'mandrelMm', label: 'mandrel', unit: MM },
    { name: 'pitchMm', label: 'from turn to turn, 0 touching', unit: MM, zero: true },
  ],
  wrap: [
    { name: 'turns', label: 'turns', unit: 'turns' },
    { name: 'core.cordMm', label: 'cord', unit: MM },
    { name: 'core.stemMm', label: 'stem', unit: MM },
    { name: 'core.wires', label: 'wires in the core', unit: 'count' },
    { name: 'core.diameterMm', label: 'each of', unit: MM, fine: true },
    { name: 'pitchMm', label: 'from turn to turn, 0 touching', unit: MM, zero: true },
  ],
  girth: [
    { name: 'outline.diameterMm', label: 'diameter', unit: MM },
    { name: 'outline.lengthMm', label: 'length', unit: MM },
    { name: 'outline.widthMm', label: 'width', unit: MM },
    { name: 'outline.cornerMm', label: 'corners, radius', unit: MM, zero: true },
    { name: 'outline.pointDeg', label: 'angle of the point', unit: 'degrees' },
    { name: 'outline.girthMm', label: 'girth measured', unit: MM },
    { name: 'from', label: 'begins at, of the way round', unit: 'share' },
    { name: 'to', label: 'ends at, of the way round', unit: 'share' },
    { name: 'offsetWires', label: 'wires beneath it', unit: 'count' },
  ],
  twist: [
    { name: 'lengthMm', label: 'length', unit: MM },
    { name: 'turns', label: 'turns', unit: 'turns' },
  ],
  ball: [{ name: 'diameterMm', label: 'diameter', unit: MM }],
  paddle: [
    { name: 'lengthMm', label: 'length', unit: MM },
    { name: 'toMm', label: 'flattened to', unit: MM, fine: true },
  ],
  lead: [{ name: 'lengthMm', label: 'length', unit: MM }],
};

type Holder = Record<string, unknown>;

/** The holder and the last name of a measure that may lie one deeper, such as core.cordMm. */
function place(element: Element, field: string): [Holder, string] {
  const [first = '', second] = field.split('.');
  const holder = element as unknown as Holder;
  return second === undefined ? [holder, first] : [(holder[first] ?? {}) as Holder, second];
}

/** The measures of an element; one that can be sized in several ways shows only those that it is sized by. */
export function fieldsOf(element: Element): Field[] {
  return (FIELDS[element.kind] ?? []).filter((f) => {
    const [holder, name] = place(element, f.name);
    return name in holder;
  });
}

/** A measure's value. */
export function valueOf(element: Element, field: string): number {
  const [holder, name] = place(element, field);
  return (holder[name] as number | undefined) ?? 0;
}

/** The change that gives a measure another value. */
export function changeOf(element: Element, field: string, value: number): Partial<Element> {
  const [first = '', second] = field.split('.');
  const [holder] = place(element, field);
  return (
    second === undefined ? { [first]: value } : { [first]: { ...holder, [second]: value } }
  ) as Partial<Element>;
}

/** How far an arrow key steps a measure. */
export function stepOf(unit: Field['unit']): number {
  return { mm: 0.1, turns: 0.05, degrees: 1, count: 1, share: 0.05 }[unit];
}

/** How a unit is shown behind a number. */
export function shownUnit(unit: Field['unit']): string {
  return unit === 'degrees' ? '°' : unit === 'mm' ? 'mm' : '';
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
  {
    kind: 'coil',
    label: 'coil',
    make: (id) => ({
      kind: 'coil',
      id,
      mandrelMm: 4,
      turns: 5,
      pitchMm: 0,
      axis: 'across',
      turn: 'left',
      ...COMMON,
    }),
  },
  {
    kind: 'wrap',
    label: 'wrap',
    make: (id) => ({
      kind: 'wrap',
      id,
      core: { stemMm: 1 },
      turns: 2,
      pitchMm: 0,
      legAlong: false,
      turn: 'left',
      ...COMMON,
    }),
  },
  {
    kind: 'girth',
    label: 'round a stone',
    make: (id) => ({
      kind: 'girth',
      id,
      outline: { shape: 'oval', lengthMm: 24, widthMm: 16 },
      from: 0,
      to: 1,
      offsetWires: 0,
      turn: 'left',
      ...COMMON,
    }),
  },
  {
    kind: 'twist',
    label: 'twist',
    make: (id) => ({ kind: 'twist', id, lengthMm: 20, turns: 4, with: 'itself', ...COMMON }),
  },
  {
    kind: 'ball',
    label: 'ball',
    make: (id) => ({ kind: 'ball', id, diameterMm: 2.2, ...COMMON }),
  },
];
