import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import { FileButton } from '../kit/FileButton';

/** Pixels along the longer side: enough to see a burr, small enough for a thousand pieces. */
const LONGEST_PX = 1200;

/** A photograph as JPEG in base64, made smaller where it is larger than the log needs. */
async function small(file: File): Promise<string> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(picture.width * scale);
  canvas.height = Math.round(picture.height * scale);
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', 0.82).replace(/^[^,]*,/, '');
}

/** Photographs of what was made: put in from a file, taken out again. */
export function Photographs(props: {
  /** the piece or job */
  subject: string;
}) {
  const cache = useQueryClient();
  const all = useQuery(queries.photographs());
  const [out, setOut] = useState<number>();
  const change = useMutation({
    mutationFn: (how: () => ReturnType<typeof api.photographs>) => how(),
    onSuccess: (now) => cache.setQueryData(queries.photographs().queryKey, now),
  });
  const own = (all.data ?? []).filter((p) => p.subject === props.subject);
  return (
    <section aria-label="photographs">
      <h2 className="part-title">photographs</h2>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10 }}>
        {own.map((p) => (
          <figure key={p.number} style={{ margin: 0 }}>
            <a href={`/api/photographs/${p.number}/picture`} target="_blank" rel="noreferrer">
              <img
                src={`/api/photographs/${p.number}/picture`}
                alt={`made on ${p.day}`}
                style={{ height: 92, display: 'block' }}
              />
            </a>
            <Button
              disabled={change.isPending}
              aria-label={`take the photograph of ${p.day} out`}
              onClick={() => {
                setOut(p.number);
                change.mutate(() => api.takePhotographBack(p.number));
              }}
            >
              take out
            </Button>
          </figure>
        ))}
      </div>
      {change.error && (
        <p className="wrong" role="alert">
          {reason(change.error)}
        </p>
      )}
      <p className="tools-row">
        <FileButton
          says="put a photograph in"
          label="a photograph of what was made"
          accept="image/*"
          onFile={(file) => change.mutate(async () => api.keepPhotograph(props.subject, await small(file)))}
        />
        {out !== undefined && (
          <Button
            disabled={change.isPending}
            onClick={() => {
              change.mutate(() => api.keepPhotographAfterAll(out));
              setOut(undefined);
            }}
          >
            undo: put it back
          </Button>
        )}
      </p>
    </section>
  );
}
