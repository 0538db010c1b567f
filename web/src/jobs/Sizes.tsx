import { Pick } from '../kit/Entry';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { queries } from '../api/queries';
import type { Job, JobLine, Parameter, Violation } from '../api/types';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';
import { NumberField } from '../kit/NumberField';
import { TextField } from '../kit/TextField';

/** The sizes of a job: what each is called, how many, and which measures of the pattern are different. */
export function Sizes(props: {
  /** the job */
  job: Job;
  /** what was refused last */
  wrong: readonly Violation[];
  /** called with a change; says whether it was taken */
  onChange: (update: (job: Job) => Job) => Promise<boolean>;
}) {
  const { job, wrong, onChange } = props;
  const piece = useQuery(queries.piece(job.piece));
  const patterns = useQuery(queries.patterns());
  const source = piece.data?.document.source;
  const pattern =
    source && !source.detached ? patterns.data?.find((p) => p.name === source.pattern) : undefined;
  const parameters = pattern?.parameters ?? [];
  const own = parameters.filter((p) => job.lines.some((l) => p.name in l.measures));
  const usual = (p: Parameter) => (source?.parameters[p.name] ?? p.usual) as number | string;
  const put = (at: number, part: Partial<JobLine>) =>
    onChange((old) => ({ ...old, lines: old.lines.map((l, i) => (i === at ? { ...l, ...part } : l)) }));
  const measure = (at: number, p: Parameter, value: number | string) =>
    put(at, { measures: { ...(job.lines[at]?.measures ?? {}), [p.name]: value } });
  const says = (path: string) => wrong.find((v) => v.path === path)?.limit;
  const others = wrong.filter((v) => !v.path.startsWith('lines.'));
  const add = () =>
    onChange((old) => {
      const last = old.lines.at(-1) as JobLine;
      const named = old.lines.map((l, i) => (l.label ? l : { ...l, label: `size ${i + 1}` }));
      return { ...old, lines: [...named, { ...last, label: `size ${old.lines.length + 1}` }] };
    });
  return (
    <section className="sizes" aria-label="sizes">
      <h2>Sizes</h2>
      <ol>
        {job.lines.map((line, at) => (
          <li key={at}>
            <dl className="rows">
              {(job.lines.length > 1 || line.label) && (
                <TextField label="size name" value={line.label} onChange={(label) => put(at, { label })} />
              )}
              <NumberField
                label="how many"
                value={line.quantity}
                unit="pcs"
                step={1}
                onChange={(quantity) => put(at, { quantity })}
                wrong={says(`lines.${at}.quantity`) ?? says(`lines.${at}.label`)}
              />
              {own.map((p) => (
                <Measure
                  key={p.name}
                  parameter={p}
                  value={(line.measures[p.name] ?? usual(p)) as number | string}
                  wrong={says(`lines.${at}.measures.${p.name}`)}
                  onChange={(value) => measure(at, p, value)}
                />
              ))}
            </dl>
            {job.lines.length > 1 && (
              <Button
                aria-label={`leave out ${line.label}`}
                onClick={() =>
                  void onChange((old) => ({ ...old, lines: old.lines.filter((_, i) => i !== at) }))
                }
              >
                leave out
              </Button>
            )}
          </li>
        ))}
      </ol>
      <div className="tools-row">
        <Button onClick={() => void add()}>add a size</Button>
        {parameters.length > 0 ? (
          <Pick
            label="a measure that differs"
            value=""
            onChange={(chosen) => {
              const p = parameters.find((x) => x.name === chosen);
              if (!p) return;
              void onChange((old) => ({
                ...old,
                lines: old.lines.map((l) => ({ ...l, measures: { ...l.measures, [p.name]: usual(p) } })),
              }));
            }}
          >
            <option value="">a measure that differs…</option>
            {parameters
              .filter((p) => !own.includes(p))
              .map((p) => (
                <option key={p.name} value={p.name}>
                  {p.title}
                </option>
              ))}
          </Pick>
        ) : (
          <span className="label">The piece follows no pattern any more: every size is the same.</span>
        )}
        {others.map((v) => (
          <span key={v.path} className="wrong" role="alert">
            {v.path} was {v.value}: {v.limit}
          </span>
        ))}
      </div>
    </section>
  );
}

function Measure(props: {
  /** what the pattern asks for */
  parameter: Parameter;
  /** the value in this size */
  value: number | string;
  /** what was wrong with the last value */
  wrong: string | undefined;
  /** called with the new value; says whether it was taken */
  onChange: (value: number | string) => Promise<boolean>;
}) {
  const { parameter: p, value } = props;
  if (p.choices) {
    return (
      <ChoiceField
        label={p.title}
        value={String(value)}
        choices={p.choices}
        onChange={(word) => void props.onChange(word)}
      />
    );
  }
  if (p.unit === 'mm') {
    return (
      <LengthField
        label={p.title}
        mm={Number(value)}
        from={p.from}
        to={p.to}
        wrong={props.wrong}
        onChange={props.onChange}
      />
    );
  }
  return (
    <NumberField
      label={p.title}
      value={Number(value)}
      unit={p.unit === 'degrees' ? '°' : p.unit === 'turns' ? '' : p.unit}
      step={p.whole ? 1 : 0.25}
      wrong={props.wrong}
      onChange={props.onChange}
    />
  );
}
