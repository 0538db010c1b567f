import { startTransition, useEffect, useRef, useState } from 'react';
import { api, Refused } from '../../api/client';
import type { Piece, StrandPlan } from '../../api/types';

/** A strand as it becomes while something is pulled: only that strand is asked for, one question at a time, the newest next. */
export function usePull(strand: string) {
  const [becoming, setBecoming] = useState<StrandPlan>();
  const waiting = useRef<Piece | undefined>(undefined);
  const busy = useRef(false);
  const open = useRef(true);
  useEffect(() => {
    open.current = true;
    return () => {
      open.current = false;
    };
  }, []);
  const ask = async () => {
    if (busy.current) return;
    busy.current = true;
    while (waiting.current && open.current) {
      const piece = waiting.current;
      waiting.current = undefined;
      try {
        const next = await api.moment(piece, strand, undefined);
        if (open.current && holding.current) startTransition(() => setBecoming(next));
      } catch (thrown) {
        if (!(thrown instanceof Refused)) throw thrown;
      }
    }
    busy.current = false;
  };
  const holding = useRef(false);
  const pull = (piece: Piece | undefined) => {
    holding.current = piece !== undefined;
    waiting.current = piece;
    if (piece) setTimeout(() => void ask());
    else setBecoming(undefined);
  };
  return { becoming, pull };
}
