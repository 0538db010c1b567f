import Snackbar from '@mui/material/Snackbar';
import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { JobRow } from '../api/types';
import { useMany } from '../bench/useMany';
import { Pick } from '../kit/Entry';
import { useSettings } from '../kit/settings';
import { mass, wireLength, words } from '../kit/units';
import { minutes } from '../card/card';
import { drawn } from '../wire/scene';
import { SideBySide } from '../wire/SideBySide';
import { doneOn, dueIn } from './due';

/** Every job, the one that is due first on top. */
export function JobsPage() {
  const jobs = useQuery(queries.jobs());
  const cache = useQueryClient();
  const [gone, setGone] = useState<JobRow>();
  const fresh = () => cache.invalidateQueries(queries.jobs());
  const remove = useMutation({ mutationFn: (job: JobRow) => api.removeJob(job.id), onSuccess: fresh });
  const restore = useMutation({ mutationFn: (id: string) => api.restoreJob(id), onSuccess: fresh });
  if (jobs.error) return <p role="alert">{jobs.error.message}</p>;
  const sorted = [...(jobs.data ?? [])].sort((a, b) => turn(a).localeCompare(turn(b)));
  return (
    <div className="jobs-page">
      {jobs.data?.length === 0 && (
        <section className="soon">
          <h2>No job yet</h2>
          <p>
            A job is a piece made many times: how many, in which sizes, until when. Choose its piece here, or
            <b>make many</b> in the menu of a piece on the tray.
          </p>
        </section>
      )}
      <p className="tools-row">
        <NewJob />
        <OpenJob />
        <Button component={Link} to="/jobs/days" variant="outlined">
          plan the days
        </Button>
        <Button component={Link} to="/tray/bin">
          bin
        </Button>
      </p>
      <ol className="jobs">
        {sorted.map((job) => (
          <li key={job.id}>
            <OnBench job={job} />
            <div className="job-words">
              <h2>
                <Link to={`/jobs/${job.id}`}>{job.name}</Link>
              </h2>
              <p className="due">{job.doneOn ? doneOn(job.doneOn) : dueIn(job.due)}</p>
              {job.wrong ? <p className="wrong">{job.wrong}</p> : <Figures job={job} />}
            </div>
            <div className="job-ways">
              {!job.wrong && (
                <Button component={Link} to={`/jobs/${job.id}/card`} variant="contained">
                  Bench card
                </Button>
              )}
              <Button component={Link} to={`/jobs/${job.id}`}>
                sizes, cut table, paper
              </Button>
              {!job.wrong && <Button href={`/api/jobs/${job.id}/export`}>save as a file</Button>}
              <Button
                onClick={() => remove.mutate(job, { onSuccess: () => setGone(job) })}
                aria-label={`archive ${job.name}`}
              >
                archive
              </Button>
            </div>
          </li>
        ))}
      </ol>
      <Snackbar
        open={Boolean(gone)}
        autoHideDuration={12000}
        onClose={(_, why) => why !== 'clickaway' && setGone(undefined)}
        message={`${gone?.name ?? ''} is archived`}
        action={
          <Button
            color="inherit"
            onClick={() => {
              if (gone) restore.mutate(gone.id);
              setGone(undefined);
            }}
          >
            Bring it back
          </Button>
        }
      />
    </div>
  );
}

/** Open ones by their due date, done ones behind them, the last done first on top. */
function turn(job: JobRow): string {
  return job.doneOn ? `z${9e12 - Date.parse(job.doneOn)}` : (job.due ?? '9');
}

/** A job of a piece on the tray. */
function NewJob() {
  const tray = useQuery(queries.tray());
  const many = useMany();
  const pieces = tray.data ?? [];
  if (pieces.length === 0) return null;
  return (
    <>
      <Pick
        label="new job of a piece"
        value=""
        onChange={(id) => {
          const piece = pieces.find((p) => p.id === id);
          if (piece) many.mutate(piece);
        }}
      >
        <option value="">new job of …</option>
        {pieces.map((p) => (
          <option key={p.id} value={p.id}>
            {p.name}
          </option>
        ))}
      </Pick>
      {many.error && <span role="alert">{reason(many.error)}</span>}
    </>
  );
}

/** A job comes out of a file, with its piece. */
function OpenJob() {
  const cache = useQueryClient();
  const chooser = useRef<HTMLInputElement>(null);
  const read = useMutation({
    mutationFn: (file: File) => api.importJob(file),
    onSuccess: () =>
      Promise.all([cache.invalidateQueries(queries.jobs()), cache.invalidateQueries(queries.tray())]),
  });
  return (
    <>
      <Button onClick={() => chooser.current?.click()}>open a job file</Button>
      <input
        ref={chooser}
        type="file"
        hidden
        accept=".json"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) read.mutate(file);
          e.target.value = '';
        }}
      />
      {read.error && <span role="alert">Not taken, nothing was changed: {reason(read.error)}</span>}
      {read.data && <span role="status">{read.data.document.name} is among the jobs now.</span>}
    </>
  );
}

function Figures(props: {
  /** the job */
  job: JobRow;
}) {
  const { job } = props;
  const { units } = useSettings();
  const wire = (job.totals?.wire ?? [])
    .map((w) => `${wireLength(w.lengthMm, units)} ${words(w.metal)}, ${mass(w.massG)}`)
    .join('; ');
  return (
    <p>
      <b>{job.quantity}</b> pieces of {job.pieceName}
      {job.sizes > 1 && ` in ${job.sizes} sizes`} · {job.wires} wires · {job.steps} steps, about{' '}
      {minutes(job.minutes)} by hand (estimate)
      <br />
      {wire}
    </p>
  );
}

/** One of each size, at one scale. */
function OnBench(props: {
  /** the job */
  job: JobRow;
}) {
  const { job } = props;
  const forms = useMemo(() => {
    const each = Math.max(1, Math.round(job.drawing.length / job.sizes));
    return Array.from({ length: job.sizes }, (_, i) => ({
      name: '',
      wires: job.drawing.slice(i * each, (i + 1) * each).map(drawn),
    })).filter((f) => f.wires.length > 0);
  }, [job]);
  return (
    <div className="job-form">
      <SideBySide forms={forms} width={260} height={130} label={`one of each size of ${job.name}`} />
    </div>
  );
}
