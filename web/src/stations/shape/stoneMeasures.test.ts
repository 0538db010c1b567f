import { expect, test } from 'vitest';
import type { Body, Parameter } from '../../api/types';
import { stoneMeasures } from './stoneMeasures';

const ASKED = ['outline', 'lengthMm', 'widthPercent', 'points', 'thicknessMm', 'way'].map((name) => ({
  name,
  ...(name === 'outline' && { choices: ['drop', 'oval', 'traced'] }),
})) as unknown as Parameter[];

const cabochon = (outline: object) =>
  ({ shape: 'cabochon', outline, heightMm: 6, girdleMm: 2, domeness: 2 }) as unknown as Body;

test('a drop that points down becomes measures that say so', () => {
  const drop = cabochon({ shape: 'drop', lengthMm: 30, widthMm: 18, turnDeg: 180 });

  expect(stoneMeasures(drop, ASKED)).toEqual({
    outline: 'drop',
    lengthMm: 30,
    widthPercent: 60,
    points: 'down',
    thicknessMm: 6,
  });
});

test('a traced stone goes over as it was traced', () => {
  const traced = cabochon({
    shape: 'traced',
    points: [
      [9, 0],
      [0, 12],
      [-8, -1],
    ],
    turnDeg: 0,
  });

  expect(stoneMeasures(traced, ASKED)).toMatchObject({ outline: 'traced', way: '9 0, 0 12, -8 -1' });
});

test('a stone that the pattern does not know is not offered', () => {
  const polygon = cabochon({ shape: 'polygon', points: [] });

  expect(stoneMeasures(polygon, ASKED)).toBeUndefined();
  expect(stoneMeasures(cabochon({ shape: 'drop', lengthMm: 3, widthMm: 2, turnDeg: 0 }), [])).toBeUndefined();
});

test('a crystal goes to a pattern that asks for its sides and tip', () => {
  const asked = ['sidesMm', 'tipMm', 'acrossMm', 'sides'].map((name) => ({
    name,
    ...(name === 'sides' && { choices: ['6', '4', '8'] }),
  })) as unknown as Parameter[];
  const crystal = { shape: 'point', acrossMm: 9, sides: 6, lengthMm: 31, tipMm: 6 } as unknown as Body;

  expect(stoneMeasures(crystal, asked)).toEqual({ sidesMm: 25, tipMm: 6, acrossMm: 9, sides: '6' });
  expect(stoneMeasures({ ...crystal, sides: 5 } as Body, asked)).toBeUndefined();
  expect(stoneMeasures({ ...crystal, tipMm: 0 } as Body, asked)).toBeUndefined();
  expect(stoneMeasures(crystal, ASKED)).toBeUndefined();
  expect(
    stoneMeasures(cabochon({ shape: 'drop', lengthMm: 3, widthMm: 2, turnDeg: 0 }), asked),
  ).toBeUndefined();
});
