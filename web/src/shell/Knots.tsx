import { memo } from 'react';
import { NavLink } from 'react-router';

/** One knot of the wire. */
export interface Knot {
  /** its name */
  name: string;
  /** where it leads */
  to: string;
  /** what it has to say */
  says: string;
  /** how grave that is */
  tone?: 'mind' | 'stop';
}

/** The wire as navigation: from the spool on the left to the finished end on the right. */
export function Knots(props: {
  /** the knots, in working order */
  knots: Knot[];
  /** index of the knot that is open */
  open: number;
  /** what the line is for, for those who do not see it */
  label: string;
  /** whether something lies over it */
  away?: boolean;
}) {
  const { knots, open } = props;
  return (
    <nav className="knots" aria-label={props.label} inert={props.away}>
      <Line count={knots.length} open={open} />
      <ol>
        {knots.map((k) => (
          <KnotLink key={k.name} {...k} />
        ))}
      </ol>
    </nav>
  );
}

const KnotLink = memo(function KnotLink(knot: Knot) {
  return (
    <li>
      <NavLink to={knot.to} end={false}>
        {knot.name}
        <small className={knot.tone}>{knot.says}</small>
      </NavLink>
    </li>
  );
});

/** The line itself; it changes only when another knot is open. */
const Line = memo(function Line(props: {
  /** how many knots */
  count: number;
  /** index of the knot that is open */
  open: number;
}) {
  const { count, open } = props;
  const places = Array.from({ length: count }, (_, i) => ((i + 0.5) / count) * 1000);
  return (
    <svg viewBox="0 0 1000 34" preserveAspectRatio="none" aria-hidden="true">
      <path d="M6 16H992" stroke="#74391B" strokeWidth="5" vectorEffect="non-scaling-stroke" />
      <path d="M6 16H992" stroke="#C07748" strokeWidth="3" vectorEffect="non-scaling-stroke" />
      <path d="M6 15H992" stroke="#EFBE9B" strokeWidth="1" vectorEffect="non-scaling-stroke" />
      {places.map((x, i) => {
        const coils = i === open ? [-10, -5, 0, 5, 10] : [-4, 0, 4];
        return coils.map((dx) => (
          <path
            key={`${x}${dx}`}
            d={`M${x + dx - 1.2} 25L${x + dx + 1.2} 7`}
            stroke={i === open ? 'var(--touch)' : '#9A5329'}
            strokeWidth={i === open ? 4 : 3}
            strokeLinecap="round"
            vectorEffect="non-scaling-stroke"
          />
        ));
      })}
    </svg>
  );
});
