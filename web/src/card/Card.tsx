import Button from '@mui/material/Button';
import './card.css';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { api } from '../api/client';
import type { Piece, Step } from '../api/types';
import { docKey } from '../kit/docKey';
import { useKeys } from '../kit/keys';
import { useSettings } from '../kit/settings';
import { useLog } from '../bench/log';
import { place } from '../kit/units';
import { clock, grouped, minutes } from './card';
import { CardLog } from './CardLog';
import { Pictures } from './Pictures';
import { RestDial } from './RestDial';
import { Timers } from './Timers';
import { useAwake } from './useAwake';
import { useProgress } from './useProgress';
import { useStepClock } from './useStepClock';

/** A step that took less than this share of its time was read, not done. */
const LEAST_SHARE = 0.1;

/** The bench card: one step fills the screen, one key goes on. Where it stands and what runs by itself is kept in the store. */
export function Card(props: {
  /** piece or job that the progress is kept under */
  subject: string;
  /** the document that is worked */
  piece: Piece;
  /** what it is called */
  name: string;
  /** where it is left to */
  back: 'the piece' | 'the job';
  /** called when the card is left */
  onLeave: () => void;
}) {
  const { piece, onLeave } = props;
  const { units, school } = useSettings();
  const plan = useQuery({
    queryKey: ['card', props.subject, units, school, docKey(piece)],
    queryFn: ({ signal }) => api.plan(piece, units, 'all', signal),
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
  const steps = plan.data?.steps ?? [];
  const progress = useProgress(props.subject, steps);
  const { now } = progress;
  const step = steps[now];
  const last = now === steps.length - 1;
  const log = useLog(props.subject);
  const timed = useStepClock(props.subject, step ? `${now} ${step.title}` : '');
  const timeIt = () => {
    const took = timed.minutes();
    // What was only read through was not done.
    if (!step || !step.handsOn || step.shows === 'rest' || took < LEAST_SHARE * step.minutes) return;
    void log.write({ what: 'minutes', about: `step.${now + 1}`, actual: took });
  };
  const on = () => {
    if (!step) return;
    timeIt();
    if (last) {
      progress.finish();
      onLeave();
    } else {
      progress.go(now + 1, step.handsOn || step.shows === 'rest' ? undefined : step);
    }
  };
  const back = () => progress.go(Math.max(0, now - 1));
  useKeys(['space', 'pagedown'], on, [now, steps, progress]);
  useKeys(['shift+space', 'pageup'], back, [now, steps, progress]);
  useKeys('home', () => progress.go(0), [progress]);
  useKeys('end', () => progress.go(steps.length - 1), [progress, steps.length]);
  useKeys('escape', onLeave, [onLeave]);
  useAwake();

  if (plan.error) return <p role="alert">{plan.error.message}</p>;
  if (!plan.data || !step || !progress.ready) return <div className="bench-card" aria-busy="true" />;
  const waits = progress.timers.find(
    (t) => !t.over && steps[t.step] && touches(steps[t.step] as Step, step) && t.step < now,
  );
  return (
    <div className={school?.leftHanded ? 'bench-card left-hand' : 'bench-card'}>
      <Steps steps={steps} now={now} onGo={(i) => progress.go(i)} />
      <Timers timers={progress.timers} onDone={progress.dismiss} />
      <div className="now">
        <Words step={step} now={now} of={steps.length} name={props.name} waitsFor={waits?.title}>
          <CardLog key={now} log={log} step={step} now={now} last={last} />
        </Words>
        {step.shows === 'rest' ? (
          <RestDial key={now} minutes={step.minutes} />
        ) : (
          <Pictures plan={plan.data} steps={steps} now={now} />
        )}
      </div>
      <div className="go">
        <Button className="on" onClick={on}>
          {onWords(step, steps[now + 1], props.back)}
        </Button>
        <Button onClick={back} disabled={now === 0}>
          back
        </Button>
        <Button onClick={onLeave}>close</Button>
        {step.handsOn && step.shows !== 'rest' && (
          <Button
            aria-label={timed.paused ? 'let the clock go on' : 'pause the clock'}
            aria-pressed={timed.paused}
            onClick={timed.pause}
          >
            {timed.paused ? 'go on' : 'pause'}
          </Button>
        )}
        <span className="hint">
          {step.handsOn && step.shows !== 'rest' && `${clock(timed.ms)} on this step · `}Space: next step
        </span>
      </div>
    </div>
  );
}

/** Whether a later step needs what still goes on by itself. */
function touches(running: Step, later: Step): boolean {
  const strands = (s: Step) => (s.each.length > 0 ? s.each.map((e) => e.strand) : [s.strand]);
  const busy = strands(running);
  return busy.includes('') || later.strand === '' || strands(later).some((s) => busy.includes(s));
}

function onWords(step: Step, next: Step | undefined, back: string): string {
  if (!next) return `done, back to ${back}`;
  const then = next.title.charAt(0).toLowerCase() + next.title.slice(1);
  if (step.shows === 'rest') return `rested, next: ${then}`;
  return step.handsOn ? `done, next: ${then}` : `start the timer, next: ${then}`;
}

function Words(props: {
  /** the step */
  step: Step;
  /** its index */
  now: number;
  /** how many there are */
  of: number;
  /** what the piece is called */
  name: string;
  /** what must be over before this step, where something still runs */
  waitsFor: string | undefined;
  /** what stands below the words */
  children: ReactNode;
}) {
  const { step } = props;
  const { units } = useSettings();
  const differs = grouped(step.each);
  const long = step.text.length + differs.reduce((n, d) => n + d.text.length + d.titles.length, 0) > 330;
  return (
    <section aria-live="polite" className={long ? 'long' : undefined} tabIndex={long ? 0 : undefined}>
      <p className="meta">
        step {props.now + 1} of {props.of} · {props.name}
        {!step.handsOn && step.shows !== 'rest' && ` · ${minutes(step.minutes)} by itself`}
      </p>
      <h1>{step.title}</h1>
      {step.shows !== 'rest' && <p className="with">with {step.tool}</p>}
      {step.markMm !== undefined && !long && (
        <p className="key">
          mark <b>{place(step.markMm, units)}</b>
        </p>
      )}
      {step.wires > 1 && (
        <p className="batch">
          {step.wires} wires: this on every one, then the next step · about {minutes(step.minutes)}
        </p>
      )}
      {props.waitsFor && (
        <p className="side-note caution">
          <b>Wait for</b> {props.waitsFor}: it still runs.
        </p>
      )}
      <p className="text">{step.text}</p>
      {differs.length > 0 && (
        <ul className="each">
          {differs.map((d) => (
            <li key={d.titles}>
              <b>{d.titles}</b> {d.text}
            </li>
          ))}
        </ul>
      )}
      <p className="side-note">
        <b>Check</b> {step.check}
      </p>
      {step.caution && (
        <p className="side-note caution">
          <b>Take care</b> {step.caution}
        </p>
      )}
      {props.children}
    </section>
  );
}

/** All steps as knots on a wire: done, now, to come. */
function Steps(props: {
  /** the steps */
  steps: readonly Step[];
  /** index of the step that is open */
  now: number;
  /** called with the step to open */
  onGo: (index: number) => void;
}) {
  return (
    <nav className="steps" aria-label="steps">
      {props.steps.map((s, i) => {
        const colour = i === props.now ? '#8FE0CF' : i < props.now ? '#C07748' : '#7E8A87';
        return (
          <button
            key={`${s.title}${i}`}
            aria-label={`step ${i + 1}: ${s.title}`}
            aria-current={i === props.now ? 'step' : undefined}
            onClick={() => props.onGo(i)}
          >
            <svg viewBox="0 0 100 30" preserveAspectRatio="none" aria-hidden="true">
              <path
                d="M0 15H100"
                stroke={i <= props.now ? '#C07748' : '#56625E'}
                strokeWidth="3"
                strokeDasharray={s.handsOn ? undefined : '6 4'}
                vectorEffect="non-scaling-stroke"
              />
              {(i === props.now ? [38, 44, 50, 56, 62] : [46, 50, 54]).map((x) => (
                <path
                  key={x}
                  d={`M${x - 1.5} 23L${x + 1.5} 7`}
                  stroke={colour}
                  strokeWidth="3"
                  strokeLinecap="round"
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            </svg>
          </button>
        );
      })}
    </nav>
  );
}
