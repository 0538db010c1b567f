import { WideTable } from '../kit/WideTable';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { CutBar, CutPlan } from '../api/types';
import { useSettings } from '../kit/settings';
import { mass, ruled, type Units } from '../kit/units';
import { shades } from '../wire/metals';

const WIDE = 1000;
const BAR = 34;
/** A wire narrower than this on screen carries no number. */
const TOLD = 16;
/** Of a spool only the end that is cut is drawn, and a little more. */
const MORE = 1.12;

/** The stocks that a plan cuts from, to one scale, every wire with its number; what stays, what is scrap, what has to be bought. */
export function CutBars(props: {
  /** the plan */
  plan: CutPlan;
}) {
  const { plan } = props;
  const { units } = useSettings();
  const longest = Math.max(1, ...plan.bars.map(shownMm));
  return (
    <div className="cut-plan">
      <p>
        <strong>{inWords(plan, units)}</strong> {sure(plan, units)}
      </p>
      {plan.bars.map((bar) => (
        <section key={bar.stock} aria-label={bar.title} style={{ margin: '12px 0' }}>
          <h3 className="part-title">
            <span>{bar.title}</span>
            <small className="beside">
              {ruled(bar.hasMm, units)} there · {rest(bar, units)}
            </small>
          </h3>
          <Bar bar={bar} scale={WIDE / longest} />
          <Cuts bar={bar} units={units} />
        </section>
      ))}
      {plan.missing.length > 0 && (
        <section aria-label="to buy">
          <h3 className="part-title">to buy: the rack has not enough for these</h3>
          <WideTable label="cuts">
            <Table size="small">
              <TableHead>
                <TableRow>
                  <TableCell>wire</TableCell>
                  <TableCell>for</TableCell>
                  <TableCell align="right">with a tenth to spare</TableCell>
                  <TableCell align="right">weighs</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {plan.missing.map((m) => (
                  <TableRow key={m.wireInWords}>
                    <TableCell>
                      {m.wireInWords}
                      {m.gaugesInWords && <small className="gauges">{m.gaugesInWords}</small>}
                    </TableCell>
                    <TableCell>{m.titles.join(' · ')}</TableCell>
                    <TableCell align="right">{ruled(m.lengthMm, units)}</TableCell>
                    <TableCell align="right">{mass(m.massG)}</TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </WideTable>
        </section>
      )}
    </div>
  );
}

/** What of a stock is drawn, mm. */
export function shownMm(bar: Pick<CutBar, 'form' | 'hasMm' | 'cuts'>): number {
  const last = bar.cuts[bar.cuts.length - 1];
  const end = last ? last.atMm + last.lengthMm : 0;
  return bar.form === 'spool' || bar.form === 'coil' ? Math.min(bar.hasMm, end * MORE) : bar.hasMm;
}

/** Wires of one length and purpose that lie side by side, as one line of a list: their numbers. */
export function runs(
  cuts: CutBar['cuts'],
): { from: number; to: number; title: string; lengthMm: number; pairs: boolean }[] {
  const all: ReturnType<typeof runs> = [];
  for (const c of cuts) {
    const last = all[all.length - 1];
    if (last && last.title === c.title && last.lengthMm === c.lengthMm) {
      last.to = c.number;
      last.pairs ||= c.pair;
    } else {
      all.push({ from: c.number, to: c.number, title: c.title, lengthMm: c.lengthMm, pairs: c.pair });
    }
  }
  return all;
}

function inWords(plan: CutPlan, units: Units): string {
  const { totals, bars } = plan;
  if (bars.length === 0) return 'Nothing on the rack is of this wire.';
  const wires = totals.wires === 1 ? '1 wire' : `${totals.wires} wires`;
  const from = bars.length === 1 ? '1 stock' : `${bars.length} stocks`;
  const opened = totals.opened === 0 ? 'none newly opened' : `${totals.opened} newly opened`;
  const scrap = totals.scrapMm < 0.05 ? 'no scrap' : `${ruled(totals.scrapMm, units)} of scrap`;
  const lack = plan.missing.reduce((n, m) => n + m.wires, 0);
  const buy =
    lack === 0
      ? ''
      : lack === 1
        ? ' 1 wire more has to be bought for.'
        : ` ${lack} wires more have to be bought for.`;
  return `${wires} from ${from}, ${opened}, ${scrap}; the cuts take ${ruled(totals.nippedMm, units)}.${buy}`;
}

function sure(plan: CutPlan, units: Units): string {
  const { sure: s, bars } = plan;
  if (bars.length === 0) return '';
  if (s.proven) return 'No plan from this rack does better.';
  const might = [
    s.unmetMm > 0.05 ? `${ruled(s.unmetMm, units)} more cut` : '',
    s.opened > 0 ? (s.opened === 1 ? 'one stock fewer opened' : `${s.opened} stocks fewer opened`) : '',
    s.scrapMm > 0.05 ? `${ruled(s.scrapMm, units)} less scrap` : '',
  ].filter(Boolean);
  return `A better plan is not ruled out: at most ${might.join(', ')}.`;
}

function rest(bar: CutBar, units: Units): string {
  const left = ruled(bar.restMm, units);
  switch (bar.rest) {
    case 'stays':
      return `${left} stay on it`;
    case 'off-cut':
      return `${left} kept as an off-cut`;
    case 'scrap':
      return `${ruled(bar.restMm, units)} into the scrap tin`;
    case 'none':
      return 'used up';
  }
}

function Bar(props: {
  /** the stock */
  bar: CutBar;
  /** units of the drawing a millimetre */
  scale: number;
}) {
  const { bar, scale } = props;
  const colours = shades(bar.wire.metal);
  const wide = shownMm(bar) * scale;
  const goesOn = shownMm(bar) < bar.hasMm - 0.05;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${BAR}`}
      style={{ width: '100%', display: 'block' }}
      role="img"
      aria-label={`${bar.cuts.length} wires along ${bar.title}`}
    >
      <path
        d={
          goesOn ? `M0 6 H${wide - 6} l4 5.5 l-6 5.5 l6 5.5 l-4 5.5 H0 Z` : `M0.5 6 H${wide - 0.5} V28 H0.5 Z`
        }
        fill={bar.rest === 'scrap' ? 'none' : colours.glint}
        fillOpacity={0.35}
        stroke={colours.edge}
        strokeWidth={0.8}
      />
      {bar.cuts.map((c) => (
        <g key={c.number}>
          <rect
            x={c.atMm * scale}
            y={6}
            width={Math.max(1, c.lengthMm * scale)}
            height={22}
            fill={colours.light}
            stroke={colours.edge}
            strokeWidth={0.8}
          />
          {c.lengthMm * scale > TOLD && (
            <text
              x={(c.atMm + c.lengthMm / 2) * scale}
              y={22}
              textAnchor="middle"
              fontSize={14}
              fontWeight={650}
              fill="#1b1b1b"
            >
              {c.number}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}

function Cuts(props: {
  /** the stock */
  bar: CutBar;
  /** what lengths are read in */
  units: Units;
}) {
  return (
    <ul className="cuts">
      {runs(props.bar.cuts).map((r) => (
        <li key={r.from}>
          <b>{r.from === r.to ? r.from : `${r.from} to ${r.to}`}</b> {r.title}:{' '}
          {r.to > r.from && `${r.to - r.from + 1} × `}
          {ruled(r.lengthMm, props.units)}
          {r.pairs && ', pairs side by side'}
        </li>
      ))}
    </ul>
  );
}
