import { memo, useEffect, useRef, type KeyboardEvent } from 'react';
import type { WireField, FieldCell, Metal, Plan, Temper } from '../../api/types';
import { useSettings } from '../../kit/settings';
import { grams, load, money, thickness, words } from '../../kit/units';
import { shades } from '../../wire/metals';
import { boundary, does, isSame } from './gauges';
import { PulledBend } from '../../wire/PulledBend';

/** A cell by its place: gauge and temper. */
export interface Spot {
  mm: number;
  temper: Temper;
}

/** The field: gauges down, tempers across, every cell the whole piece worked again. Pointed at it is tried, pressed it is taken. */
export const FieldGrid = memo(function FieldGrid(props: {
  /** the field */
  field: WireField;
  /** tempers across */
  tempers: readonly Temper[];
  /** the piece as planned: names of its places */
  plan: Plan;
  /** thickness of the wire that the piece has, mm: its row is in sight when a field comes */
  presentMm: number;
  /** the wire that the piece has, where the field is of its metal */
  taken: Spot | undefined;
  /** the cell that is tried */
  tried: Spot | undefined;
  /** as an amount of money is written */
  currency: string;
  /** whether another field is on its way */
  waiting: boolean;
  onTry: (cell: FieldCell | undefined) => void;
  onTake: (cell: FieldCell) => void;
}) {
  const { field, tempers, taken, tried } = props;
  const { units } = useSettings();
  const columns = tempers.length;
  const rows = Math.floor(field.cells.length / columns);
  const grid = useRef<HTMLDivElement>(null);
  const room = useRef<HTMLDivElement>(null);
  const here = tried ?? taken;
  const across = Math.max(4, ...field.cells.map(reach));

  const go = (event: KeyboardEvent, index: number) => {
    const by = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: columns, ArrowUp: -columns }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    const next = index + by;
    const sameRow = Math.floor(next / columns) === Math.floor(index / columns);
    if (next < 0 || next >= field.cells.length || (Math.abs(by) === 1 && !sameRow)) return;
    grid.current?.querySelector<HTMLElement>(`[data-cell="${next}"]`)?.focus();
  };
  const presentRow = field.cells.findIndex((c) => isSame(c, props.presentMm));
  const { metal } = field;
  useEffect(() => {
    const cell = grid.current?.querySelector<HTMLElement>(`[data-cell="${presentRow}"]`);
    const into = room.current;
    if (into && cell) into.scrollTop = cell.offsetTop - into.clientHeight / 2;
  }, [presentRow, metal]);

  const focusable = Math.max(
    0,
    field.cells.findIndex((c) => here && isSame(c, here.mm) && c.temper === here.temper),
  );
  const inColumns = { gridTemplateColumns: `var(--gauge-column) repeat(${columns}, minmax(0, 1fr))` };
  return (
    <>
      <div className="field-heads" style={inColumns}>
        <span />
        {tempers.map((t) => (
          <span key={t}>{words(t)}</span>
        ))}
      </div>
      <div className="field-room" ref={room}>
        <div
          className="field-grid"
          ref={grid}
          role="group"
          aria-label="the field: gauges down, tempers across"
          aria-busy={props.waiting}
          style={inColumns}
          onMouseLeave={() => props.onTry(undefined)}
        >
          {Array.from({ length: rows }, (_, r) => {
            const first = field.cells[r * columns] as FieldCell;
            return [
              <div key={`g${r}`} className="field-gauge" style={{ gridRow: r + 1 }}>
                <WireBar mm={first.thicknessMm} metal={field.metal} />
                <b>{thickness(first.thicknessMm, units)}</b>
                <span>
                  {first.label
                    ? first.label.system === 'metric'
                      ? 'metric'
                      : `${first.label.system} ${first.label.number}`
                    : 'as it is'}
                </span>
              </div>,
              ...tempers.map((t, c) => {
                const index = r * columns + c;
                const cell = field.cells[index] as FieldCell;
                const is = (spot: Spot | undefined) =>
                  spot !== undefined && isSame(cell, spot.mm) && spot.temper === t;
                return (
                  <button
                    key={`${r}${t}`}
                    data-cell={index}
                    className={`field-cell${does(cell) ? '' : ' fails'}${cell.worst?.severity === 'stop' || cell.refused ? ' hatched' : cell.worst?.severity === 'mind' ? ' minds' : ''}`}
                    style={{ gridRow: r + 1, gridColumn: c + 2 }}
                    aria-pressed={is(taken)}
                    data-tried={is(tried) || undefined}
                    tabIndex={index === focusable ? 0 : -1}
                    aria-label={sentence(cell, props.plan)}
                    onMouseEnter={() => props.onTry(cell)}
                    onFocus={() => props.onTry(cell)}
                    onKeyDown={(e) => go(e, index)}
                    onClick={() => props.onTake(cell)}
                  >
                    <CellView
                      cell={cell}
                      metal={field.metal}
                      plan={props.plan}
                      across={across}
                      currency={props.currency}
                    />
                  </button>
                );
              }),
            ];
          })}
          <svg
            className="field-line"
            viewBox={`0 0 ${columns} ${rows}`}
            preserveAspectRatio="none"
            style={{ gridRow: `1 / ${rows + 1}`, gridColumn: `2 / ${columns + 2}` }}
            aria-hidden="true"
          >
            <path d={boundary(field.cells, columns)} vectorEffect="non-scaling-stroke" />
          </svg>
        </div>
      </div>
    </>
  );
});

