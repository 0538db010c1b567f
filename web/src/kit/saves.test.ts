import { describe, expect, it } from 'vitest';
import { Refused } from '../api/client';
import { holdBack, Saves, untilAnswered } from './saves';

interface Doc {
  name: string;
}
interface Kept {
  version: number;
  document: Doc;
}

const away = () => new Refused({ status: 0, detail: 'Etui does not answer', violations: [] });

/** A store of one document that can be away, slow, or overtaken by another window. */
function store() {
  const sent: string[] = [];
  const here = {
    sent,
    standing: { version: 1, document: { name: 'old' } } as Kept,
    trouble: [] as ('away' | 'lost' | 'refused')[],
    save: async (version: number, doc: Doc): Promise<Kept> => {
      await Promise.resolve();
      sent.push(doc.name);
      const trouble = here.trouble.shift();
      if (trouble === 'away') throw away();
      if (trouble === 'refused') {
        const violations = [{ path: 'name', value: doc.name, limit: 'must not be blank' }];
        throw new Refused({ status: 400, detail: 'not as allowed', violations });
      }
      if (version !== here.standing.version) {
        const standing = here.standing as never;
        throw new Refused({ status: 409, detail: 'stale', violations: [], standing });
      }
      here.standing = { version: version + 1, document: doc };
      if (trouble === 'lost') throw away();
      return here.standing;
    },
  };
  const pauses: number[] = [];
  const saves = new Saves<Doc, Kept>(here.standing, here.save, (ms) => {
    pauses.push(ms);
    return Promise.resolve();
  });
  return { here, saves, pauses };
}

function isHeldBack(): boolean {
  const leaving = new Event('beforeunload', { cancelable: true });
  holdBack(leaving);
  return leaving.defaultPrevented;
}

describe('keeping a document', () => {
  it('sends one at a time and of those that wait only the newest', async () => {
    const { here, saves } = store();
    const first = saves.keep({ name: 'a' });
    void saves.keep({ name: 'b' });
    void saves.keep({ name: 'c' });
    expect(saves.state.saving).toBe(true);
    await expect(first).resolves.toBe(true);
    expect(here.sent).toEqual(['a', 'c']);
    void saves.keep({ name: 'd' });
    await Promise.resolve();
    void saves.keep({ name: 'e' });
    await expect(saves.keep({ name: 'f' })).resolves.toBe(true);
    expect(here.sent).toEqual(['a', 'c', 'd', 'f']);
    expect(saves.state).toMatchObject({ saving: false, standing: { version: 5, document: { name: 'f' } } });
  });

  it('sends again what did not get through, later each time, and holds the window back meanwhile', async () => {
    const { here, saves, pauses } = store();
    here.trouble = ['away', 'away', 'away'];
    const seen: boolean[] = [];
    saves.subscribe(() => seen.push(saves.state.away && isHeldBack()));
    await expect(saves.keep({ name: 'a' })).resolves.toBe(true);
    expect(here.sent).toEqual(['a', 'a', 'a', 'a']);
    expect(pauses).toEqual([400, 800, 1600]);
    expect(seen).toContain(true);
    expect(saves.state.away).toBe(false);
    expect(isHeldBack()).toBe(false);
  });

  it('sends the newest when Etui is back', async () => {
    const { here, saves } = store();
    here.trouble = ['away'];
    const end = saves.subscribe(() => {
      if (saves.state.away) void saves.keep({ name: 'b' });
    });
    await saves.keep({ name: 'a' });
    end();
    expect(here.sent).toEqual(['a', 'b']);
    expect(here.standing.document.name).toBe('b');
  });

  it('knows its own save again where only the answer was lost', async () => {
    const { here, saves } = store();
    here.trouble = ['lost'];
    await expect(saves.keep({ name: 'a' })).resolves.toBe(true);
    expect(saves.state).toMatchObject({ conflict: undefined, standing: { version: 2 } });
  });

  it('says why a save was refused and goes on with the next', async () => {
    const { here, saves } = store();
    here.trouble = ['refused'];
    await expect(saves.keep({ name: '' })).resolves.toBe(false);
    expect(saves.state.problem?.violations[0]?.path).toBe('name');
    await expect(saves.keep({ name: 'a' })).resolves.toBe(true);
    expect(saves.state.problem).toBeUndefined();
  });

  it('waits for a decision where another window was first, and keeps mine on top', async () => {
    const { here, saves } = store();
    here.standing = { version: 7, document: { name: 'theirs' } };
    await expect(saves.keep({ name: 'mine' })).resolves.toBe(false);
    expect(saves.state.conflict?.document.name).toBe('theirs');
    expect(isHeldBack()).toBe(true);
    await expect(saves.keep({ name: 'mine, later' })).resolves.toBe(false);
    expect(here.sent).toEqual(['mine']);
    await expect(saves.keepMine()).resolves.toBe(true);
    expect(here.standing).toEqual({ version: 8, document: { name: 'mine, later' } });
    expect(isHeldBack()).toBe(false);
  });

  it('or takes the other', async () => {
    const { here, saves } = store();
    here.standing = { version: 7, document: { name: 'theirs' } };
    await saves.keep({ name: 'mine' });
    expect(saves.takeTheirs().document.name).toBe('theirs');
    await expect(saves.flush()).resolves.toBe(true);
    expect(here.sent).toEqual(['mine']);
    await expect(saves.keep({ name: 'after' })).resolves.toBe(true);
    expect(here.standing.version).toBe(8);
  });

  it('starts from what an undo left', async () => {
    const { here, saves } = store();
    here.standing = { version: 3, document: { name: 'undone' } };
    saves.stands(here.standing);
    await expect(saves.keep({ name: 'a' })).resolves.toBe(true);
  });
});

describe('asking until there is an answer', () => {
  it('ends when nobody waits for it any more', async () => {
    let asked = 0;
    const call = () => {
      asked++;
      return Promise.reject(away());
    };
    const told: boolean[] = [];
    const pause = () => Promise.resolve();
    await expect(
      untilAnswered(
        call,
        (t) => told.push(t),
        () => asked < 3,
        pause,
      ),
    ).rejects.toThrow('does not answer');
    expect(asked).toBe(3);
    expect(told).toEqual([true, true, false]);
  });
});
