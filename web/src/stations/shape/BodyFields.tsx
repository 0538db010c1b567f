import Button from '@mui/material/Button';
import { Fragment } from 'react';
import type { Body, Part } from '../../api/types';
import { useBench } from '../../bench/bench';
import { changeOf, shownFields, shownUnit, stepOf, valueOf } from '../../bench/fields';
import { kindOf } from '../../bench/work';
import { ChoiceField } from '../../kit/ChoiceField';
import { LengthField } from '../../kit/LengthField';
import { NumberField } from '../../kit/NumberField';
import { useKinds } from '../../kit/useKinds';
import { mass } from '../../kit/units';
import { Row } from '../../kit/Row';
import { DrawerRow } from './DrawerRow';
import { OutlineChoice } from './OutlineChoice';

type Bead = Extract<Body, { shape: 'bead' }>;
type Hole = Bead['hole'];

const FORMS: Bead['form'][] = ['round', 'barrel', 'tube', 'faceted'];
const BEHIND: Hole = { atMm: [0, 0, 0], along: [0, 0, 1], diameterMm: 1.5 };

/** Where the tip of a crystal points, and how far it is tipped for that. */
const TIPS = [
  { says: 'to the front', deg: 0 },
  { says: 'down', deg: 90 },
  { says: 'up', deg: -90 },
] as const;

const BY_SIZE = 'its size alone';

/** What each kind of part can be as a solid. */
const SOLIDS: Record<Part['kind'], Body['shape'][]> = {
  stone: ['cabochon', 'lens', 'slab', 'point', 'bead'],
  bead: ['bead'],
  spacer: ['bead', 'ring'],
  cord: ['cord'],
  finding: ['ring'],
  blank: ['sheet'],
};

/** What changes when a part becomes another kind: a solid that it cannot be is forgotten, a bead has its hole at once. */
export function withKind(part: Part, kind: Part['kind']): Partial<Part> {
  if (part.body && SOLIDS[kind].includes(part.body.shape)) return { kind };
  const diameterMm = part.sizeMm;
  const bead: Bead = {
    shape: 'bead',
    form: 'round',
    diameterMm,
    hole: { ...BEHIND, diameterMm: Math.min(1, diameterMm / 2) },
  };
  return { kind, body: kind === 'bead' || kind === 'spacer' ? bead : undefined };
}

/** A part as a solid: its shape with its measures and holes, or its size alone. What it weighs follows. */
export function BodyFields(props: {
  /** the part */
  part: Part;
  /** called with what changes of the part as it is by then; says whether it was taken */
  onChange: (next: (now: Part) => Partial<Part>) => Promise<boolean>;
}) {
  const { part, onChange } = props;
  const { plan, piece } = useBench();
  // A piece that follows its pattern takes its stone by the pattern's measures.
  const follows = piece.source && !piece.source.detached;
  const { bodies } = useKinds();
  const { body } = part;
  const solid = plan.bodies.find((b) => b.part === part.id);
  const put = (next: (now: Body) => Partial<Body>) =>
    onChange((now) => {
      if (!now.body) return {};
      const changed = { ...now.body, ...next(now.body) } as Body;
      return { body: changed, sizeMm: sizeOf(changed) };
    });
  const choose = (shape: string) => {
    if (shape === BY_SIZE) return onChange(() => ({ body: undefined }));
    const usual = kindOf(bodies, shape)?.usual as unknown as Body;
    return onChange(() => ({ body: usual, sizeMm: sizeOf(usual) }));
  };
  const shapes = [...new Set([...SOLIDS[part.kind], ...(body ? [body.shape] : [])])];
  const row = body && kindOf(bodies, body.shape);
  return (
    <>
      <ChoiceField
        label="given as"
        value={body?.shape ?? BY_SIZE}
        choices={[BY_SIZE, ...shapes]}
        say={(shape) => (shape === BY_SIZE ? shape : (kindOf(bodies, shape)?.words ?? shape))}
        onChange={choose}
      />
      {body === undefined && (
        <LengthField label="size" mm={part.sizeMm} onChange={(sizeMm) => onChange(() => ({ sizeMm }))} />
      )}
      {body?.shape === 'bead' && (
        <ChoiceField
          label="form"
          value={body.form}
          choices={FORMS}
          onChange={(form) => put(() => ({ form: form as Bead['form'] }))}
        />
      )}
      {body && 'outline' in body && (
        <OutlineChoice
          label="from the front"
          outline={body.outline}
          onChange={(outline) => put(() => ({ outline }) as Partial<Body>)}
        />
      )}
      {row &&
        shownFields(row, body).map((f) =>
          f.unit === 'mm' && (f.from ?? 0) > 0 ? (
            <LengthField
              key={f.name}
              label={f.title}
              mm={valueOf(body, f.name)}
              from={f.from}
              to={f.to}
              onChange={(mm) => put((now) => changeOf(now, f.name, mm))}
            />
          ) : (
            <NumberField
              key={f.name}
              label={f.title}
              value={valueOf(body, f.name)}
              unit={shownUnit(f.unit)}
              step={stepOf(f.unit)}
              onChange={(value) => put((now) => changeOf(now, f.name, value))}
            />
          ),
        )}
      {body?.shape === 'bead' && (
        <LengthField
          label="along its hole"
          mm={body.lengthMm ?? body.diameterMm}
          onChange={(lengthMm) => put(() => ({ lengthMm }))}
        />
      )}
      {part.kind === 'stone' && body?.shape === 'point' && !follows && (
        <ChoiceField
          label="its tip points"
          value={TIPS.find((t) => t.deg === part.place.tipDeg)?.says ?? TIPS[0].says}
          choices={TIPS.map((t) => t.says)}
          onChange={(said) =>
            onChange((now) => ({
              place: { ...now.place, tipDeg: TIPS.find((t) => t.says === said)?.deg ?? 0 },
            }))
          }
        />
      )}
      {part.kind === 'stone' && body && ('outline' in body || body.shape === 'point') && !follows && (
        <DrawerRow
          part={part}
          fits={() => true}
          onTake={(s) => onChange(() => ({ body: s.body, material: s.material, sizeMm: sizeOf(s.body) }))}
        />
      )}
      {body && <Holes body={body} onChange={put} />}
      {solid && (
        <Row label={part.count > 1 ? 'one weighs about' : 'weighs about'} value={mass(solid.massG)} />
      )}
    </>
  );
}

