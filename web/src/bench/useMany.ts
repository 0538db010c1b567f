import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { queries } from '../api/queries';

/** Begins a job of a piece and opens it. */
export function useMany() {
  const go = useNavigate();
  const cache = useQueryClient();
  return useMutation({
    mutationFn: (piece: { id: string; name: string }) =>
      api.createJob({
        format: 'etui-job',
        version: 1,
        name: `${piece.name}, batch`.slice(0, 120),
        piece: piece.id,
        lines: [{ label: '', quantity: 5, measures: {} }],
        notes: '',
      }),
    onSuccess: (job, piece) => {
      void cache.invalidateQueries(queries.jobs());
      void go(`/jobs/${job.id}`, {
        state: { says: `A job of ${piece.name} is begun: say how many, in which sizes, until when.` },
      });
    },
  });
}
