import type { Measurable, Step } from '../api/types';
import { figure, useLog, type What } from '../bench/log';
import { Measure } from '../bench/Measure';
import { useSettings } from '../kit/settings';

const AT_CUT: readonly What[] = ['cut'];
const AT_TRIM: readonly What[] = ['left-over'];
const AT_FORM: readonly What[] = ['inside', 'outside', 'width'];

/** What can be measured at a step: at most two things, or the card would be a form. */
function at(step: Step, all: readonly Measurable[]): Measurable[] {
  if (step.kind === 'cut') return all.filter((m) => AT_CUT.includes(m.what) && m.about === step.strand);
  if (step.kind === 'trim') return all.filter((m) => AT_TRIM.includes(m.what) && m.about === step.strand);
  const about = `${step.strand}.${step.element ?? ''}`;
  const sizes = all.filter((m) => m.about === about && AT_FORM.includes(m.what));
  const inside = sizes.filter((m) => m.what !== 'outside');
  return (inside.length > 0 ? inside : sizes).slice(0, 2);
}

/** On the card: what was measured at this step drops into the log by itself. */
export function CardLog(props: {
  /** piece or job that is logged */
  log: ReturnType<typeof useLog>;
  /** the step that is open */
  step: Step;
}) {
  const { log, write, busy, wrong } = props.log;
  const { units } = useSettings();
  if (!log.data) return null;
  const things = at(props.step, log.data.measurable);
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
                In the log: {figure(m.what, last.fact.actual, units)}
                {m.planned !== undefined && `, planned ${figure(m.what, m.planned, units)}`}
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
