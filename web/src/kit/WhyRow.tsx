import { useQuery } from '@tanstack/react-query';
import { queries } from '../api/queries';
import type { Reason } from '../api/types';

/** A figure that opens to its reason: formula, what went in, source, how sure. */
export function WhyRow(props: {
  /** what the figure is */
  label: string;
  /** the figure with its unit */
  value: string;
  /** which reason it has */
  topic: Reason['topic'];
  /** what went into the formula, as words with units */
  inputs?: readonly string[];
  /** whether the figure is not what it should be */
  short?: boolean;
}) {
  const reasons = useQuery(queries.reasons());
  const reason = reasons.data?.find((r) => r.topic === props.topic);
  return (
    <details className="why-row">
      <summary>
        <span>{props.label}</span>
        <b className={props.short ? 'short' : undefined}>{props.value}</b>
      </summary>
      {reason && (
        <p>
          {reason.estimate && <strong>Estimate. </strong>}
          {reason.formula}.
          {props.inputs && props.inputs.length > 0 && (
            <>
              <br />
              <i>Here:</i> {props.inputs.join('; ')}.
            </>
          )}
          <br />
          <i>Source:</i> {reason.source}.
          <br />
          <i>How sure:</i> {reason.sure}.
        </p>
      )}
    </details>
  );
}
