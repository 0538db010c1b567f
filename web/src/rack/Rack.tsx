import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { Link } from 'react-router';
import type { OnRack, RackAnswer } from '../api/types';
import { useSettings } from '../kit/settings';
import { mass, money } from '../kit/units';
import { useSize } from '../wire/useSize';
import { amountOf } from './stock';
import { Coil, Length, Parts, Spool } from './Drawn';
import { History } from './History';
import { NewStock } from './NewStock';
import { RackFile } from './RackFile';
import { StockInHand } from './StockInHand';
import { useRack } from './useRack';

const NAME_PX = 300;

/** The rack: spools at their fill, lengths and off-cuts at one scale, parts in their dishes, and the scrap tin. */
export function Rack() {
  const { rack, book, wrong, booking } = useRack();
  const [chosen, setChosen] = useState<string>();
  const [adding, setAdding] = useState(false);
  if (rack.error) return <p role="alert">{rack.error.message}</p>;
  if (!rack.data) return <p role="status">Looking at the rack …</p>;
  const held = rack.data.held.find((h) => h.stock.id === chosen);
  return (
    <div className="bench">
      <Hanging
        rack={rack.data}
        chosen={chosen}
        onChoose={(id) => {
          setAdding(false);
          setChosen(id);
        }}
      />
      <aside className="side" aria-label="the stock in hand">
        {adding ? (
          <NewStock
            names={rack.data.held.map((h) => h.stock.name)}
            currency={rack.data.currency}
            busy={booking}
            onAdd={async (stock, line) => {
              if (await book({ what: 'bought', stocks: [stock], lines: [line] })) {
                setAdding(false);
                setChosen(stock.id);
              }
            }}
            onLeave={() => setAdding(false)}
          />
        ) : held ? (
          <StockInHand key={held.stock.id} held={held} currency={rack.data.currency} book={book} />
        ) : (
          <>
            <p className="why">
              {rack.data.held.length === 0
                ? 'Nothing hangs here yet. Add what you have: by length or by weight.'
                : 'Take a stock in hand to book what came or went. What a piece is cut from is planned under cut from the rack.'}
            </p>
            <ScrapTin rack={rack.data} />
          </>
        )}
        {wrong && (
          <p className="wrong" role="alert">
            {wrong}
          </p>
        )}
        {!adding && (
          <History
            rack={rack.data}
            onUndo={(undoes) => void book({ what: 'undone', undoes })}
            onCut={(b) =>
              void book({ what: 'cut', lines: b.entry.lines, note: b.entry.note, undoes: b.number })
            }
          />
        )}
      </aside>
      <div className="across tools-row">
        <Button variant="contained" onClick={() => setAdding(true)}>
          add a stock
        </Button>
        <Button component={Link} to="/rack/cut">
          cut from the rack
        </Button>
        <span className="apart" />
        <RackFile book={book} />
      </div>
    </div>
  );
}

function Hanging(props: {
  /** the rack */
  rack: RackAnswer;
  /** the stock in hand */
  chosen: string | undefined;
  /** called with another */
  onChoose: (id: string) => void;
}) {
  const { rack, chosen, onChoose } = props;
  const { ref, width } = useSize();
  const of = (...forms: OnRack['stock']['form'][]) => rack.held.filter((h) => forms.includes(h.stock.form));
  const wound = of('spool', 'coil');
  const lengths = [...of('length', 'off-cut')].sort((a, b) => b.has - a.has);
  const parts = of('parts');
  const longest = lengths[0]?.has ?? 1;
  const scale = Math.max(0.05, (width - NAME_PX - 60) / longest);
  return (
    <Box ref={ref} className="mat" sx={{ overflow: 'auto !important', p: '14px 20px' }}>
      {wound.length > 0 && (
        <Shelf title="on spools and coils">
          {wound.map((h) => (
            <Stand key={h.stock.id} held={h} on={h.stock.id === chosen} onChoose={onChoose}>
              {h.stock.form === 'spool' ? <Spool held={h} /> : <Coil held={h} />}
            </Stand>
          ))}
        </Shelf>
      )}
      {lengths.length > 0 && (
        <section aria-label="lengths and off-cuts">
          <h2 className="part-title">lengths and off-cuts, at one scale</h2>
          {lengths.map((h) => (
            <Lying key={h.stock.id} held={h} on={h.stock.id === chosen} scale={scale} onChoose={onChoose} />
          ))}
        </section>
      )}
      {parts.length > 0 && (
        <Shelf title="bought-in parts">
          {parts.map((h) => (
            <Stand key={h.stock.id} held={h} on={h.stock.id === chosen} onChoose={onChoose}>
              <Parts held={h} />
            </Stand>
          ))}
        </Shelf>
      )}
      {rack.held.length === 0 && <p className="why">The rack is empty.</p>}
    </Box>
  );
}

