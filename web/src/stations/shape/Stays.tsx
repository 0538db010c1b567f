import type { BodyPlan } from '../../api/types';
import { useBench } from '../../bench/bench';
import { Row } from '../../kit/Row';
import { useSettings } from '../../kit/settings';
import { length } from '../../kit/units';

type Held = NonNullable<BodyPlan['held']>;
type Way = keyof Held;

/** How far a stone is drawn from the middle of its marks. */
const SIZE = 34;

/** Where the mark of each way stands about the stone, and how it points. */
const MARKS: { way: Way; x: number; y: number; turn: number }[] = [
  { way: 'up', x: 60, y: 10, turn: 0 },
  { way: 'right', x: 110, y: 50, turn: 90 },
  { way: 'down', x: 60, y: 90, turn: 180 },
  { way: 'left', x: 10, y: 50, turn: 270 },
];

const SIDE: { way: Way; x: number; turn: number }[] = [
  { way: 'back', x: 138, turn: 270 },
  { way: 'front', x: 198, turn: 90 },
];

/** Whether each stone stays in its wires: which ways are shut, and how far wires reach over it. */
export function Stays() {
  const { plan, piece } = useBench();
  const stones = plan.bodies.flatMap((b) => (b.held ? [{ body: b, held: b.held }] : []));
  if (stones.length === 0) return null;
  return (
    <section className="part" aria-label="whether it stays">
      <h2 className="part-title">Will it stay?</h2>
      {stones.map((stone) => (
        <Stone
          key={stone.body.part}
          {...stone}
          name={piece.parts.find((p) => p.id === stone.body.part)?.material ?? ''}
        />
      ))}
    </section>
  );
}

function Stone(props: {
  /** the stone as planned */
  body: BodyPlan;
  /** which ways it can go */
  held: Held;
  /** what it is of */
  name: string;
}) {
  const { units } = useSettings();
  const { body, held } = props;
  const scale = SIZE / (Math.max(extent(body.front), extent(body.side)) || 1);
  return (
    <>
      <svg viewBox="0 0 220 100" width="100%" height="120" role="img" aria-label={inWords(held)}>
        <path d={path(body.front, 60, scale)} fill="var(--line)" stroke="var(--ink-soft)" strokeWidth="1.5" />
        <path d={path(body.side, 168, scale)} fill="var(--line)" stroke="var(--ink-soft)" strokeWidth="1.5" />
        {MARKS.map((m) => (
          <Mark key={m.way} hold={held[m.way]} x={m.x} y={m.y} turn={m.turn} />
        ))}
        {SIDE.map((m) => (
          <Mark key={m.way} hold={held[m.way]} x={m.x} y={50} turn={m.turn} />
        ))}
      </svg>
      <dl className="rows">
        <Row label={props.name || 'stone'} value={shortly(held)} />
        {body.biteMm?.front != null && (
          <Row label="wire reaches over the front" value={'≈ ' + length(body.biteMm.front, units)} />
        )}
        {body.biteMm?.back != null && (
          <Row label="wire reaches over the back" value={'≈ ' + length(body.biteMm.back, units)} />
        )}
      </dl>
    </>
  );
}

/** A bar where a way is shut, an arrow where it is open. */
function Mark(props: {
  /** what keeps it from going that way */
  hold: Held[Way];
  /** where */
  x: number;
  /** where */
  y: number;
  /** which way it points, degrees from up */
  turn: number;
}) {
  const at = `translate(${props.x} ${props.y}) rotate(${props.turn})`;
  return props.hold === 'held' ? (
    <path d="M-9 0H9" transform={at} stroke="var(--ink)" strokeWidth="4" strokeLinecap="round" />
  ) : (
    <path
      d="M0 9V-8M-6 -2L0 -9L6 -2"
      transform={at}
      fill="none"
      stroke={props.hold === 'free' ? 'var(--stop)' : 'var(--mind)'}
      strokeWidth="3"
    />
  );
}

function extent(outline: readonly number[][]): number {
  return outline.reduce((most, p) => Math.max(most, Math.hypot(p[0] ?? 0, p[1] ?? 0)), 0);
}

/** An outline within its frame of marks, its middle at a place across. */
function path(outline: readonly number[][], middle: number, scale: number): string {
  const across = outline.map((p) => p[0] ?? 0);
  const aside = (Math.min(...across) + Math.max(...across)) / 2;
  return (
    outline
      .map(
        ([x = 0, y = 0], i) =>
          `${i ? 'L' : 'M'}${(middle + (x - aside) * scale).toFixed(1)} ${(50 - y * scale).toFixed(1)}`,
      )
      .join('') + 'Z'
  );
}

const WORDS: Record<Way, string> = {
  front: 'to the front',
  back: 'to the back',
  left: 'to the left',
  right: 'to the right',
  up: 'upwards',
  down: 'downwards',
  turn: 'by turning',
};

function ways(held: Held, hold: Held[Way]): string[] {
  return (Object.keys(WORDS) as Way[]).filter((w) => held[w] === hold).map((w) => WORDS[w]);
}

/** What is said in one line. */
function shortly(held: Held): string {
  const free = ways(held, 'free');
  if (free.length > 0)
    return free.length > 2 ? `can move ${free.length} ways` : 'can move ' + free.join(', ');
  return ways(held, 'gripped').length > 0 ? 'only gripped' : 'held on all sides';
}

/** All of it, for who does not see the drawing. */
function inWords(held: Held): string {
  const free = ways(held, 'free');
  return free.length > 0 ? 'It can leave ' + free.join(', ') : shortly(held);
}
