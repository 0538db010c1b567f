import { beforeEach, describe, expect, it } from 'vitest';
import { keepRun, pulled, readRun, type Run } from './run';

const run: Run = {
  startedAt: 1_000_000,
  bath: { form: 'gel', drops: 2, volumeMl: 118, temperatureC: 60 },
  dips: [
    { piece: 'p', id: 'a', name: 'Hop', metal: 'copper', stop: 'orange', look: 'orange', dueS: 27 },
    { piece: 'p', id: 'b', name: 'Sloe', metal: 'copper', stop: 'blue', look: 'blue', dueS: 150 },
  ],
};

describe('a bath that runs', () => {
  beforeEach(() => localStorage.clear());

  it('keeps when each piece was pulled', () => {
    const next = pulled(run, 'b', 90);

    expect(next.dips.map((d) => d.pulledS)).toEqual([undefined, 90]);
    expect(pulled(run, 'a', 0).dips[0]?.pulledS).toBe(1);
  });

  it('is picked up after a reload', () => {
    keepRun(run);

    expect(readRun()).toEqual(run);
  });

  it('that is given up is gone', () => {
    keepRun(run);
    keepRun(undefined);

    expect(readRun()).toBeUndefined();
  });

  it('kept in a way that cannot be read is none', () => {
    localStorage.setItem('etui-bath', '{"startedAt":');

    expect(readRun()).toBeUndefined();
  });
});
