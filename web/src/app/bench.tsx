import { useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { api, Refused } from '../api/client';
import type { KeptPiece, Piece, Plan, Problem } from '../api/types';
import { useSettings } from './settings';

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
  const [kept, setKept] = useState(props.kept);
  const [saving, setSaving] = useState(false);
  const [problem, setProblem] = useState<Problem>();
  const [conflict, setConflict] = useState<KeptPiece>();
  const shown = useRef(props.kept.document);
  const asked = useRef(props.kept.document);
  const version = useRef(props.kept.version);
  const waiting = useRef<Piece | undefined>(undefined);
  const busy = useRef(false);
  const planning = useRef<AbortController | undefined>(undefined);
  const turn = useRef<Promise<unknown> | undefined>(undefined);
  const [inHand, setInHand] = useState(0);

  const refuse = useCallback((thrown: unknown) => {
    if (!(thrown instanceof Refused)) throw thrown;
    if (thrown.problem.status === 409 && thrown.problem.standing) setConflict(thrown.problem.standing);
    else setProblem(thrown.problem);
  }, []);

  const stands = useCallback((now: KeptPiece) => {
    version.current = now.version;
    setKept(now);
  }, []);

  const flush = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    setSaving(true);
    while (waiting.current) {
      const next = waiting.current;
      waiting.current = undefined;
      try {
        stands(await api.save(id, version.current, next));
      } catch (thrown) {
        refuse(thrown);
      }
    }
    busy.current = false;
    setSaving(false);
    void queries.invalidateQueries({ queryKey: ['pieces'], exact: true });
  }, [id, queries, refuse, stands]);

  const keep = useCallback(
    (next: Piece) => {
      waiting.current = next;
      // Figures are shown first; the save leaves right after.
      setTimeout(() => void flush());
    },
    [flush],
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
        const planned = await api.plan(next, units, 'last', own.signal);
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

  const change = useCallback(
    (update: (piece: Piece) => Piece | Promise<Piece>, dragging = false) => {
      const made = turn.current ? turn.current.then(() => update(asked.current)) : update(asked.current);
      if (!(made instanceof Promise)) return put(made, dragging);
      const taken = made.then((next) => put(next, dragging));
      const mine: Promise<unknown> = made.catch(() => undefined);
      turn.current = mine;
      void mine.then(() => {
        if (turn.current === mine) turn.current = undefined;
      });
      return taken;
    },
    [put],
  );

  const step = useCallback(
    async (go: (id: string) => Promise<KeptPiece>) => {
      if (busy.current) return;
      try {
        const now = await go(id);
        const planned = await api.plan(now.document, units, 'last');
        stands(now);
        asked.current = now.document;
        show(now.document, planned);
        void queries.invalidateQueries({ queryKey: ['pieces'], exact: true });
      } catch (thrown) {
        refuse(thrown);
      }
    },
    [id, queries, refuse, show, stands, units],
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
      keptAt: saving ? '' : kept.changedAt,
      canUndo: kept.canUndo,
      canRedo: kept.canRedo,
      problem,
      conflict,
      undo: () => void step(api.undo),
      redo: () => void step(api.redo),
      dismiss: () => setProblem(undefined),
      takeTheirs: () => {
        if (!conflict) return;
        const theirs = conflict;
        setConflict(undefined);
        stands(theirs);
        asked.current = theirs.document;
        void api.plan(theirs.document, units, 'last').then((planned) => show(theirs.document, planned));
      },
      keepMine: () => {
        if (!conflict) return;
        stands(conflict);
        setConflict(undefined);
        keep(shown.current);
      },
    }),
    [saving, kept, problem, conflict, keep, step, stands, show, units],
  );
  return (
    <BenchContext value={bench}>
      <KeepingContext value={keeping}>{props.children}</KeepingContext>
    </BenchContext>
  );
}
