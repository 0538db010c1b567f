import Button from '@mui/material/Button';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import type { Advice, Piece, Plan } from '../api/types';
import { useSettings } from '../kit/settings';
import { length } from '../kit/units';
import { useBench } from './bench';
import { alike, changedSizes, sizesOf, unasked, type Size } from './changedSizes';
import { patched, withElement } from './edit';

/** What a way out was taken from and what it left. */
interface Taken {
  /** inside of every element before it */
  before: readonly Size[];
  /** the document that it left; another change ends what is said of it */
  left: Piece;
}

const Context = createContext<{ taken: Taken | undefined; take: (taken: Taken | undefined) => void }>({
  taken: undefined,
  take: () => undefined,
});

/** Remembers which way out was taken last, for what is said of it. */
export function FixProvider(props: {
  /** what takes ways out and what says what they changed */
  children: ReactNode;
}) {
  const [taken, take] = useState<Taken>();
  const value = useMemo(() => ({ taken, take }), [taken]);
  return <Context value={value}>{props.children}</Context>;
}

/** Takes the way out of an advice. */
export function useFix(): (advice: Advice) => void {
  const { change, plan } = useBench();
  const { take } = useContext(Context);
  return (advice) => {
    void change((p) => {
      const before = unasked(sizesOf(plan), p, advice.fix ?? []);
      const left = patched(p, advice.fix ?? []);
      take({ before, left });
      return left;
    });
  };
}

/** Measures that the last way out has changed though nobody asked for that, each with a button that holds it. */
export function FixNote() {
  const { piece, plan, change } = useBench();
  const { taken, take } = useContext(Context);
  const { units } = useSettings();
  if (!taken || taken.left !== piece) return null;
  return alike(changedSizes(taken.before, plan as Plan), (mm) => length(mm, units)).map((of) => (
    <p key={of.now + of.was} className="fix-note" role="status">
      The work makes the {of.sizes.map((c) => c.label).join(' and the ')} {of.now} inside instead of {of.was}.{' '}
      <Button
        onClick={() => {
          void change((p) => {
            const left = of.sizes.reduce((held, c) => {
              const at = held.strands.findIndex((s) => s.id === c.strand);
              return withElement(held, at, c.element, { target: 'finished' });
            }, p);
            // What else it changed may still be held.
            take({ before: taken.before, left });
            return left;
          });
        }}
      >
        hold {of.was}
      </Button>
    </p>
  ));
}
