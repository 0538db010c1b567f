import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Refused } from '../../api/client';
import { queries } from '../../api/queries';
import type { Parameter, Piece } from '../../api/types';
import { useBench } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { LengthField } from '../../kit/LengthField';
import { withMaterial } from '../../bench/edit';
import { changedElements, nearby } from '../../bench/measured';
import { remade } from '../../bench/remake';
import { NumberField } from '../../kit/NumberField';
import { useSettings } from '../../kit/settings';
import { length, type Units } from '../../kit/units';
import { DrawerRow } from './DrawerRow';
import { stoneAsked, stoneMeasures, wayOf } from './stoneMeasures';
import { TraceButton } from './TraceButton';

/** The measures of the pattern that the piece follows: each changes the piece as a whole. */
export function Measures(props: {
  /** where the piece came from */
  source: NonNullable<Piece['source']>;
  /** called with the addresses of what the measure at hand measures, and without once none is */
  onMeasure: (elements: readonly string[] | undefined) => void;
}) {
  const { change, piece } = useBench();
  const { units } = useSettings();
  const patterns = useQuery(queries.patterns());
  const pattern = patterns.data?.find((p) => p.name === props.source.pattern);
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const show = useMeasured(piece, props.onMeasure);
  if (!pattern) return null;

  const stone = piece.parts.find(
    (p) => p.kind === 'stone' && p.body && ('outline' in p.body || p.body.shape === 'point'),
  );
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
  const first = stoneAsked(pattern.parameters);
  /** The measure of the row that something lies in, with its value. */
  const asked = (target: EventTarget) => {
    const title =
      target instanceof Element && target.closest('dl > div')?.querySelector('label')?.textContent;
    const parameter = pattern.parameters.find((p) => p.title === title);
    return parameter && { parameter, value: valueOf(parameter) };
  };

  return (
    <>
      <h2 className="part-title">{pattern.title.toLowerCase()}</h2>
      <dl
        className="rows"
        onFocus={(e) => show(asked(e.target))}
        onBlur={() => show(undefined)}
        onPointerOver={(e) => show(asked(e.target))}
        onPointerLeave={() => show(undefined)}
      >
        {stone && first && (
          <DrawerRow
            part={stone}
            fits={(s) => stoneMeasures(s.body, pattern.parameters) !== undefined}
            onTake={(s) => setAll(first, stoneMeasures(s.body, pattern.parameters) ?? {}, s.material)}
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
      {piece.notes && <p className="why">{inUnits(piece.notes, units)}</p>}
    </>
  );
}

/** What a pattern tells of itself, its lengths as they are read. */
function inUnits(told: string, units: Units): string {
  return told.replace(/(\d+(?:\.\d+)?) mm/g, (as, mm: string) =>
    units === 'mm' ? as : length(Number(mm), units),
  );
}

/** Shows what a measure measures: all that comes out otherwise when it is a little more, or less. */
function useMeasured(piece: Piece, onMeasure: (elements: readonly string[] | undefined) => void) {
  const now = useRef<string>(undefined);
  return (of: { parameter: Parameter; value: unknown } | undefined) => {
    const name = of?.parameter.name;
    if (now.current === name) return;
    now.current = name;
    onMeasure(undefined);
    if (!of) return;
    const { parameter, value } = of;
    void (async () => {
      for (const near of nearby(parameter, value)) {
        const made = await remade(piece, { [parameter.name]: near }).catch(() => undefined);
        if (now.current !== parameter.name) return;
        if (made) {
          onMeasure(changedElements(piece, made));
          return;
        }
      }
    })();
  };
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
