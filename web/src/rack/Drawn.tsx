import type { OnRack, Stock } from '../api/types';
import { shades } from '../wire/metals';
import { fill } from './stock';

/** px */
const SPOOL = 84;
const LAYERS = 7;

/** A spool seen from the side with as much wire on it as there is. */
export function Spool(props: {
  /** the stock */
  held: OnRack;
}) {
  const { stock } = props.held;
  const colours = stock.wire ? shades(stock.wire.metal) : undefined;
  const core = 13;
  const full = 36;
  const half = core + (full - core) * fill(props.held);
  const middle = SPOOL / 2;
  const turns = Math.max(5, Math.min(16, Math.round(52 / (3 + 2.4 * (stock.wire ? thick(stock) : 1)))));
  const wide = 50 / turns;
  return (
    <svg viewBox={`0 0 ${SPOOL} ${SPOOL}`} width={SPOOL} height={SPOOL} aria-hidden="true">
      <rect x={17} y={middle - core} width={50} height={2 * core} fill="#b08a5e" />
      {Array.from({ length: turns }, (_, i) => (
        <rect
          key={i}
          x={17 + i * wide}
          y={middle - half}
          width={wide}
          height={2 * half}
          rx={wide / 2}
          fill={colours?.body}
          stroke={colours?.edge}
          strokeWidth={0.6}
        />
      ))}
      <rect
        x={17}
        y={middle - half * 0.55}
        width={50}
        height={half * 0.32}
        fill={colours?.glint}
        opacity={0.55}
      />
      {[9, 67].map((x) => (
        <g key={x}>
          <rect x={x} y={3} width={8} height={SPOOL - 6} rx={2.5} fill="#c9a676" stroke="#7d5c36" />
          <rect x={x + 1.6} y={6} width={1.6} height={SPOOL - 12} fill="#e6cda6" />
        </g>
      ))}
    </svg>
  );
}

function thick(stock: Stock): number {
  const section = stock.wire?.section;
  if (!section) return 1;
  if (section.shape === 'round') return section.diameterMm;
  return section.shape === 'square' ? section.sideMm : section.thicknessMm;
}

/** A loose coil seen from the front, its rings as many as there is wire. */
export function Coil(props: {
  /** the stock */
  held: OnRack;
}) {
  const colours = props.held.stock.wire ? shades(props.held.stock.wire.metal) : undefined;
  const rings = Math.max(1, Math.round(LAYERS * fill(props.held)));
  const middle = SPOOL / 2;
  return (
    <svg viewBox={`0 0 ${SPOOL} ${SPOOL}`} width={SPOOL} height={SPOOL} aria-hidden="true">
      {Array.from({ length: rings }, (_, i) => (
        <g key={i} fill="none">
          <circle
            cx={middle + (i % 2) - 0.5}
            cy={middle}
            r={37 - i * 3}
            stroke={colours?.edge}
            strokeWidth={2.8}
          />
          <circle
            cx={middle + (i % 2) - 0.5}
            cy={middle}
            r={37 - i * 3}
            stroke={colours?.light}
            strokeWidth={1.4}
          />
        </g>
      ))}
      <path d="M5 42 q 8 -7 16 0" stroke="#5c6864" strokeWidth={2.4} fill="none" />
      <path d="M63 42 q 8 -7 16 0" stroke="#5c6864" strokeWidth={2.4} fill="none" />
    </svg>
  );
}

/** A straight length or off-cut, at the scale of the longest. */
export function Length(props: {
  /** the stock */
  held: OnRack;
  /** px a millimetre */
  scale: number;
}) {
  const colours = props.held.stock.wire ? shades(props.held.stock.wire.metal) : undefined;
  const wide = Math.max(4, props.held.has * props.scale);
  const high = 5 + 3 * Math.min(3, thick(props.held.stock));
  return (
    <svg
      viewBox={`0 0 ${wide} ${high}`}
      width={wide}
      height={high}
      aria-hidden="true"
      style={{ display: 'block' }}
    >
      <rect width={wide} height={high} rx={1} fill={colours?.edge} />
      <rect width={wide} height={high * 0.72} y={high * 0.1} fill={colours?.body} />
      <rect width={wide} height={high * 0.22} y={high * 0.2} fill={colours?.light} />
    </svg>
  );
}

/** Bought-in parts in a dish: as many dots as there are, up to a few. */
export function Parts(props: {
  /** the stock */
  held: OnRack;
}) {
  const count = Math.min(props.held.has, 23);
  return (
    <svg viewBox={`0 0 ${SPOOL} ${SPOOL}`} width={SPOOL} height={SPOOL} aria-hidden="true">
      <ellipse cx={42} cy={50} rx={38} ry={26} fill="#8b6a45" />
      <ellipse cx={42} cy={46} rx={38} ry={26} fill="#c9a676" stroke="#7d5c36" />
      <ellipse cx={42} cy={47} rx={31} ry={20} fill="#a9855a" />
      {Array.from({ length: count }, (_, i) => {
        const turn = i * 2.4;
        const out = Math.sqrt((i + 0.5) / 23);
        return (
          <circle
            key={i}
            cx={42 + Math.cos(turn) * 26 * out}
            cy={46 + Math.sin(turn) * 15.5 * out}
            r={3.4}
            fill="#c3cacb"
            stroke="#4c5356"
            strokeWidth={0.8}
          />
        );
      })}
    </svg>
  );
}
