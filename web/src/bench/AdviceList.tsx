import Button from '@mui/material/Button';
import { memo } from 'react';
import type { Advice } from '../api/types';
import { SEVERITY } from '../kit/units';
import { useFix } from './fix';

/** Advice in sentences, each with its reason and its way out. */
export const AdviceList = memo(function AdviceList(props: {
  /** what is to be said, the worst first */
  advice: readonly Advice[];
}) {
  const take = useFix();
  return props.advice.map((a) => (
    <div key={a.rule + a.where} className={`advice ${a.severity}`}>
      <b>{SEVERITY[a.severity]}</b> {a.message}{' '}
      {a.fix ? <Button onClick={() => take(a)}>{a.instead}</Button> : a.instead}
      <details>
        <summary>why</summary>
        <p>{a.because}</p>
      </details>
    </div>
  ));
});
