import type { Measurable, Step } from '../api/types';
import { told, useLog, type What } from '../bench/log';
import { Measure } from '../bench/Measure';
import { useSettings } from '../kit/settings';

const AT_CUT: readonly What[] = ['cut'];
const AT_TRIM: readonly What[] = ['left-over'];
const AT_BATH: readonly What[] = ['bath', 'shade'];
const AT_END: readonly What[] = ['ring', 'mass'];
const AT_FORM: readonly What[] = ['inside', 'outside', 'width'];

/** What can be measured at a step: a few things, or the card would be a form. On the last one also the whole piece. */
function at(step: Step, now: number, last: boolean, all: readonly Measurable[]): Measurable[] {
  const whole = last ? all.filter((m) => AT_END.includes(m.what)) : [];
  return [...here(step, now, all), ...whole];
}

function here(step: Step, now: number, all: readonly Measurable[]): Measurable[] {
  const of = (whats: readonly What[], about: string) =>
    all.filter((m) => whats.includes(m.what) && m.about === about);
  if (step.kind === 'cut') return of(AT_CUT, step.strand);
  if (step.kind === 'trim') return of(AT_TRIM, step.strand);
  if (step.kind === 'bath') return of(AT_BATH, `step.${now + 1}`);
  const sizes = of(AT_FORM, `${step.strand}.${step.element ?? ''}`);
  const inside = sizes.filter((m) => m.what !== 'outside');
  return (inside.length > 0 ? inside : sizes).slice(0, 2);
}

/** On the card: what was measured at this step drops into the log by itself. */
export function CardLog(props: {
  /** piece or job that is logged */
  log: ReturnType<typeof useLog>;
  /** the step that is open */
  step: Step;
  /** its index on the card */
  now: number;
  /** whether it is the last one */
  last: boolean;
}) {
  const { log, write, busy, wrong } = props.log;
  const { units } = useSettings();
  if (!log.data) return null;
  const things = at(props.step, props.now, props.last, log.data.measurable);
  if (things.length === 0) return null;
  return (
    <details className="card-log">
      <summary>measure it</summary>
      {things.map((m) => {
        const last = [...log.data.facts]
          .reverse()
          .find((p) => p.fact.what === m.what && p.fact.about === m.about);
        return (
          <div key={`${m.what} ${m.about}`}>
            <Measure of={m} short busy={busy} onWrite={write} />
            {last?.fact.actual !== undefined && (
              <p role="status">
                In the log: {told(m.what, last.fact.actual, last.fact.word, units)}
                {m.planned !== undefined && `, planned ${told(m.what, m.planned, m.word, units)}`}
              </p>
            )}
          </div>
        );
      })}
      {wrong && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
    </details>
  );
}
