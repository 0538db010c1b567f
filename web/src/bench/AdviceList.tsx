import Button from '@mui/material/Button';
import { memo } from 'react';
import type { Advice } from '../api/types';
import { useBench } from './bench';
import { SEVERITY } from '../kit/units';
import { patched } from './edit';

/** Advice in sentences, each with its reason and its way out. */
export const AdviceList = memo(function AdviceList(props: {
  /** what is to be said, the worst first */
  advice: readonly Advice[];
}) {
  const { change } = useBench();
  return props.advice.map((a) => (
    <div key={a.rule + a.where} className={`advice ${a.severity}`}>
      <b>{SEVERITY[a.severity]}</b> {a.message}{' '}
      {a.fix ? (
        <Button onClick={() => void change((p) => patched(p, a.fix ?? []))}>{a.instead}</Button>
      ) : (
        a.instead
      )}
      <details>
        <summary>why</summary>
        <p>{a.because}</p>
      </details>
    </div>
  ));
});
