import Button from '@mui/material/Button';
import { lazy, Suspense, useState } from 'react';

const TraceStone = lazy(() => import('./TraceStone').then((m) => ({ default: m.TraceStone })));

/** Opens the tracing of a stone from a photograph. */
export function TraceButton(props: {
  /** called with the outline: across and up, mm, about its middle */
  onTake: (points: number[][]) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <div>
      <dt>from a photograph</dt>
      <dd>
        <Button onClick={() => setOpen(true)}>trace it</Button>
        {open && (
          <Suspense>
            <TraceStone onTake={props.onTake} onClose={() => setOpen(false)} />
          </Suspense>
        )}
      </dd>
    </div>
  );
}
