import Button from '@mui/material/Button';
import type { Join, Part } from '../../api/types';
import { useBench, useProblem } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { NumberField } from '../../kit/NumberField';
import { TextField } from '../../kit/TextField';
import { words } from '../../kit/units';
import { reasonOf } from '../../kit/reason';
import { BodyFields, withKind } from './BodyFields';

const KINDS: Part['kind'][] = ['stone', 'bead', 'cord', 'finding', 'spacer', 'blank'];
const ORIGIN = { xMm: 0, yMm: 0, zMm: 0, rotDeg: 0, tipDeg: 0 };
const NOWHERE = 'nowhere';
const AS_THEY_ARE = 'as they are';
const HOWS: NonNullable<Join['how']>[] = ['threaded', 'hung', 'pushed-through', 'wound-over', 'opened'];

/** What is not wire, and what hangs in what; whether it fits comes back as advice. */
export function PartsJoins() {
  const { piece, plan, change } = useBench();
  const problem = useProblem();
  const wrong = problem && reasonOf(problem);
  const places = new Map<string, string>(
    piece.strands.flatMap((s, i) =>
      s.elements.map(
        (e, k) =>
          [
            `${s.id}.${e.id}`,
            `${plan.strands[i]?.title ?? s.id}: ${plan.strands[i]?.elements[k]?.label ?? e.id}`,
          ] as const,
      ),
    ),
  );
  const sides = new Map<string, string>([
    ...places,
    ...piece.parts.map((p) => [p.id ?? '', words(p.id ?? '')] as const),
  ]);
  const addresses = [...sides.keys()];
  const setPart = (index: number, next: Partial<Part> | ((now: Part) => Partial<Part>)) =>
    change((p) => ({
      ...p,
      parts: p.parts.map((old, i) => {
        if (i !== index) return old;
        const changed = { ...old, ...(typeof next === 'function' ? next(old) : next) };
        if (changed.on === NOWHERE) Reflect.deleteProperty(changed, 'on');
        if (changed.body === undefined) Reflect.deleteProperty(changed, 'body');
        return changed;
      }),
    }));
  const addPart = () =>
    change((p) => ({
      ...p,
      parts: [
        ...p.parts,
        {
          id: freePart(p.parts),
          kind: 'finding',
          material: '',
          sizeMm: 5,
          count: 1,
          place: ORIGIN,
        },
      ],
    }));
  const removePart = (index: number) =>
    change((p) => ({
      ...p,
      parts: p.parts.filter((_, i) => i !== index),
      joins: p.joins.filter((j) => ![j.a, j.b].includes(p.parts[index]?.id ?? '')),
    }));
  const setJoin = (index: number, next: Partial<Join>) =>
    change((p) => ({
      ...p,
      joins: p.joins.map((old, i) => {
        if (i !== index) return old;
        const { how, ...join } = { ...old, ...next };
        return how && HOWS.includes(how) ? { ...join, how } : join;
      }),
    }));
  const addJoin = () =>
    change((p) => ({
      ...p,
      joins: [...p.joins, { a: addresses[0] ?? '', b: addresses[addresses.length - 1] ?? '' }],
    }));
  return (
    <details className="fold" open={piece.parts.length > 0 || piece.joins.length > 0}>
      <summary className="part-title">beads, stones and joins</summary>
      {piece.parts.map((part, i) => (
        <section className="part" key={part.id} aria-label={`part ${part.id ?? ''}`}>
          <dl className="rows">
            <ChoiceField
              label={words(part.id ?? 'part')}
              value={part.kind}
              choices={KINDS}
              onChange={(kind) => setPart(i, withKind(part, kind as Part['kind']))}
            />
            <TextField label="of" value={part.material} onChange={(material) => setPart(i, { material })} />
            <NumberField
              label="how many"
              value={part.count}
              unit=""
              step={1}
              onChange={(count) => setPart(i, { count })}
            />
            <BodyFields part={part} onChange={(next) => setPart(i, next)} />
            <ChoiceField
              label="sits on"
              value={part.on ?? NOWHERE}
              choices={[NOWHERE, ...places.keys()]}
              say={(address) => (address === NOWHERE ? 'nowhere yet' : (places.get(address) ?? address))}
              wrong={wrong}
              onChange={(on) => setPart(i, { on })}
            />
          </dl>
          <Button onClick={() => void removePart(i)}>take the {words(part.id ?? 'part')} away</Button>
        </section>
      ))}
      {piece.joins.map((join, i) => (
        <section className="part" key={i} aria-label={`join ${i + 1}`}>
          <dl className="rows">
            <ChoiceField
              label="join"
              value={join.a}
              choices={addresses}
              say={(address) => sides.get(address) ?? address}
              wrong={wrong}
              onChange={(a) => setJoin(i, { a })}
            />
            <ChoiceField
              label="with"
              value={join.b}
              choices={addresses}
              say={(address) => sides.get(address) ?? address}
              wrong={wrong}
              onChange={(b) => setJoin(i, { b })}
            />
            <ChoiceField
              label="how"
              value={join.how ?? AS_THEY_ARE}
              choices={[AS_THEY_ARE, ...HOWS]}
              onChange={(how) => setJoin(i, { how: how as Join['how'] })}
            />
          </dl>
          <Button onClick={() => void change((p) => ({ ...p, joins: p.joins.filter((_, k) => k !== i) }))}>
            undo this join
          </Button>
        </section>
      ))}
      <div className="tools-row">
        <Button onClick={() => void addPart()}>add a part</Button>
        <Button disabled={sides.size < 2} onClick={() => void addJoin()}>
          add a join
        </Button>
      </div>
    </details>
  );
}

function freePart(parts: readonly Part[]): string {
  for (let n = 1; ; n++) {
    const id = `part-${n}`;
    if (!parts.some((p) => p.id === id)) return id;
  }
}
