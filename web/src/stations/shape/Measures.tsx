import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Refused } from '../../api/client';
import { queries } from '../../api/queries';
import type { Parameter, Piece } from '../../api/types';
import { useBench } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { LengthField } from '../../kit/LengthField';
import { withMaterial } from '../../bench/edit';
import { remade } from '../../bench/remake';
import { NumberField } from '../../kit/NumberField';
import { DrawerRow } from './DrawerRow';
import { stoneMeasures, wayOf } from './stoneMeasures';
import { TraceButton } from './TraceButton';

/** The measures of the pattern that the piece follows: each changes the piece as a whole. */
export function Measures(props: {
  /** where the piece came from */
  source: NonNullable<Piece['source']>;
}) {
  const { change, piece } = useBench();
  const patterns = useQuery(queries.patterns());
  const pattern = patterns.data?.find((p) => p.name === props.source.pattern);
  const [wrong, setWrong] = useState<Record<string, string>>({});
  if (!pattern) return null;

  const stone = piece.parts.find((p) => p.kind === 'stone' && p.body && 'outline' in p.body);
  const set = (name: string, value: number | string) => setAll(name, { [name]: value });
  const setAll = async (
    name: string,
    measures: Record<string, number | string>,
    material?: string,
  ): Promise<boolean> => {
    try {
      const taken = await change(async (now) => {
        const made = await remade(now, measures);
        return material === undefined || !stone ? made : withMaterial(made, stone.id, material);
      });
      setWrong({});
      return taken;
    } catch (thrown) {
      if (!(thrown instanceof Refused)) throw thrown;
      // What cannot be is said where it was asked for, whichever measure it hurts.
      const title = (path: string) => pattern.parameters.find((p) => p.name === path)?.title ?? '';
      const said = thrown.problem.violations.map((v) =>
        v.path === name || !title(v.path) ? v.limit : `${title(v.path)} ${v.limit}`,
      );
      setWrong({ [name]: said.join('; ') || thrown.problem.detail });
      return false;
    }
  };

  const valueOf = (p: Parameter) => props.source.parameters[p.name] ?? p.usual;
  const counts = (p: Parameter) => {
    const [name, words] = p.when?.split('=') ?? [];
    return pattern.parameters.every((o) => o.name !== name || words?.split('|').includes(String(valueOf(o))));
  };

  return (
    <>
      <h2 className="part-title">{pattern.title.toLowerCase()}</h2>
      <dl className="rows">
        {stone && pattern.parameters.some((p) => p.name === 'outline') && (
          <DrawerRow
            part={stone}
            fits={(s) => stoneMeasures(s.body, pattern.parameters) !== undefined}
            onTake={(s) => setAll('outline', stoneMeasures(s.body, pattern.parameters) ?? {}, s.material)}
          />
        )}
        {pattern.parameters.filter(counts).map((p) => (
          <Measure
            key={p.name}
            parameter={p}
            value={valueOf(p)}
            wrong={wrong[p.name]}
            onChange={(value) => set(p.name, value)}
          />
        ))}
      </dl>
    </>
  );
}

function Measure(props: {
  /** what is asked for */
  parameter: Parameter;
  /** its value */
  value: unknown;
  /** what was wrong with the last value */
  wrong: string | undefined;
  /** called with the new value */
  onChange: (value: number | string) => Promise<boolean>;
}) {
  const { parameter, value, wrong, onChange } = props;
  if (parameter.choices) {
    return (
      <ChoiceField
        label={parameter.title}
        value={String(value)}
        choices={parameter.choices}
        wrong={wrong}
        onChange={onChange}
      />
    );
  }
  if (parameter.unit === 'points') {
    return (
      <>
        <TraceButton onTake={(points) => void onChange(wayOf(points))} />
        {wrong && <p className="wrong">{wrong}</p>}
      </>
    );
  }
  if (parameter.unit === 'mm') {
    return (
      <LengthField
        label={parameter.title}
        mm={Number(value)}
        from={parameter.from}
        to={parameter.to}
        wrong={wrong}
        onChange={onChange}
      />
    );
  }
  return (
    <NumberField
      label={parameter.title}
      value={Number(value)}
      unit={parameter.unit === 'degrees' ? '°' : parameter.unit === 'turns' ? '' : parameter.unit}
      step={parameter.unit === 'turns' ? 0.25 : 1}
      wrong={wrong}
      onChange={onChange}
    />
  );
}
