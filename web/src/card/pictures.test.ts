import { describe, expect, it } from 'vitest';
import type { ChainPlan, PartDrawn, Plan, Step, StrandPlan } from '../api/types';
import { reached } from './assembly';
import { end, fromSpool, mirrored, picturesOf, stateOf, straight } from './pictures';

const station = (sMm: number, drawnMm: number, strain = 0) => ({
  sMm,
  drawnMm,
  strain,
  hardnessHv: 50 + 100 * strain,
  widthMm: drawnMm,
  thicknessMm: drawnMm,
});

const level = [0, 10, 20, 30, 100].map((s) => [s, 0, 0, s]);
const bent = [
  [0, 0, 0, 0],
  [0, 10, 0, 10],
  [10, 10, 0, 20],
  [20, 10, 0, 30],
  [90, 10, 0, 100],
];

function strand(more: Partial<StrandPlan> = {}): StrandPlan {
  const widths = level.map((p) => station(p[3] ?? 0, 1));
  return {
    id: 'wire',
    title: 'Wire',
    count: 1,
    pair: 'none',
    wire: { metal: 'copper', temper: 'dead-soft', section: { shape: 'round', diameterMm: 1 } },
    cutLengthMm: 100,
    outline: bent,
    crossings: [],
    marks: [
      { atMm: 30, from: 'end', label: 'loop starts' },
      { atMm: 10, from: 'end', label: 'hook starts' },
    ],
    elements: [{ id: 'hook', label: 'hook', kind: 'arc', fromMm: 0, toMm: 20 }],
    states: [
      { index: 0, operation: 'cut', lengthMm: 100, outline: level, stations: widths },
      { index: 1, operation: 'form hook', lengthMm: 100, outline: bent, stations: widths },
      {
        index: 2,
        operation: 'mallet',
        lengthMm: 100,
        outline: bent,
        stations: bent.map((p) => station(p[3] ?? 0, 1, 0.3)),
      },
    ],
    ...more,
  } as unknown as StrandPlan;
}

const step = (shows: Step['shows'], more: Partial<Step> = {}) =>
  ({ strand: 'wire', title: shows, shows, about: [], wires: 1, each: [], ...more }) as Step;

function pictures(one: Step, of = strand(), parts: PartDrawn[] = [], chains: ChainPlan[] = []) {
  const plan = { strands: [of], parts, chains } as unknown as Plan;
  return picturesOf(plan, [one], 0);
}

