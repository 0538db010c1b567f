import { Entry } from '../kit/Entry';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useParams } from 'react-router';
import { api } from '../api/client';
import { queries } from '../api/queries';
import type { Job, KeptJob, Piece, Plan, StrandPlan } from '../api/types';
import { Coming } from '../kit/Coming';
import { Overtaken } from '../kit/Overtaken';
import { useSettings } from '../kit/settings';
import { useKeys } from '../kit/keys';
import { OUTSIDE_TYPING } from '../kit/typing';
import { mass, wireLength, words } from '../kit/units';
import { CostPart } from '../bench/CostPart';
import { CutTable } from '../bench/CutTable';
import { minutes } from '../card/card';
import type { MetalWire } from '../wire/scene';
import { SideBySide } from '../wire/SideBySide';
import { useSize } from '../wire/useSize';
import { doneOn, dueIn, today } from './due';
import { KitPart } from './KitPart';
import { Sizes } from './Sizes';
import { useJob } from './useJob';

const PrintDialog = lazy(() => import('../print/PrintDialog').then((m) => ({ default: m.PrintDialog })));

/** Reads a job and opens it. */
export function JobPage() {
  const { id = '' } = useParams();
  const read = useQuery(queries.job(id));
  if (read.error) return <p role="alert">{read.error.message}</p>;
  if (!read.data) return <Coming />;
  return <OpenJob key={id} read={read.data} />;
}

/** A job: all its sizes drawn together, how many of each, until when, and what it takes. */
function OpenJob(props: {
  /** the job as it was read */
  read: KeptJob;
}) {
  const { id } = props.read;
  const job = useJob(props.read);
  const { units } = useSettings();
  const [printing, setPrinting] = useState(false);
  const document = job.kept.document;
  const whole = useQuery({
    queryKey: ['job-piece', id, job.kept.version],
    queryFn: () => api.jobPiece(id),
    placeholderData: (old) => old,
    retry: false,
    gcTime: 0,
  });
  const plan = useQuery({
    queryKey: ['job-plan', id, units, whole.data],
    queryFn: ({ signal }) => api.plan(whole.data as Piece, units, 'last', signal),
    enabled: Boolean(whole.data),
    placeholderData: (old) => old,
    gcTime: 0,
  });
  const pieces = useQuery(queries.tray());
  useHotkeys('mod+z', () => void job.undo(), OUTSIDE_TYPING, [job]);
  useHotkeys(['mod+shift+z', 'mod+y'], () => void job.redo(), OUTSIDE_TYPING, [job]);
  useKeys('p', () => setPrinting(true));
  const piece = pieces.data?.find((p) => p.id === document.piece);
  return (
    <div className="bench job">
      {plan.data ? (
        <Forms plan={plan.data} job={document} />
      ) : (
        <div className="mat" aria-busy={!whole.error} />
      )}
      <aside className="side" aria-label="the job">
        <div className="big">
          <b>{document.lines.reduce((n, l) => n + l.quantity, 0)}</b>
          <span className="unit">pieces</span>
        </div>
        <Name
          key={document.name}
          name={document.name}
          onTake={(name) => job.change((old) => ({ ...old, name }))}
        />
        <p className="due">{document.doneOn ? doneOn(document.doneOn) : dueIn(document.due)}</p>
        <dl className="rows">
          <div>
            <dt>
              <label htmlFor="due">due on</label>
            </dt>
            <dd>
              <Entry
                id="due"
                type="date"
                wide={160}
                value={document.due ?? ''}
                onChange={(e) => {
                  const due = e.target.value;
                  void job.change((old) => {
                    const undated: Job = { ...old };
                    delete undated.due;
                    return due ? { ...undated, due } : undated;
                  });
                }}
              />
            </dd>
          </div>
          <div>
            <dt>piece</dt>
            <dd>{piece ? <Link to={`/pieces/${piece.id}/shape`}>{piece.name}</Link> : 'off the tray'}</dd>
          </div>
          {plan.data && <Needs plan={plan.data} />}
        </dl>
        {job.conflict && (
          <Overtaken version={job.conflict.version} onMine={job.keepMine} onTheirs={job.takeTheirs} />
        )}
        {job.away && <p role="status">Etui does not answer; what you changed waits</p>}
        {(job.failed ?? whole.error) && (
          <p className="wrong" role="alert">
            {job.failed ?? whole.error?.message}
          </p>
        )}
        <div className="tools-row">
          <Button component={Link} to={`/jobs/${id}/card`} variant="contained">
            Bench card
          </Button>
          <Button component={Link} to={`/jobs/${id}/log`}>
            log
          </Button>
          <Button onClick={() => setPrinting(true)}>print</Button>
          <Button
            onClick={() =>
              void job.change((old) => {
                const open: Job = { ...old };
                delete open.doneOn;
                return document.doneOn ? open : { ...open, doneOn: today() };
              })
            }
          >
            {document.doneOn ? 'not done yet' : 'it is done'}
          </Button>
          <Button disabled={!job.kept.canUndo} onClick={() => void job.undo()}>
            undo
          </Button>
          <Button disabled={!job.kept.canRedo} onClick={() => void job.redo()}>
            redo
          </Button>
        </div>
      </aside>
      <div className="across">
        <Sizes job={document} wrong={job.wrong} onChange={job.change} />
        <p className="tools-row">
          <Button component={Link} to={`/rack/cut?job=${id}`} variant="outlined">
            cut from the rack
          </Button>
          <span className="label">from which spool, length or off-cut, and what is left</span>
        </p>
        {plan.data && <CutTable strands={plan.data.strands} address={`/api/jobs/${id}`} />}
        {plan.data && (
          <CostPart
            subject={['job', id, job.kept.version]}
            ask={() => api.priceOfJob(id)}
            address={`/api/jobs/${id}`}
          />
        )}
        <KitPart job={id} version={job.kept.version} />
      </div>
      {printing && (
        <Suspense>
          <PrintDialog address={`/api/jobs/${id}`} name={document.name} onClose={() => setPrinting(false)} />
        </Suspense>
      )}
    </div>
  );
}

