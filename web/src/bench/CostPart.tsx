import { WideTable } from '../kit/WideTable';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, reason } from '../api/client';
import { queries } from '../api/queries';
import type { PriceRow, PriceSheet, Pricing } from '../api/types';
import { ChoiceField } from '../kit/ChoiceField';
import { NumberField } from '../kit/NumberField';
import { TextField } from '../kit/TextField';

/** The lines of a cost in the order in which they are drawn, each with its colour. */
const LINES = [
  ['wire', 'wire in the piece', '#b5673a'],
  ['cutOff', 'wire cut off', '#e0b08d'],
  ['parts', 'bought-in parts', '#7b8798'],
  ['work', 'work', '#1e6b64'],
  ['consumables', 'bath, polish, cloths', '#b8923a'],
] as const;

const WIDE = 1000;
const BAR = 30;
/** A line narrower than this on screen carries no figure. */
const TOLD = 62;

/** What one piece costs, line by line, what it is sold for, and the rates that say so. */
export function CostPart(props: {
  /** what is priced, for the cache */
  subject: readonly unknown[];
  /** asks for the sheet */
  ask: () => Promise<PriceSheet>;
  /** where the sheet is served as a file */
  address: string;
}) {
  const cache = useQueryClient();
  const prices = useQuery(queries.prices());
  const version = prices.data?.version;
  const sheet = useQuery({
    queryKey: ['price', ...props.subject, version],
    queryFn: props.ask,
    enabled: version !== undefined,
    placeholderData: (old) => old,
    retry: false,
    gcTime: 0,
  });
  const save = useMutation({
    mutationFn: async (change: { pricing?: Partial<Pricing>; currency?: string }) => {
      const now = prices.data;
      if (!now) throw new Error('no prices yet');
      const { pricing, ...rest } = change;
      return api.savePrices(now.version, {
        ...now.prices,
        ...rest,
        pricing: { ...now.prices.pricing, ...pricing },
      });
    },
    onSuccess: (now) => {
      cache.setQueryData(queries.prices().queryKey, now);
      void cache.invalidateQueries({ queryKey: ['field'] });
    },
    onError: () => void cache.invalidateQueries({ queryKey: queries.prices().queryKey }),
  });
  const put = (change: { pricing?: Partial<Pricing>; currency?: string }) =>
    save.mutateAsync(change).then(
      () => true,
      () => false,
    );
  const rates = prices.data?.prices.pricing;
  return (
    <section aria-label="cost and price" id="cost" style={{ marginTop: 18 }}>
      <h2 className="part-title">cost and price of one piece</h2>
      {sheet.error && (
        <p className="wrong" role="alert">
          {reason(sheet.error)}
        </p>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: '8px 32px',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 400px' },
          alignItems: 'start',
        }}
      >
        <div>{sheet.data && <Sheet sheet={sheet.data} />}</div>
        {rates && sheet.data && (
          <dl className="rows">
            <NumberField
              label="an hour at the bench"
              value={rates.perHour}
              unit={sheet.data.currency}
              step={1}
              onChange={(perHour) => put({ pricing: { perHour } })}
            />
            <NumberField
              label="bath, polish, cloths: of wire and parts"
              value={Math.round(rates.consumables * 1000) / 10}
              unit="%"
              step={1}
              onChange={(percent) => put({ pricing: { consumables: percent / 100 } })}
            />
            {sheet.data.parts.map((p) => (
              <NumberField
                key={p.name}
                label={`one ${p.name}`}
                value={p.each}
                unit={sheet.data.currency}
                step={0.1}
                onChange={(each) =>
                  put({
                    pricing: {
                      parts: [
                        ...rates.parts.filter((o) => o.name.toLowerCase() !== p.name.toLowerCase()),
                        { name: p.name, each },
                      ],
                    },
                  })
                }
              />
            ))}
            <ChoiceField
              label="the price is"
              value={rates.by}
              choices={['multiple', 'margin']}
              say={(by) => (by === 'multiple' ? 'a multiple of the cost' : 'the cost and a margin')}
              onChange={(by) => put({ pricing: { by: by as Pricing['by'] } })}
            />
            {rates.by === 'multiple' ? (
              <NumberField
                label="times the cost"
                value={rates.factor}
                unit="×"
                step={0.1}
                onChange={(factor) => put({ pricing: { factor } })}
              />
            ) : (
              <NumberField
                label="margin: share of the price"
                value={Math.round(rates.margin * 1000) / 10}
                unit="%"
                step={1}
                onChange={(percent) => put({ pricing: { margin: percent / 100 } })}
              />
            )}
            <NumberField
              label="rounded up to whole"
              value={rates.roundTo}
              unit={sheet.data.currency}
              step={0.5}
              onChange={(roundTo) => put({ pricing: { roundTo } })}
            />
            <TextField
              label="currency"
              value={sheet.data.currency}
              onChange={(currency) => put({ currency })}
            />
          </dl>
        )}
      </Box>
      {save.error && (
        <p className="wrong" role="alert">
          {reason(save.error)}
        </p>
      )}
      <p className="tools-row">
        <Button href={`${props.address}/price-sheet?format=pdf`} target="_blank">
          print the price sheet
        </Button>
        <Button href={`${props.address}/price-sheet?format=csv`}>price sheet as CSV</Button>
      </p>
    </section>
  );
}

