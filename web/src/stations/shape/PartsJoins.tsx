import Button from '@mui/material/Button';
import type { Join, Part } from '../../api/types';
import { useBench } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { LengthField } from '../../kit/LengthField';
import { NumberField } from '../../kit/NumberField';
import { TextField } from '../../kit/TextField';
import { words } from '../../kit/units';
import { Addressed } from '../../bench/Addressed';

type Body = NonNullable<Part['body']>;
type Bead = Extract<Body, { shape: 'bead' }>;

const KINDS: Part['kind'][] = ['stone', 'bead', 'cord', 'finding', 'spacer', 'blank'];
const ORIGIN = { xMm: 0, yMm: 0, zMm: 0, rotDeg: 0 };
const FORMS: Bead['form'][] = ['round', 'barrel', 'tube', 'faceted'];
const NOWHERE = 'nowhere';
const AS_THEY_ARE = 'as they are';
const HOWS: NonNullable<Join['how']>[] = ['threaded', 'hung', 'pushed-through', 'opened'];

/** What is not wire, and what hangs in what; whether it fits comes back as advice. */
export function PartsJoins() {
  const { piece, plan, change } = useBench();
  const places = piece.strands.flatMap((s, i) =>
    s.elements.map((e, k) => ({
      address: `${s.id}.${e.id}`,
      label: `${plan.strands[i]?.title ?? s.id}: ${plan.strands[i]?.elements[k]?.label ?? e.id}`,
    })),
  );
  const sides = [...places, ...piece.parts.map((p) => ({ address: p.id ?? '', label: words(p.id ?? '') }))];
  const setPart = (index: number, next: Partial<Part>) =>
    change((p) => ({
      ...p,
      parts: p.parts.map((old, i) => {
        if (i !== index) return old;
        const changed = { ...old, ...next };
        if (changed.on === NOWHERE) Reflect.deleteProperty(changed, 'on');
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
      joins: [...p.joins, { a: sides[0]?.address ?? '', b: sides[sides.length - 1]?.address ?? '' }],
    }));
  return (
    <details className="fold" open={piece.parts.length > 0 || piece.joins.length > 0}>
      <summary className="part-title">parts and joins</summary>
      {piece.parts.map((part, i) => (
        <section className="part" key={part.id} aria-label={`part ${part.id ?? ''}`}>
          <dl className="rows">
            <ChoiceField
              label={words(part.id ?? 'part')}
              value={part.kind}
              choices={KINDS}
              onChange={(kind) => setPart(i, { kind: kind as Part['kind'] })}
            />
            <TextField label="of" value={part.material} onChange={(material) => setPart(i, { material })} />
            <NumberField
              label="how many"
              value={part.count}
              unit=""
              step={1}
              onChange={(count) => setPart(i, { count })}
            />
            {part.kind === 'bead' || part.kind === 'spacer' ? (
              <BeadFields part={part} onChange={(next) => setPart(i, next)} />
            ) : (
              <LengthField label="size" mm={part.sizeMm} onChange={(sizeMm) => setPart(i, { sizeMm })} />
            )}
            <Addressed
              label="sits on"
              value={part.on ?? NOWHERE}
              choices={[{ address: NOWHERE, label: 'nowhere yet' }, ...places]}
              onChange={(on) => void setPart(i, { on })}
            />
          </dl>
          <Button onClick={() => void removePart(i)}>take the {words(part.id ?? 'part')} away</Button>
        </section>
      ))}
      {piece.joins.map((join, i) => (
        <section className="part" key={i} aria-label={`join ${i + 1}`}>
          <dl className="rows">
            <Addressed label="join" value={join.a} choices={sides} onChange={(a) => void setJoin(i, { a })} />
            <Addressed label="with" value={join.b} choices={sides} onChange={(b) => void setJoin(i, { b })} />
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
        <Button disabled={sides.length < 2} onClick={() => void addJoin()}>
          add a join
        </Button>
      </div>
    </details>
  );
}

/** A bead has a form, a size across and along its hole, and the hole itself: they decide what it goes on and what stops it. */
function BeadFields(props: {
  /** the bead */
  part: Part;
  /** called with what changes */
  onChange: (next: Partial<Part>) => Promise<boolean>;
}) {
  const { part, onChange } = props;
  const body = part.body?.shape === 'bead' ? part.body : undefined;
  const bead: Bead = body ?? {
    shape: 'bead',
    form: 'round',
    diameterMm: part.sizeMm,
    hole: { atMm: [0, 0, 0], along: [0, 0, 1], diameterMm: Math.min(1, part.sizeMm / 2) },
  };
  const put = (next: Partial<Bead>) => {
    const changed = { ...bead, ...next };
    return onChange({ sizeMm: changed.diameterMm, body: changed });
  };
  return (
    <>
      <ChoiceField
        label="form"
        value={bead.form}
        choices={FORMS}
        onChange={(form) => put({ form: form as Bead['form'] })}
      />
      <LengthField label="across" mm={bead.diameterMm} onChange={(diameterMm) => put({ diameterMm })} />
      <LengthField
        label="along its hole"
        mm={bead.lengthMm ?? bead.diameterMm}
        onChange={(lengthMm) => put({ lengthMm })}
      />
      <LengthField
        label="hole"
        mm={bead.hole.diameterMm}
        fine
        onChange={(diameterMm) => put({ hole: { ...bead.hole, diameterMm } })}
      />
    </>
  );
}

function freePart(parts: readonly Part[]): string {
  for (let n = 1; ; n++) {
    const id = `part-${n}`;
    if (!parts.some((p) => p.id === id)) return id;
  }
}
