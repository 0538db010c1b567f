import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { useBench } from '../../bench/bench';
import { pictureKey, small } from './picture';

const TraceStone = lazy(() => import('./TraceStone').then((m) => ({ default: m.TraceStone })));

/** Opens the tracing of a stone from a photograph. */
export function TraceButton(props: {
  /** called with the outline: across and up, mm, about its middle */
  onTake: (points: number[][]) => void;
}) {
  const { id } = useBench();
  const cache = useQueryClient();
  const [open, setOpen] = useState(false);
  return (
    <div>
      <dt>from a photograph</dt>
      <dd>
        <Button onClick={() => setOpen(true)}>trace it</Button>
        {open && (
          <Suspense>
            <TraceStone
              onTake={(points, picture) => {
                props.onTake(points);
                void small(picture).then((kept) => cache.setQueryData(pictureKey(id), kept));
              }}
              onClose={() => setOpen(false)}
            />
          </Suspense>
        )}
      </dd>
    </div>
  );
}