/** The size that stands for a solid where only one figure is asked for, mm. */
function sizeOf(body: Body): number {
  if ('outline' in body) {
    const { outline } = body;
    if ('diameterMm' in outline) return outline.diameterMm;
    if ('lengthMm' in outline) return outline.lengthMm;
    if ('girthMm' in outline) return outline.girthMm / Math.PI;
    const ups = outline.points.map((p) => (Array.isArray(p) ? (p[1] ?? 0) : p.yMm));
    return Math.max(0.01, Math.max(...ups) - Math.min(...ups));
  }
  return body.shape === 'ring' ? body.insideMm : body.shape === 'point' ? body.lengthMm : body.diameterMm;
}

/** Holes: how wide, and where from the middle. A bead has the one that it is threaded by, others none or several. */
function Holes(props: {
  /** the solid */
  body: Body;
  /** called with what changes of the solid as it is by then; says whether it was taken */
  onChange: (next: (now: Body) => Partial<Body>) => Promise<boolean>;
}) {
  const { body, onChange } = props;
  if (body.shape === 'ring' || body.shape === 'cord') return null;
  if (body.shape === 'bead') {
    return (
      <LengthField
        label="hole"
        fine
        mm={body.hole.diameterMm}
        onChange={(diameterMm) => onChange(() => ({ hole: { ...body.hole, diameterMm } }))}
      />
    );
  }
  const many = body.shape === 'sheet';
  const holes = holesOf(body);
  const put = (next: (now: Hole[]) => Hole[]) =>
    onChange((now) => {
      const changed = next(holesOf(now));
      return (many ? { holes: changed } : { hole: changed[0] }) as Partial<Body>;
    });
  const set = (at: number, next: Partial<Hole>) =>
    put((now) => now.map((hole, i) => (i === at ? { ...hole, ...next } : hole)));
  return (
    <>
      {holes.map((hole, i) => {
        const name = holes.length > 1 ? `hole ${i + 1}` : 'hole';
        const [across = 0, up = 0, front = 0] = hole.atMm;
        return (
          <Fragment key={i}>
            <LengthField
              label={name}
              fine
              mm={hole.diameterMm}
              onChange={(diameterMm) => set(i, { diameterMm })}
            />
            <NumberField
              label={`${name}, right of the middle`}
              value={across}
              unit="mm"
              step={0.5}
              onChange={(mm) => set(i, { atMm: [mm, up, front] })}
            />
            <NumberField
              label={`${name}, above the middle`}
              value={up}
              unit="mm"
              step={0.5}
              onChange={(mm) => set(i, { atMm: [across, mm, front] })}
            />
            <Button onClick={() => void put((now) => now.filter((_, k) => k !== i))}>no {name}</Button>
          </Fragment>
        );
      })}
      {(many || holes.length === 0) && (
        <Button onClick={() => void put((now) => [...now, BEHIND])}>
          {holes.length > 0 ? 'one more hole' : 'add a hole'}
        </Button>
      )}
    </>
  );
}

/** The holes of a solid that can have some. */
function holesOf(body: Body): Hole[] {
  if (body.shape === 'sheet') return body.holes;
  return 'hole' in body && body.hole ? [body.hole] : [];
}
