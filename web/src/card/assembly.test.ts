import { describe, expect, it } from 'vitest';
import type { Plan, Step, StrandPlan } from '../api/types';
import { assemblyAt, moveOf, spoken } from './assembly';
import { momentOf } from './momentOf';
import { picturesOf } from './pictures';

const level = [0, 10, 20, 30, 40].map((s) => [s, 0, 0, s]);
/** The same wire bent square at 20 mm: what lies beyond runs up. */
const bent = [
  [0, 0, 0, 0],
  [10, 0, 0, 10],
  [20, 0, 0, 20],
  [20, 10, 0, 30],
  [20, 20, 0, 40],
];
const stations = level.map((p) => ({ sMm: p[3], drawnMm: 1, strain: 0, hardnessHv: 50 }));

const strand = (id: string, more: object = {}) =>
  ({
    id,
    count: 1,
    pair: 'none',
    wire: { metal: 'copper', section: { shape: 'round', diameterMm: 1 } },
    outline: bent,
    crossings: [],
    elements: [{ id: 'side', label: 'side', fromMm: 0, toMm: 40 }],
    states: [
      { index: 0, outline: level, stations },
      { index: 1, outline: bent, stations },
    ],
    ...more,
  }) as unknown as StrandPlan;

/** Turns that lie three quarters along the frame in the finished piece, where that runs up. */
const turns = [
  [19, 10, 0, 0],
  [21, 10, 1, 10],
];
const lashing = strand('lashing', {
  carried: { round: ['frame.side', 'other.side'], at: 0.75 },
  outline: turns,
  elements: [{ id: 'lash', label: 'lash', fromMm: 0, toMm: 10 }],
  states: [
    { index: 0, outline: level, stations },
    { index: 1, outline: turns, stations: stations.slice(0, 2) },
  ],
});

/** Lies 1 mm outside the first in the finished piece; its straight wire is drawn elsewhere. */
const other = strand('other', {
  outline: bent.map(([x = 0, y = 0, z = 0, s = 0]) => [x + 1, y, z, s]),
  states: [
    { index: 0, outline: level.map(([x = 0, , z = 0, s = 0]) => [7, x, z, s]), stations },
    { index: 1, outline: bent.map(([x = 0, y = 0, z = 0, s = 0]) => [x + 1, y, z, s]), stations },
  ],
});

const plan = { strands: [strand('frame'), other, lashing], parts: [] } as unknown as Plan;
const step = (kind: Step['kind'], of: string, about: string[], more: Partial<Step> = {}) =>
  ({ kind, strand: of, about, each: [], wires: 1, title: kind, shows: 'states', ...more }) as Step;
const steps = [
  step('lash', 'lashing', ['lashing.lash', 'frame.side', 'other.side'], { state: 1, element: 'lash' }),
  step('form', 'frame', ['frame.side'], { state: 1, element: 'side' }),
];

describe('what lies together', () => {
  it('is what was lashed before', () => {
    const before = assemblyAt(plan, steps, 1, spoken(steps[1] as Step));
    expect(before.strands.map((s) => [s.strand.id, s.state])).toEqual([
      ['frame', 0],
      ['other', 0],
      ['lashing', 1],
    ]);
  });

  it('leaves out wire that is to be wound, while it is straight', () => {
    const before = assemblyAt(plan, steps, 0, spoken(steps[0] as Step));
    expect(before.strands.map((s) => s.strand.id)).toEqual(['frame', 'other']);
  });

  it('turns go with the place that they are wound round', () => {
    const before = assemblyAt(plan, steps, 1, spoken(steps[1] as Step));
    const to = moveOf(plan, before, lashing);
    // On the straight wire the place lies at 30 mm, and the turns stand across it.
    const [first, last] = turns.map((p) => to(p));
    expect(first?.[0]).toBeCloseTo(30, 9);
    expect(first?.[1]).toBeCloseTo(1, 9);
    expect(last?.[1]).toBeCloseTo(-1, 9);
    expect(last?.[2]).toBe(1);
  });

  it('bound wires lie beside each other while they are straight', () => {
    const before = assemblyAt(plan, steps, 1, spoken(steps[1] as Step));
    const to = moveOf(plan, before, other);
    const straight = before.strands[1]?.strand.states[0]?.outline.map((p) => to(p)) ?? [];
    straight.forEach((p, i) => {
      expect(p[0]).toBeCloseTo(10 * i, 9);
      expect(p[1]).toBeCloseTo(-1, 9);
    });
  });

  it('the card shows it before and after', () => {
    const [before, after] = picturesOf(plan, steps, 1);
    expect([before.wires.length, after.wires.length]).toEqual([3, 3]);
    expect(before.wires[0]?.outline).toEqual(level);
    expect(after.wires[2]?.outline).toEqual(turns);
  });

  it('stands about a wire while that is in one of its states', () => {
    const whole = { ...plan, steps } as Plan;
    const straight = momentOf(whole, 'frame', 0);
    // The last that happens to the straight wire is that it is lashed to the other.
    expect(straight?.wires[0]?.outline).toEqual(level);
    expect(straight?.others).toHaveLength(2);
    expect(momentOf(whole, 'frame', 1)?.wires[0]?.outline).toEqual(bent);
    // Wire that is still to be wound lies by itself.
    expect(momentOf(whole, 'lashing', 0)).toBeUndefined();
  });
});