function Shelf(props: {
  /** what stands on it */
  title: string;
  /** the stocks */
  children: React.ReactNode;
}) {
  return (
    <section aria-label={props.title}>
      <h2 className="part-title">{props.title}</h2>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))',
          gap: '4px 8px',
          my: '4px',
        }}
      >
        {props.children}
      </Box>
    </section>
  );
}

/** What everything on the rack looks like when it is in hand or pointed at. */
const TOUCH = {
  font: 'inherit',
  color: 'inherit',
  borderRadius: '3px',
  '&:hover': { background: 'var(--touch-soft)' },
  '&[aria-pressed="true"]': { boxShadow: 'inset 0 0 0 2px var(--touch)' },
} as const;

function Stand(props: {
  /** the stock */
  held: OnRack;
  /** whether it is in hand */
  on: boolean;
  /** takes it in hand */
  onChoose: (id: string) => void;
  /** how it looks */
  children: React.ReactNode;
}) {
  const { held } = props;
  const { units } = useSettings();
  return (
    <ButtonBase
      aria-pressed={props.on}
      onClick={() => props.onChoose(held.stock.id)}
      sx={{ ...TOUCH, flexDirection: 'column', justifyContent: 'flex-start', p: '6px', gap: '2px' }}
    >
      {props.children}
      <strong>{amountOf(held.stock.form, held.has, units)}</strong>
      <span>{held.stock.name}</span>
      <Low held={held} />
    </ButtonBase>
  );
}

function Lying(props: {
  /** the stock */
  held: OnRack;
  /** whether it is in hand */
  on: boolean;
  /** px a millimetre */
  scale: number;
  /** takes it in hand */
  onChoose: (id: string) => void;
}) {
  const { held } = props;
  const { units } = useSettings();
  return (
    <ButtonBase
      aria-pressed={props.on}
      onClick={() => props.onChoose(held.stock.id)}
      sx={{ ...TOUCH, display: 'grid', gridTemplateColumns: `${NAME_PX}px 1fr`, width: '100%', p: '5px 6px' }}
    >
      <Box component="span" sx={{ display: 'flex', gap: '10px', alignItems: 'baseline', textAlign: 'left' }}>
        <Box component="strong" sx={{ minWidth: 62, textAlign: 'right', whiteSpace: 'nowrap' }}>
          {amountOf(held.stock.form, held.has, units)}
        </Box>
        <span>{held.stock.name}</span>
        <Low held={held} />
      </Box>
      <Length held={held} scale={props.scale} />
    </ButtonBase>
  );
}

function Low(props: {
  /** the stock */
  held: OnRack;
}) {
  const { units } = useSettings();
  const { held } = props;
  if (held.aside > 0) {
    return (
      <Box component="span" sx={{ color: 'var(--ink-soft)' }}>
        {amountOf(held.stock.form, held.aside, units)} set aside
      </Box>
    );
  }
  return held.isLow ? (
    <Box component="span" sx={{ color: 'var(--mind)', fontWeight: 650 }}>
      {held.has === 0 ? 'used up' : 'running low'}
    </Box>
  ) : null;
}

function ScrapTin(props: {
  /** the rack */
  rack: RackAnswer;
}) {
  const { scrap, currency } = props.rack;
  return (
    <section aria-label="scrap tin">
      <h2 className="part-title">scrap tin</h2>
      {scrap.length === 0 ? (
        <p className="why">
          Nothing in it. What is cut from the rack drops its waste and short ends in here.
        </p>
      ) : (
        <>
          <dl className="rows">
            {scrap.map((s) => (
              <div key={s.metal}>
                <dt>{s.title}</dt>
                <dd>
                  {mass(s.massG)}
                  {s.worth !== undefined && ` · ${money(s.worth, currency)}`}
                </dd>
              </div>
            ))}
          </dl>
          <p className="why">Worth as new wire; who buys scrap pays less.</p>
        </>
      )}
    </section>
  );
}