/** How far the bend of a cell reaches at rest, mm. */
function reach(cell: FieldCell): number {
  const rest = cell.pull?.rest ?? [];
  return (
    1.25 * Math.max(0, ...rest.map((p) => Math.max(p[0] ?? 0, 2 * Math.abs(p[1] ?? 0)))) + cell.thicknessMm
  );
}

/** The name of a place by its path. */
export function placeOf(path: string | undefined, plan: Plan): string {
  const [, strand, , element] = path?.split('.') ?? [];
  return plan.strands[Number(strand)]?.elements[Number(element)]?.label ?? 'wire';
}

/** What fails, where, and by how much; nothing where all is well. */
export function failing(cell: FieldCell, plan: Plan): string {
  if (cell.refused) return 'cannot be made';
  if (cell.shortN > 0) return `${placeOf(cell.holdsAt, plan)} −${grams(cell.shortN)}`;
  if (cell.overStrain > 0) return `${placeOf(cell.standsAt, plan)} +${cell.overStrain.toFixed(2)}`;
  return '';
}

function sentence(cell: FieldCell, plan: Plan): string {
  const wire = `${cell.thicknessMm.toFixed(2)} mm ${words(cell.temper)}`;
  if (cell.refused) return `${wire}: cannot be made, ${cell.refused}`;
  const holds = cell.holdN === undefined ? '' : `holds ${load(cell.holdN)}, `;
  const short =
    cell.shortN > 0 ? `${load(cell.shortN)} too little at the ${placeOf(cell.holdsAt, plan)}, ` : '';
  const cracks =
    cell.overStrain > 0
      ? `${placeOf(cell.standsAt, plan)} strained ${cell.overStrain.toFixed(2)} beyond what it stands, `
      : '';
  const minds = cell.worst?.severity === 'mind' ? `, ${cell.worst.message}` : '';
  return `${wire}: ${holds}${short}${cracks}formed by ${cell.forms}${minds}`;
}

function CellView(props: {
  /** the cell */
  cell: FieldCell;
  /** the metal of the field */
  metal: Metal;
  /** the piece as planned */
  plan: Plan;
  /** what every small drawing shows across, mm */
  across: number;
  /** as an amount of money is written */
  currency: string;
}) {
  const { cell, plan } = props;
  if (cell.refused) return <span className="says">cannot be made</span>;
  const fails = failing(cell, plan);
  return (
    <>
      <span className="figure">
        {cell.holdN === undefined ? `strain ${cell.strain.toFixed(2)}` : grams(cell.holdN)}
      </span>
      {cell.pull && (
        <PulledBend
          pull={cell.pull}
          thicknessMm={cell.thicknessMm}
          metal={props.metal}
          acrossMm={props.across}
        />
      )}
      <span className="says">
        {cell.forms === 'vice' ? 'jig, vice' : cell.forms}
        {cell.price !== undefined && <span className="price"> · {money(cell.price, props.currency)}</span>}
      </span>
      {fails && <span className="says where">{fails}</span>}
    </>
  );
}

/** A length of the wire at ten times its thickness. */
function WireBar(props: {
  /** thickness, mm */
  mm: number;
  /** what it is made of */
  metal: Metal;
}) {
  const colours = shades(props.metal);
  const height = Math.min(26, props.mm * 8);
  return (
    <svg width="34" height="28" aria-hidden="true">
      {(
        [
          [1, 'edge', 0],
          [0.86, 'body', 0],
          [0.4, 'light', -0.12],
          [0.13, 'glint', -0.2],
        ] as const
      ).map(([share, shade, shift]) => (
        <rect
          key={shade}
          width="34"
          y={14 + height * shift - (height * share) / 2}
          height={height * share}
          fill={colours[shade]}
        />
      ))}
    </svg>
  );
}
