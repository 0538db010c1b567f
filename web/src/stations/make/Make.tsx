import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { api } from '../../api/client';
import type { Plan, StatePlan, Step, StrandPlan } from '../../api/types';
import { useBench } from '../../app/bench';
import { docKey } from '../../app/docKey';
import { useSettings } from '../../app/settings';
import { FormView } from '../../wire/FormView';
import { sceneBox, sceneOf, type MetalWire } from '../../wire/scene';

/** The bench card: one step fills the screen, one key goes on. */
export function Make() {
  const { id, piece } = useBench();
  const { units } = useSettings();
  const go = useNavigate();
  const place = `etui.card.${id}`;
  const [at, setAt] = useState(() => Number(localStorage.getItem(place) ?? 0));
  const plan = useQuery({
    queryKey: ['card', id, units, docKey(piece)],
    queryFn: ({ signal }) => api.plan(piece, units, 'all', signal),
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
  const steps = plan.data?.steps ?? [];
  const now = Math.min(at, Math.max(0, steps.length - 1));
  const to = (index: number) => {
    const next = Math.max(0, Math.min(index, steps.length - 1));
    localStorage.setItem(place, String(next));
    setAt(next);
  };
  const on = () => to(now + 1);
  const back = () => to(now - 1);
  useHotkeys(['space', 'pagedown'], on, { preventDefault: true }, [now, steps.length]);
  useHotkeys(['shift+space', 'pageup'], back, { preventDefault: true }, [now, steps.length]);
  useHotkeys('home', () => to(0), { preventDefault: true }, [steps.length]);
  useHotkeys('end', () => to(steps.length - 1), { preventDefault: true }, [steps.length]);
  useHotkeys('escape', () => void go(`/pieces/${id}/shape`), [id]);
  useAwake();

  const step = steps[now];
  if (plan.error) return <p role="alert">{plan.error.message}</p>;
  if (!plan.data || !step) return <div className="bench-card" aria-busy="true" />;
  const last = now === steps.length - 1;
  return (
    <div className="bench-card">
      <Steps steps={steps} now={now} onGo={to} />
      <div className="now">
        <Words step={step} now={now} of={steps.length} name={piece.name} />
        <Pictures plan={plan.data} steps={steps} now={now} />
      </div>
      <div className="go">
        <button className="on" onClick={last ? () => void go(`/pieces/${id}/shape`) : on}>
          {last ? 'done, back to the piece' : `done, next: ${lower(steps[now + 1]?.title ?? '')}`}
        </button>
        <button onClick={back} disabled={now === 0}>
          back
        </button>
        <button onClick={() => void go(`/pieces/${id}/shape`)}>leave</button>
        <span className="hint">space goes on</span>
      </div>
    </div>
  );
}

function lower(title: string): string {
  return title.charAt(0).toLowerCase() + title.slice(1);
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
}) {
  const { step } = props;
  return (
    <section aria-live="polite">
      <p className="meta">
        step {props.now + 1} of {props.of} · {props.name}
      </p>
      <h1>{step.title}</h1>
      <p className="with">with {step.tool}</p>
      <p className="text">{step.text}</p>
      <p className="side-note">
        <b>Check</b> {step.check}
      </p>
      {step.caution && (
        <p className="side-note caution">
          <b>Mind</b> {step.caution}
        </p>
      )}
    </section>
  );
}

/** The wire before and after; where the step does not change it, as it is. */
function Pictures(props: {
  /** the plan with all states */
  plan: Plan;
  /** steps of the card */
  steps: readonly Step[];
  /** index of the step */
  now: number;
}) {
  const { plan, steps, now } = props;
  const step = steps[now];
  const strand = plan.strands.find((s) => s.id === step?.strand);
  const reached = Math.max(
    0,
    ...steps
      .slice(0, now + 1)
      .filter((s) => s.strand === strand?.id)
      .map((s) => s.state ?? 0),
  );
  const changes = strand !== undefined && step?.state !== undefined && step.state > 0;
  const before = useMemo(
    () => (strand ? [wireOf(strand, strand.states[(step?.state ?? 1) - 1])] : []),
    [strand, step],
  );
  const after = useMemo(
    () => (strand ? [wireOf(strand, strand.states[reached])] : plan.strands.flatMap(wiresOf)),
    [plan, strand, reached],
  );
  if (!step) return null;
  return (
    <div className={`pictures ${changes ? lying([before, after]) : 'single'}`}>
      {changes && (
        <figure>
          <figcaption>before</figcaption>
          <FormView wires={before} label="the wire before this step" />
        </figure>
      )}
      <figure>
        <figcaption>
          {changes ? 'after' : strand ? 'as it is' : 'the whole piece'}
          {strand && strand.count > 1 ? `, one of ${strand.count}` : ''}
        </figcaption>
        <FormView wires={after} label={changes ? 'the wire after this step' : 'the wire now'} />
      </figure>
    </div>
  );
}

function wireOf(strand: StrandPlan, state: StatePlan | undefined): MetalWire {
  return {
    metal: strand.wire.metal,
    outline: state?.outline ?? strand.outline,
    widths: state?.stations.map((s) => s.drawnMm) ?? [],
    crossings: state?.index === strand.states.length - 1 ? strand.crossings : [],
  };
}

/** A strand as finished, and the second where they are pairs. */
function wiresOf(strand: StrandPlan): MetalWire[] {
  const one = wireOf(strand, strand.states.at(-1));
  return strand.second ? [one, { ...one, outline: strand.second }] : [one];
}

/** Whether two pictures are larger above each other or side by side, in a place about as wide as high. */
function lying(pictures: MetalWire[][]): 'rows' | 'columns' {
  const boxes = pictures.map((wires) => sceneBox(sceneOf(wires)));
  const scale = (width: number, height: number) =>
    Math.min(...boxes.map((b) => Math.min(width / b.width, height / b.height)));
  return scale(1, 0.5) >= scale(0.5, 1) ? 'rows' : 'columns';
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

/** Keeps the screen awake while the card is open, where the browser can. */
function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const hold = () =>
      navigator.wakeLock
        ?.request('screen')
        .then((l) => (left ? void l.release() : (lock = l)))
        .catch(() => undefined);
    void hold();
    const again = () => document.visibilityState === 'visible' && void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, []);
}
