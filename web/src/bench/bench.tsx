import { useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  useCallback,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import { api, Refused } from '../api/client';
import type { KeptPiece, Piece, Plan, Problem } from '../api/types';
import { mark, Saves, untilAnswered } from '../kit/saves';
import { useSettings } from '../kit/settings';

/** A piece on the bench: the document, its plan, and what can be done to them. */
export interface Bench {
  /** name in the store */
  id: string;
  /** the document as it stands on screen */
  piece: Piece;
  /** its plan; always that of the document */
  plan: Plan;
  /** index of the strand at hand */
  at: number;
  /** Takes another strand in hand. */
  take: (index: number) => void;
  /**
   * Changes the document: planned at once, kept at once unless it is still being dragged. Says whether it was taken.
   * What has to be asked for first goes in turn: a later change starts from the earlier one's result.
   */
  change: (update: (piece: Piece) => Piece | Promise<Piece>, dragging?: boolean) => Promise<boolean>;
  /** Keeps what was dragged. */
  drop: () => void;
}

/** How the piece is kept. */
export interface Keeping {
  /** when it was kept last; empty while a change is on its way */
  keptAt: string;
  /** whether Etui does not answer; what was changed waits and is sent again */
  away: boolean;
  canUndo: boolean;
  canRedo: boolean;
  /** what was refused last; undefined when all is well */
  problem: Problem | undefined;
  /** the version that another window kept meanwhile */
  conflict: KeptPiece | undefined;
  undo: () => void;
  redo: () => void;
  /** Forgets what was refused. */
  dismiss: () => void;
  takeTheirs: () => void;
  keepMine: () => void;
}

const BenchContext = createContext<Bench | null>(null);
const KeepingContext = createContext<Keeping | null>(null);
const ProblemContext = createContext<Problem | undefined>(undefined);

/** What need not follow a change at once: it is drawn again when nothing more urgent waits. */
export function Later(props: {
  /** what uses the bench */
  children: ReactNode;
}) {
  const later = useDeferredValue(useContext(BenchContext));
  return <BenchContext value={later}>{props.children}</BenchContext>;
}

/** The piece on the bench. */
export function useBench(): Bench {
  const bench = useContext(BenchContext);
  if (!bench) throw new Error('no piece on the bench');
  return bench;
}

/** How the piece on the bench is kept. */
export function useKeeping(): Keeping {
  const keeping = useContext(KeepingContext);
  if (!keeping) throw new Error('no piece on the bench');
  return keeping;
}

/** What was refused last; fields are drawn again when that changes, not at each keeping. */
export function useProblem(): Problem | undefined {
  return useContext(ProblemContext);
}

/** Puts a piece on the bench for everything inside. */
export function BenchProvider(props: {
  /** the piece as it was read */
  kept: KeptPiece;
  /** its plan */
  plan: Plan;
  /** what works on it */
  children: ReactNode;
}) {
  const { units } = useSettings();
  const queries = useQueryClient();
  const id = props.kept.id;
  const [piece, setPiece] = useState(props.kept.document);
  const [plan, setPlan] = useState(props.plan);
  const [problem, setProblem] = useState<Problem>();
  const [away, setAway] = useState(false);
  const [saves] = useState(
    () => new Saves(props.kept, (version: number, next: Piece) => api.save(id, version, next)),
  );
  const save = useSyncExternalStore(saves.subscribe, () => saves.state);
  const shown = useRef(props.kept.document);
  const asked = useRef(props.kept.document);
  const planning = useRef<AbortController | undefined>(undefined);
  const taken = useRef<Promise<unknown> | undefined>(undefined);
  const turn = useRef<Promise<unknown> | undefined>(undefined);
  const [inHand, setInHand] = useState(0);

  const refuse = useCallback((thrown: unknown) => {
    if (!(thrown instanceof Refused)) throw thrown;
    setProblem(thrown.problem);
  }, []);

  useEffect(() => {
    if (!save.saving) void queries.invalidateQueries({ queryKey: ['pieces'], exact: true });
  }, [queries, save.saving]);

  const keep = useCallback(
    (next: Piece) => {
      // Figures are shown first; the save leaves right after.
      setTimeout(() => void saves.keep(next));
    },
    [saves],
  );

  const show = useCallback((next: Piece, planned: Plan) => {
    shown.current = next;
    setPiece(next);
    setPlan(planned);
    setProblem(undefined);
  }, []);

  const put = useCallback(
    async (next: Piece, dragging: boolean) => {
      asked.current = next;
      planning.current?.abort();
      const own = new AbortController();
      planning.current = own;
      try {
        const planned = await untilAnswered(
          () => api.plan(next, units, 'last', own.signal),
          (isAway) => {
            setAway(isAway);
            mark(own, isAway);
          },
          () => !own.signal.aborted,
        );
        if (own.signal.aborted) return true;
        show(next, planned);
        if (!dragging) keep(next);
        return true;
      } catch (thrown) {
        if (own.signal.aborted) return true;
        asked.current = shown.current;
        refuse(thrown);
        return false;
      }
    },
    [keep, refuse, show, units],
  );

  /** Lets what is asked for later start from what this leaves. */
  const inTurn = useCallback((work: Promise<unknown>) => {
    const mine: Promise<unknown> = work.catch(() => undefined);
    turn.current = mine;
    void mine.then(() => {
      if (turn.current === mine) turn.current = undefined;
    });
  }, []);

  const change = useCallback(
    (update: (piece: Piece) => Piece | Promise<Piece>, dragging = false) => {
      const made = turn.current ? turn.current.then(() => update(asked.current)) : update(asked.current);
      const done = made instanceof Promise ? made.then((next) => put(next, dragging)) : put(made, dragging);
      taken.current = done.catch(() => undefined);
      if (made instanceof Promise) inTurn(made);
      return done;
    },
    [inTurn, put],
  );

  /** Undo and redo come after every change that was made before them is kept. */
  const step = useCallback(
    (go: (id: string) => Promise<KeptPiece>, can: (kept: KeptPiece) => boolean) => {
      const before = [turn.current, taken.current];
      const work = async () => {
        await Promise.all(before);
        if (!(await saves.flush()) || !can(saves.state.standing)) return;
        try {
          const now = await go(id);
          const planned = await api.plan(now.document, units, 'last');
          saves.stands(now);
          asked.current = now.document;
          show(now.document, planned);
          void queries.invalidateQueries({ queryKey: ['pieces'], exact: true });
        } catch (thrown) {
          refuse(thrown);
        }
      };
      inTurn(work());
    },
    [id, inTurn, queries, refuse, saves, show, units],
  );

  useEffect(() => {
    const own = new AbortController();
    api
      .plan(shown.current, units, 'last', own.signal)
      .then(setPlan)
      .catch(() => undefined);
    return () => own.abort();
  }, [units]);

  const bench = useMemo<Bench>(
    () => ({
      id,
      piece,
      plan,
      at: Math.min(inHand, piece.strands.length - 1),
      take: setInHand,
      change,
      drop: () => void change((p) => p),
    }),
    [id, piece, plan, inHand, change],
  );
  const keeping = useMemo<Keeping>(
    () => ({
      keptAt: save.saving ? '' : save.standing.changedAt,
      away: away || save.away,
      canUndo: save.saving || save.standing.canUndo,
      canRedo: save.standing.canRedo,
      problem: problem ?? save.problem,
      conflict: save.conflict,
      undo: () => step(api.undo, (k) => k.canUndo),
      redo: () => step(api.redo, (k) => k.canRedo),
      dismiss: () => {
        setProblem(undefined);
        saves.dismiss();
      },
      takeTheirs: () => {
        const theirs = saves.takeTheirs().document;
        asked.current = theirs;
        void api.plan(theirs, units, 'last').then((planned) => show(theirs, planned));
      },
      keepMine: () => void saves.keepMine(),
    }),
    [save, away, problem, saves, step, show, units],
  );
  return (
    <BenchContext value={bench}>
      <KeepingContext value={keeping}>
        <ProblemContext value={keeping.problem}>{props.children}</ProblemContext>
      </KeepingContext>
    </BenchContext>
  );
}
