import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { BathRecord } from '../api/types';
import { exact } from '../kit/clock';
import { words } from '../kit/units';

/** What came out of earlier baths, newest first; one that went wrong is taken out, and no longer counts. */
export function Records() {
  const cache = useQueryClient();
  const kept = useQuery(queries.baths());
  const save = useMutation({
    mutationFn: (records: readonly BathRecord[] | 'undo') =>
      records === 'undo' ? api.undoBaths() : api.saveBaths(kept.data?.version ?? 0, records),
    onSuccess: (now) => {
      cache.setQueryData(queries.baths().queryKey, now);
      void cache.invalidateQueries({ queryKey: ['bath-plan'] });
      void cache.invalidateQueries({ queryKey: ['strip'] });
    },
    onError: () => void cache.invalidateQueries({ queryKey: queries.baths().queryKey }),
  });
  const records = kept.data?.records ?? [];
  if (records.length === 0 && !save.isSuccess) return null;
  return (
    <details className="fold">
      <summary className="part-title">
        what came out before: {records.length === 1 ? 'one record' : `${records.length} records`}
      </summary>
      {save.error && (
        <p className="wrong" role="alert">
          {reason(save.error)}
        </p>
      )}
      {[...records.entries()].reverse().map(([i, r]) => (
        <div key={i} className="bath-row record">
          <b>{r.name}</b>
          <span>
            {words(r.metal)}, {r.day}: out after {exact(r.seconds)}
            {r.note && ` · ${r.note}`}
          </span>
          <Button
            disabled={save.isPending}
            aria-label={`take the record of ${r.name} out`}
            onClick={() => save.mutate(records.filter((_, at) => at !== i))}
          >
            take out
          </Button>
        </div>
      ))}
      {kept.data?.canUndo && (
        <Button disabled={save.isPending} onClick={() => save.mutate('undo')}>
          undo the last change of the records
        </Button>
      )}
    </details>
  );
}
