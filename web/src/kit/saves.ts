import { compare } from 'fast-json-patch';
import { Refused } from '../api/client';
import type { Problem } from '../api/types';

const FIRST_PAUSE_MS = 400;
const LONGEST_PAUSE_MS = 5000;

const wait = (ms: number) => new Promise<void>((go) => setTimeout(go, ms));

/** Asks again and again until Etui answers, be it with a refusal; each time a little later. */
export async function untilAnswered<T>(
  call: () => Promise<T>,
  tell: (away: boolean) => void,
  goesOn: () => boolean = () => true,
  pause: (ms: number) => Promise<void> = wait,
): Promise<T> {
  for (let ms = FIRST_PAUSE_MS; ; ms = Math.min(2 * ms, LONGEST_PAUSE_MS)) {
    try {
      const answer = await call();
      tell(false);
      return answer;
    } catch (thrown) {
      const away = thrown instanceof Refused && thrown.problem.status === 0;
      tell(away && goesOn());
      if (!away || !goesOn()) throw thrown;
      await pause(ms);
    }
  }
}

const unsent = new Set<object>();

/** Whether something of that owner has not reached the store yet: then the window is not closed without a question. */
export function mark(owner: object, isUnsent: boolean): void {
  if (isUnsent) unsent.add(owner);
  else unsent.delete(owner);
}

/** Holds the window back while something is unsent. */
export function holdBack(event: Event): void {
  if (unsent.size > 0) event.preventDefault();
}

/** How a document is kept. */
export interface SaveState<Kept> {
  /** what stands in the store */
  standing: Kept;
  /** whether a save is on its way or waits */
  saving: boolean;
  /** whether Etui does not answer; what was changed waits and is sent again */
  away: boolean;
  /** what another window kept meanwhile */
  conflict: Kept | undefined;
  /** why the last save was refused */
  problem: Problem | undefined;
}

/**
 * Keeps one document: a save at a time, with the version that it started from; of those that wait only the newest is sent, as it holds
 * what the others hold. What did not get through is sent again; what another window overtook waits for a decision.
 */
export class Saves<Doc extends object, Kept extends { version: number; document: Doc }> {
  readonly #save: (version: number, doc: Doc) => Promise<Kept>;
  readonly #pause: (ms: number) => Promise<void>;
  readonly #listeners = new Set<() => void>();
  #state: SaveState<Kept>;
  #waiting: Doc | undefined;
  #running: Promise<boolean> | undefined;

  constructor(
    standing: Kept,
    save: (version: number, doc: Doc) => Promise<Kept>,
    pause: (ms: number) => Promise<void> = wait,
  ) {
    this.#state = { standing, saving: false, away: false, conflict: undefined, problem: undefined };
    this.#save = save;
    this.#pause = pause;
  }

  get state(): SaveState<Kept> {
    return this.#state;
  }

  /** Calls at every change of the state; the answer ends that. */
  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** Something else changed what stands, such as an undo. */
  stands(kept: Kept): void {
    this.#set({ standing: kept });
  }

  /** Forgets why the last save was refused. */
  dismiss(): void {
    this.#set({ problem: undefined });
  }

  /** Keeps a document; says whether it, or one after it, was taken. */
  keep(doc: Doc): Promise<boolean> {
    this.#waiting = doc;
    return this.flush();
  }

  /** Keeps what waits; says whether all of it was taken. */
  flush(): Promise<boolean> {
    if (this.#state.conflict) return Promise.resolve(false);
    if (this.#running) return this.#running;
    if (!this.#waiting) return Promise.resolve(true);
    this.#set({ saving: true });
    this.#running = this.#run();
    return this.#running;
  }

  /** Of two windows the other was right. */
  takeTheirs(): Kept {
    const theirs = this.#state.conflict ?? this.#state.standing;
    this.#waiting = undefined;
    this.#set({ standing: theirs, conflict: undefined });
    return theirs;
  }

  /** Of two windows this one was right: it is kept on top of the other, which stays in the history. */
  keepMine(): Promise<boolean> {
    this.#set({ standing: this.#state.conflict ?? this.#state.standing, conflict: undefined });
    return this.flush();
  }

  async #run(): Promise<boolean> {
    let well = true;
    while (this.#waiting && !this.#state.conflict) well = await this.#one(this.#waiting);
    this.#running = undefined;
    this.#set({ saving: false });
    return well;
  }

  async #one(first: Doc): Promise<boolean> {
    let doc = first;
    const newest = () => {
      doc = this.#waiting ?? doc;
      this.#waiting = undefined;
      mark(this, this.#state.away);
      return this.#save(this.#state.standing.version, doc);
    };
    const tell = (away: boolean) => {
      if (away !== this.#state.away) this.#set({ away });
    };
    try {
      const standing = await untilAnswered(newest, tell, undefined, this.#pause);
      this.#set({ standing, problem: undefined });
      return true;
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      const theirs = thrown.problem.standing as Kept | undefined;
      if (thrown.problem.status !== 409 || !theirs) {
        this.#set({ problem: thrown.problem });
        return false;
      }
      // The answer to the save before may have been lost on the way: what stands there is then this very document.
      if (compare(theirs.document, doc).length === 0) {
        this.#set({ standing: theirs, problem: undefined });
        return true;
      }
      this.#waiting ??= doc;
      this.#set({ conflict: theirs });
      return false;
    }
  }

  #set(change: Partial<SaveState<Kept>>): void {
    this.#state = { ...this.#state, ...change };
    mark(this, this.#state.away || this.#state.conflict !== undefined);
    for (const listener of this.#listeners) listener();
  }
}