describe('pictures of a step', () => {
  it('straight wire is as long as it says; wire off the spool is as long round its arc', () => {
    const length = (w: { outline: readonly (readonly number[])[] }) => w.outline.at(-1)?.[3] ?? 0;
    expect(length(straight(strand(), 60))).toBeCloseTo(60, 9);
    expect(length(fromSpool(strand(), 60))).toBeCloseTo(60, 1);
  });

  it('a pinched end is narrower at its tip than a flush one', () => {
    expect(end(strand(), 'pinched').widths.at(-1)).toBeLessThan(0.5);
    expect(end(strand(), 'flush').widths.at(-1)).toBe(1);
    expect(Math.max(...end(strand(), 'burr').widths)).toBeGreaterThan(1);
  });

  it.each([
    'straightening',
    'truing',
    'marks',
    'cut',
    'dressing',
    'tumbling',
    'cleaning',
    'darkening',
    'drying',
    'polishing',
    'sealing',
    'piece',
  ] as const)('%s has two that differ', (shows) => {
    const [before, after] = pictures(step(shows));
    expect(JSON.stringify(before)).not.toBe(JSON.stringify(after));
    expect(before.says).not.toBe(after.says);
  });

  it('marks measured from the end stand there', () => {
    const [, after] = pictures(step('marks'));
    expect(after.ticks).toEqual([
      { x: 70, mm: 30 },
      { x: 90, mm: 10 },
    ]);
  });

  it('for the left hand it is the mirror image: twice is the same', () => {
    const [, marks] = pictures(step('marks'));
    const [bend] = pictures(step('states', { state: 1, element: 'hook' }));
    expect(mirrored(marks).ticks.map((t) => t.x)).toEqual([-70, -90]);
    expect(mirrored(marks).ticks.map((t) => t.mm)).toEqual([30, 10]);
    for (const picture of [marks, bend]) {
      const there = mirrored(picture);
      expect(there.wires[0]?.outline.at(-1)?.[0]).toBeCloseTo(
        -(picture.wires[0]?.outline.at(-1)?.[0] ?? 0),
        9,
      );
      expect(there.wires[0]?.outline.at(-1)?.[3]).toBe(picture.wires[0]?.outline.at(-1)?.[3]);
      const back = mirrored(there);
      expect(back.wires.map((w) => w.outline.map((p) => p.map((n) => n + 0)))).toEqual(
        picture.wires.map((w) => w.outline.map((p) => p.map((n) => n + 0))),
      );
      expect(back.focus?.x ?? 0).toBeCloseTo(picture.focus?.x ?? 0, 9);
    }
    expect(mirrored({ ...marks, says: 'after: the left corner' }).says).toBe('after: the right corner');
  });

  it('a bend in a long wire is shown close up, level before', () => {
    const [before, after] = pictures(step('states', { state: 1, element: 'hook' }));
    expect(before.says).toBe('before: the hook');
    expect(before.focus?.height).toBeLessThan(15);
    expect(after.focus?.width).toBeLessThan(40);
  });

  it('a pair lies below each other, mirrored', () => {
    const [, after] = pictures(
      step('states', { state: 1, element: 'hook' }),
      strand({ count: 2, pair: 'mirrored' }),
    );
    expect(after.wires).toHaveLength(2);
    const [a, b] = after.wires;
    const ys = (w: typeof a) => w?.outline.map((p) => p[1] ?? 0) ?? [];
    const sums = ys(a).map((y, i) => y + (ys(b)[i] ?? 0));
    expect(Math.max(...sums) - Math.min(...sums)).toBeCloseTo(0, 9);
    expect(stateOf(strand({ count: 2, pair: 'alike' }), 2)).toHaveLength(2);
  });

  it('work that keeps the shape is told by colour and hardness', () => {
    const steps = [step('states', { state: 1 }), step('states', { state: 2 })];
    const [before, after] = picturesOf({ strands: [strand()], parts: [] } as unknown as Plan, steps, 1);
    expect(before.strained?.[0]?.strain).toBe(0);
    expect(after.strained?.[0]?.strain).toBe(0.3);
    expect(before.most).toBe(after.most);
    expect(after.says).toContain('80 HV');
  });

  it('what changes neither shape nor strain is held against the template', () => {
    const steps = [step('states', { state: 1 }), step('states', { state: 2 })];
    const [spool, formed] = strand().states;
    const closed = strand({ states: [spool, formed, formed] } as Partial<StrandPlan>);
    const [before, after] = picturesOf({ strands: [closed], parts: [] } as unknown as Plan, steps, 1);
    expect(before.outline).toBe(true);
    expect(after.outline).toBeUndefined();
    expect(after.says).toBe('the piece on it');
  });

  it('links of a chain hang in each other, each further by the pitch', () => {
    const chain: ChainPlan = {
      strand: 'wire',
      links: 3,
      pitchMm: 80,
      lengthMm: 260,
      from: [0, 0, 0],
      along: [1, 0, 0],
      about: [1, 0, 0],
      turnDeg: 0,
    };
    const links = { about: ['wire.hook', 'wire.eye'] };
    const [one, hung] = pictures(step('joining', links), strand(), [], [chain]);

    expect(one.wires).toHaveLength(1);
    expect(hung.wires.map((w) => w.outline[0]?.[0])).toEqual([0, 80, 160]);
  });

  it('what is joined hangs apart before and in its place after', () => {
    const ring = {
      part: 'chain',
      kind: 'finding',
      on: 'wire.hook',
      over: true,
      lines: [
        {
          points: [
            [10, 0, 0],
            [14, 0, 0],
          ],
          strokeMm: 1,
        },
      ],
    };
    const [before, after] = pictures(
      step('joining', { strand: '', about: ['wire.hook', 'chain'] }),
      strand(),
      [ring] as PartDrawn[],
    );
    const left = (p: typeof before) => p.parts[0]?.lines[0]?.points[0]?.[0] ?? NaN;
    expect(left(before)).toBeLessThan(left(after) - 4);
    expect(left(after)).toBe(10);
  });

  it('what a strand has become is read off the steps before', () => {
    const steps = [step('states', { state: 1 }), step('cut'), step('states', { state: 2 })];
    expect(reached(steps, 2, 'wire')).toBe(1);
    expect(reached(steps, 3, 'wire')).toBe(2);
    expect(reached(steps, 3, 'other')).toBe(0);
  });
});