/** The name of the job, to be changed in place. */
function Name(props: {
  /** the name that stands */
  name: string;
  /** called with a new name */
  onTake: (name: string) => Promise<boolean>;
}) {
  const [typed, setTyped] = useState(props.name);
  return (
    <Entry
      className="title-edit job-name"
      aria-label="name of the job"
      value={typed}
      maxLength={120}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={() => {
        const name = typed.trim();
        if (name && name !== props.name) void props.onTake(name);
        else setTyped(props.name);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') setTyped(props.name);
      }}
    />
  );
}

function Needs(props: {
  /** the plan of the whole job */
  plan: Plan;
}) {
  const { units } = useSettings();
  const { plan } = props;
  return (
    <>
      <div>
        <dt>work by hand (estimate)</dt>
        <dd>
          {plan.steps.length} steps, {minutes(plan.totals.handsOnMinutes)}
        </dd>
      </div>
      {plan.totals.wire.map((w, i) => (
        <div key={i}>
          <dt>
            {words(w.metal)}, {words(w.temper)}
          </dt>
          <dd>
            {wireLength(w.lengthMm, units)} · {mass(w.massG)}
          </dd>
        </div>
      ))}
    </>
  );
}

/** One of each size in a row. */
function Forms(props: {
  /** the plan of the whole job */
  plan: Plan;
  /** the job */
  job: Job;
}) {
  const { plan, job } = props;
  const { ref, width, height } = useSize();
  const forms = useMemo(() => {
    const each = plan.strands.length / job.lines.length;
    return job.lines.map((line, i) => ({
      name: job.lines.length > 1 ? `${line.quantity} × ${line.label}` : `${line.quantity} ×`,
      wires: wiresOf(plan.strands.slice(i * each, (i + 1) * each)),
    }));
  }, [plan, job]);
  return (
    <div className="mat" ref={ref}>
      {width > 0 && Number.isInteger(plan.strands.length / job.lines.length) && (
        <SideBySide
          forms={forms}
          width={width}
          height={height}
          label={`one of each size of ${job.name}`}
          mat
        />
      )}
    </div>
  );
}

/** One of each strand, of pairs both. */
function wiresOf(strands: readonly StrandPlan[]): MetalWire[] {
  return strands.flatMap((s) => {
    const one: MetalWire = {
      metal: s.wire.metal,
      outline: s.outline,
      widths: s.states.at(-1)?.stations.map((p) => p.drawnMm) ?? [],
      crossings: s.crossings,
    };
    return s.second ? [one, { ...one, outline: s.second }] : [one];
  });
}
