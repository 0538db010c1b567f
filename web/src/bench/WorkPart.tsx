import { Pick } from '../kit/Entry';
import Button from '@mui/material/Button';
import { memo } from 'react';
import type { Strand, Work } from '../api/types';
import { useBench, useProblem } from './bench';
import { reasonOf } from '../kit/reason';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';
import { NumberField } from '../kit/NumberField';
import { words } from '../kit/units';
import { useKinds } from '../kit/useKinds';
import { shownUnit, stepOf } from './fields';
import { isForBlank, kindOf, newWork, withoutWork, withWork } from './work';

const WHOLE = '';

/** What is done to the wire besides forming it, in its order; added, changed and taken away here. */
export const WorkPart = memo(function WorkPart(props: {
  /** index of the strand */
  index: number;
  /** the chosen element: only its work is shown, and new work is on it */
  element?: string | undefined;
  /** only these acts are shown, and offered */
  only?: readonly Work['op'][];
}) {
  const { only } = props;
  const { piece, change } = useBench();
  const strand = piece.strands[props.index] as Strand;
  const here = piece.work.filter(
    (w) =>
      (!only || only.includes(w.op)) &&
      (w.strand === '' || w.strand === strand.id) &&
      (!props.element || w.elements.length === 0 || w.elements.includes(props.element)),
  );
  const blank = piece.parts.some((p) => p.kind === 'blank');
  const kinds = useKinds();
  const offered = kinds.work.filter((k) =>
    only ? only.includes(k.kind as Work['op']) : blank || !isForBlank(k.kind as Work['op']),
  );
  return (
    <details className="fold" open={here.length > 0 || props.element !== undefined}>
      <summary className="part-title">
        {only ? 'surface' : 'work'}
        {props.element ? ' on it' : ''}
      </summary>
      {here.map((work) => (
        <WorkRows key={work.id} work={work} strand={strand} />
      ))}
      <div className="tools-row">
        <Pick
          label="add work"
          value=""
          onChange={(chosen) => {
            const op = chosen as Work['op'];
            void change((p) => ({ ...p, work: [...p.work, newWork(kinds, p, strand, op, props.element)] }));
          }}
        >
          <option value="">add work …</option>
          {offered.map((k) => (
            <option key={k.kind} value={k.kind}>
              {k.words}
            </option>
          ))}
        </Pick>
      </div>
    </details>
  );
});

/** One work with its figures, tool and place in the order. */
function WorkRows(props: {
  /** the work */
  work: Work;
  /** the strand it is on */
  strand: Strand;
}) {
  const { work, strand } = props;
  const { piece, plan, change } = useBench();
  const problem = useProblem();
  const wrong = problem && reasonOf(problem);
  const kinds = useKinds();
  const id = work.id ?? '';
  const put = (next: object) => change((p) => withWork(p, id, next));
  const labels = plan.strands.find((s) => s.id === strand.id)?.elements ?? [];
  const label = (element: string) => labels.find((e) => e.id === element)?.label ?? words(element);
  const on = work.elements.join(' ');
  const places = new Map([
    [WHOLE, 'the whole strand'],
    ...labels.map((e) => [e.id, e.label] as const),
    [on, on === WHOLE ? 'the whole strand' : work.elements.map(label).join(', ')],
  ]);
  const moments = new Map([
    ['start', 'first, on the straight wire'],
    ...labels.map((e) => [e.id, `after forming the ${e.label}`] as const),
    ['forming', 'when all is formed'],
    ...piece.work
      .filter((w) => w.id !== work.id)
      .map(
        (w) =>
          [
            w.id ?? '',
            `after: ${kindOf(kinds.work, w.op)?.words} ${w.elements.map(label).join(', ')}`,
          ] as const,
      ),
  ]);
  const kind = kindOf(kinds.work, work.op);
  const figures = kind?.fields.filter((f) => f.unit !== '') ?? [];
  const chosen = kind?.fields.filter((f) => f.choices.length > 1) ?? [];
  return (
    <section className="part" aria-label={`work: ${kind?.words}`}>
      <dl className="rows">
        <ChoiceField
          label={kind?.words ?? ''}
          value={on}
          choices={[...places.keys()]}
          say={(address) => places.get(address) ?? address}
          wrong={wrong}
          onChange={(address) => put({ elements: address === WHOLE ? [] : address.split(' ') })}
        />
        {figures.map((f) => {
          const value = Number((work as unknown as Record<string, number>)[f.name]);
          const length = f.unit === 'mm' || f.unit === 'thickness';
          return length ? (
            <LengthField
              key={f.name}
              label={f.unit === 'thickness' ? 'to' : f.title}
              mm={value}
              fine={f.unit === 'thickness'}
              onChange={(mm) => put({ [f.name]: mm })}
            />
          ) : (
            <NumberField
              key={f.name}
              label={f.title}
              value={value}
              unit={f.unit === 'min' ? 'min' : shownUnit(f.unit)}
              step={stepOf(f.unit)}
              onChange={(v) => put({ [f.name]: v })}
            />
          );
        })}
        {chosen.map((f) => (
          <ChoiceField
            key={f.name}
            label={f.name}
            value={(work as unknown as Record<string, string>)[f.name] ?? ''}
            choices={f.choices}
            onChange={(word) => put({ [f.name]: word })}
          />
        ))}
        <ChoiceField
          label="when"
          value={work.after}
          choices={[...moments.keys()]}
          say={(moment) => moments.get(moment) ?? moment}
          wrong={wrong}
          onChange={(after) => put({ after })}
        />
      </dl>
      <Button onClick={() => void change((p) => withoutWork(p, id))}>leave this out</Button>
    </section>
  );
}
