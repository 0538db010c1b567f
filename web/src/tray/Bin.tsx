import './bin.css';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { BinPiece } from '../api/types';

const DAY = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** What was taken off the tray or put away: it can be put back, or all of it thrown away for good. */
export function Bin() {
  const bin = useQuery(queries.bin());
  const cache = useQueryClient();
  const [asking, setAsking] = useState(false);
  const fresh = () => cache.invalidateQueries();
  const back = useMutation({
    mutationFn: (what: { id: string; job: boolean }) =>
      what.job ? api.restoreJob(what.id).then(() => undefined) : api.restore(what.id).then(() => undefined),
    onSuccess: fresh,
  });
  const empty = useMutation({
    mutationFn: api.emptyBin,
    onSuccess: fresh,
    onSettled: () => setAsking(false),
  });
  if (bin.error) return <p role="alert">{bin.error.message}</p>;
  if (!bin.data) return <p role="status">Looking into the bin …</p>;
  const { pieces, jobs } = bin.data;
  const count = pieces.length + jobs.length;
  const wrong = back.error ?? empty.error;
  return (
    <section className="bin">
      <h2>Bin</h2>
      <p>
        {count === 0
          ? 'The bin is empty. What is taken off the tray or archived lies here until the bin is emptied.'
          : 'What lies here can be put back, with its whole history.'}{' '}
        <Button component={Link} to="/tray">
          to the tray
        </Button>
      </p>
      {wrong && <p role="alert">{reason(wrong)}</p>}
      <Rows title="Pieces" rows={pieces} onBack={(id) => back.mutate({ id, job: false })} />
      <Rows title="Jobs" rows={jobs} onBack={(id) => back.mutate({ id, job: true })} />
      {count > 0 && (
        <Button color="error" variant="outlined" onClick={() => setAsking(true)}>
          Empty the bin
        </Button>
      )}
      <Dialog open={asking} onClose={() => setAsking(false)} aria-labelledby="empty-title">
        <DialogTitle id="empty-title">Empty the bin?</DialogTitle>
        <DialogContent>
          {count === 1 ? 'One thing goes' : `${count} things go`} for good, with their history. Nothing brings
          them back.
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setAsking(false)}>Keep them</Button>
          <Button color="error" variant="contained" loading={empty.isPending} onClick={() => empty.mutate()}>
            Throw away
          </Button>
        </DialogActions>
      </Dialog>
    </section>
  );
}

function Rows(props: {
  /** what they are */
  title: string;
  /** what lies there */
  rows: readonly BinPiece[];
  /** called with the name in the store of what is put back */
  onBack: (id: string) => void;
}) {
  if (props.rows.length === 0) return null;
  return (
    <>
      <h3>{props.title}</h3>
      <ul>
        {props.rows.map((row) => (
          <li key={row.id}>
            <b>{row.name}</b> <span>since {DAY.format(new Date(row.deletedAt))}</span>
            <Button size="small" onClick={() => props.onBack(row.id)} aria-label={`put ${row.name} back`}>
              Put it back
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
