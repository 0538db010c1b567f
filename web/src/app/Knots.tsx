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
}) {
  const { knots, open } = props;
  const places = knots.map((_, i) => ((i + 0.5) / knots.length) * 1000);
  return (
    <nav className="knots" aria-label={props.label}>
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
      <ol>
        {knots.map((k) => (
          <li key={k.name}>
            <NavLink to={k.to} end={false}>
              {k.name}
              <small className={k.tone}>{k.says}</small>
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}