function Sheet(props: {
  /** the sheet */
  sheet: PriceSheet;
}) {
  const { sheet } = props;
  const say = (amount: number) => `${amount.toFixed(sheet.places)} ${sheet.currency}`;
  const dearest = Math.max(...sheet.rows.map((r) => r.price), 1e-9);
  const isOne = sheet.rows.length === 1 && sheet.rows[0]?.quantity === 1;
  return (
    <>
      {sheet.rows.map((row) => (
        <div key={row.label} style={{ margin: '8px 0' }}>
          <p>
            {row.label && <strong>{row.label}: </strong>}
            costs <strong>{say(row.cost)}</strong>, sells at <strong>{say(row.price)}</strong>
          </p>
          <Bar row={row} scale={WIDE / dearest} places={sheet.places} />
        </div>
      ))}
      <p className="tools-row">
        {LINES.filter(([name]) => sheet.rows.some((r) => r[name] > 0)).map(([name, title, colour]) => (
          <span key={name} style={{ display: 'inline-flex', alignItems: 'center', gap: 6, marginRight: 14 }}>
            <svg width={14} height={14} aria-hidden="true">
              <rect width={14} height={14} fill={colour} />
            </svg>
            {title}
            {isOne && ` ${say(sheet.rows[0]?.[name] ?? 0)}`}
          </span>
        ))}
      </p>
      {!isOne && (
        <WideTable label="cost and price of each size">
          <Table size="small" style={{ maxWidth: 760 }}>
            <TableHead>
              <TableRow>
                <TableCell>size</TableCell>
                <TableCell align="right">pieces</TableCell>
                <TableCell align="right">cost each</TableCell>
                <TableCell align="right">price each</TableCell>
                <TableCell align="right">cost of all</TableCell>
                <TableCell align="right">price of all</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {sheet.rows.map((r) => (
                <TableRow key={r.label}>
                  <TableCell>{r.label || 'one size'}</TableCell>
                  <TableCell align="right">{r.quantity}</TableCell>
                  <TableCell align="right">{say(r.cost)}</TableCell>
                  <TableCell align="right">{say(r.price)}</TableCell>
                  <TableCell align="right">{say(r.allCost)}</TableCell>
                  <TableCell align="right">{say(r.allPrice)}</TableCell>
                </TableRow>
              ))}
              <TableRow>
                <TableCell>
                  <strong>all</strong>
                </TableCell>
                <TableCell align="right">{sheet.rows.reduce((n, r) => n + r.quantity, 0)}</TableCell>
                <TableCell />
                <TableCell />
                <TableCell align="right">
                  <strong>{say(sheet.cost)}</strong>
                </TableCell>
                <TableCell align="right">
                  <strong>{say(sheet.price)}</strong>
                </TableCell>
              </TableRow>
            </TableBody>
          </Table>
        </WideTable>
      )}
      {sheet.unpriced.length > 0 && (
        <p className="wrong">Without a price, and not in the sums: {sheet.unpriced.join(', ')}.</p>
      )}
      <p className="why">
        Wire cut off: handles, filing and two cuts a wire. Work: hands-on minutes of the bench card, an
        estimate. Every line is rounded to the smallest coin, the price is rounded up.
      </p>
    </>
  );
}

function Bar(props: {
  /** what one piece costs */
  row: PriceRow;
  /** units of the drawing an amount of one */
  scale: number;
  /** places behind the point */
  places: number;
}) {
  const { row, scale, places } = props;
  const ends = LINES.reduce<number[]>((all, [name]) => [...all, (all[all.length - 1] ?? 0) + row[name]], []);
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${BAR}`}
      style={{ width: '100%', maxWidth: WIDE, display: 'block' }}
      role="img"
      aria-label={LINES.map(([name, title]) => `${title} ${row[name].toFixed(places)}`).join(', ')}
    >
      <rect
        x={0.5}
        y={0.5}
        width={Math.max(1, row.price * scale - 1)}
        height={BAR - 1}
        fill="none"
        stroke="var(--ink-soft)"
        strokeDasharray="5 4"
      />
      {LINES.map(([name, , colour], i) => {
        const from = ((ends[i] ?? 0) - row[name]) * scale;
        const wide = row[name] * scale;
        return (
          <g key={name}>
            <rect x={from} y={0} width={wide} height={BAR} fill={colour} />
            {wide > TOLD && (
              <text
                x={from + wide / 2}
                y={BAR / 2 + 5}
                textAnchor="middle"
                fontSize={15}
                fontWeight={650}
                fill={name === 'cutOff' || name === 'consumables' ? '#1b1b1b' : '#ffffff'}
              >
                {row[name].toFixed(places)}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
