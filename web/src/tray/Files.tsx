import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useRef, useState } from 'react';
import { api, reason, Refused } from '../api/client';
import { queries } from '../api/queries';
import { Snackbar } from '../kit/later';
import type { Imported } from '../api/types';
import type { Existing } from './AlreadyThere';

const AlreadyThere = lazy(() => import('./AlreadyThere').then((m) => ({ default: m.AlreadyThere })));

/** Files, and what becomes of pieces whose names are on the tray already. */
interface Reading {
  files: readonly File[];
  existing: 'ask' | Existing;
}

/** Some of the files hold pieces that are on the tray already. */
class Asks extends Error {
  readonly names: readonly string[];
  readonly files: readonly File[];
  constructor(names: readonly string[], files: readonly File[]) {
    super('asks');
    this.names = names;
    this.files = files;
  }
}

async function read({ files, existing }: Reading): Promise<string> {
  const said: string[] = [];
  for (const [i, file] of files.entries()) {
    try {
      said.push(inWords(await api.importFile(file, existing)));
    } catch (thrown) {
      if (thrown instanceof Refused && thrown.problem.status === 409) {
        throw new Asks(
          thrown.problem.violations.map((v) => v.value),
          files.slice(i),
        );
      }
      throw new Error(`${file.name} is not taken, nothing was changed: ${reason(thrown)}`, { cause: thrown });
    }
  }
  return said.join(' ');
}

/** What came of a file, in a sentence. */
export function inWords(came: Imported): string {
  const names = (kept: Imported['kept']) => kept.map((k) => k.document.name).join(', ');
  const parts = [];
  if (came.kept.length > 0) parts.push(`On the tray: ${names(came.kept)}.`);
  if (came.replaced.length > 0) parts.push(`Replaced: ${names(came.replaced)}.`);
  if (came.left.length > 0) parts.push(`Left as on the tray: ${came.left.join(', ')}.`);
  if (came.refused.length > 0) {
    const why = (r: Imported['refused'][number]) => `${r.file} (${r.violations[0]?.limit ?? 'unreadable'})`;
    parts.push(`Not taken: ${came.refused.map(why).join(', ')}.`);
  }
  return parts.join(' ');
}

/** Pieces come from files and leave as files. */
export function Files() {
  const cache = useQueryClient();
  const [said, setSaid] = useState<{ wrong: boolean; text: string }>();
  const [asks, setAsks] = useState<Asks>();
  const chooser = useRef<HTMLInputElement>(null);
  const take = useMutation({
    mutationFn: read,
    onSuccess: (text) => setSaid({ wrong: false, text }),
    onError: (thrown) => {
      if (thrown instanceof Asks) setAsks(thrown);
      else setSaid({ wrong: true, text: thrown.message });
    },
    onSettled: () => cache.invalidateQueries(queries.tray()),
  });
  const answer = (existing: Existing) => {
    const files = asks?.files ?? [];
    setAsks(undefined);
    take.mutate({ files, existing });
  };
  return (
    <span className="apart">
      <Button disabled={take.isPending} onClick={() => chooser.current?.click()}>
        {take.isPending ? 'reading …' : 'open files'}
      </Button>
      <input
        ref={chooser}
        type="file"
        hidden
        accept=".json,.zip"
        multiple
        onChange={(e) => {
          take.mutate({ files: [...(e.target.files ?? [])], existing: 'ask' });
          e.target.value = '';
        }}
      />
      <Button href="/api/pieces/export">save all</Button>
      {asks && (
        <Suspense>
          <AlreadyThere names={asks.names} onAnswer={answer} onClose={() => setAsks(undefined)} />
        </Suspense>
      )}
      <Snackbar
        open={Boolean(said)}
        autoHideDuration={said?.wrong ? null : 8000}
        onClose={(_, why) => why !== 'clickaway' && setSaid(undefined)}
        message={<span role={said?.wrong ? 'alert' : 'status'}>{said?.text}</span>}
        action={
          <Button color="inherit" onClick={() => setSaid(undefined)}>
            All right
          </Button>
        }
      />
    </span>
  );
}
