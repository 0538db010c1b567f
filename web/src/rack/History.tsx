import Button from '@mui/material/Button';
import { useState } from 'react';
import type { BookedEntry, RackAnswer } from '../api/types';
import { useSettings } from '../kit/settings';
import { inWords } from './stock';

/** So many are shown until more are asked for. */
const FEW = 8;

/** What came and went, the newest first; every entry can be taken back. */
export function History(props: {
  /** the rack */
  rack: RackAnswer;
  /** takes back an entry */
  onUndo: (number: number) => void;
  /** cuts what was set aside */
  onCut: (booked: BookedEntry) => void;
}) {
  const { units } = useSettings();
  const [all, setAll] = useState(false);
  const last = all ? props.rack.last : props.rack.last.slice(0, FEW);
  if (last.length === 0) return null;
  return (
    <section aria-label="what came and went">
      <h2 className="part-title">what came and went</h2>
      <ol className="entries">
        {last.map((b) => (
          <li key={b.number} style={{ opacity: b.isUndone ? 0.6 : 1 }}>
            <span>
              <small>
                {b.number} ·{' '}
                {new Date(b.at).toLocaleDateString(undefined, { day: 'numeric', month: 'short' })}
              </small>{' '}
              {b.isUndone ? (
                <s>{inWords(b, units, props.rack.currency)}</s>
              ) : (
                inWords(b, units, props.rack.currency)
              )}
            </span>
            {!b.isUndone && b.entry.what === 'set-aside' && (
              <Button
                size="small"
                aria-label={`cut what entry ${b.number} set aside`}
                onClick={() => props.onCut(b)}
              >
                cut it
              </Button>
            )}
            {!b.isUndone && (
              <Button
                size="small"
                aria-label={`take back entry ${b.number}`}
                onClick={() => props.onUndo(b.number)}
              >
                take back
              </Button>
            )}
          </li>
        ))}
      </ol>
      {!all && props.rack.last.length > FEW && (
        <Button onClick={() => setAll(true)}>show earlier ones</Button>
      )}
    </section>
  );
}
