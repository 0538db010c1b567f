import Button from '@mui/material/Button';
import { useState } from 'react';
import type { OnRack, RackEntry, Stock } from '../api/types';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';
import { NumberField } from '../kit/NumberField';
import { Row } from '../kit/Row';
import { TextField } from '../kit/TextField';
import { useSettings } from '../kit/settings';
import { mass, money } from '../kit/units';
import { amountOf } from './stock';

type What = 'bought' | 'found' | 'cut' | 'lost' | 'corrected';

const SAYS: Record<What, string> = {
  bought: 'bought more',
  found: 'found more',
  cut: 'used',
  lost: 'lost',
  corrected: 'measured: there are',
};

/** A stock: what is left of it, what it is worth, and what came or went. */
export function StockInHand(props: {
  /** the stock */
  held: OnRack;
  /** what amounts are written in */
  currency: string;
  /** books an entry; says whether it was taken */
  book: (entry: Partial<RackEntry> & Pick<RackEntry, 'what'>) => Promise<boolean>;
}) {
  const { held, book } = props;
  const { stock } = held;
  const { units } = useSettings();
  const [what, setWhat] = useState<What>('bought');
  const [amount, setAmount] = useState(stock.form === 'parts' ? 10 : 1000);
  const [by, setBy] = useState<'length' | 'weight'>('length');
  const [g, setG] = useState(50);
  const [paid, setPaid] = useState(0);
  const isParts = stock.form === 'parts';
  const describe = (other: Partial<Stock>) => book({ what: 'described', stocks: [{ ...stock, ...other }] });
  const take = (value: number) => {
    setAmount(value);
    return Promise.resolve(true);
  };
  const byWeight = !isParts && by === 'weight';
  const typed = byWeight ? g : amount;
  const now = byWeight ? (held.massG ?? 0) : held.has;
  const change = what === 'corrected' ? typed - now : what === 'cut' || what === 'lost' ? -typed : typed;
  return (
    <section aria-label={stock.name}>
      <h2 className="part-title">{stock.name}</h2>
      <div className="big">
        <b>{amountOf(stock.form, held.has, units).replace(/ [^ ]*$/, '')}</b>
        <span className="unit">{amountOf(stock.form, held.has, units).replace(/^.* /, '')}</span>
        {held.massG !== undefined && <span className="other">{mass(held.massG)}</span>}
      </div>
      <dl className="rows">
        {held.wireInWords && <Row label="wire" value={held.wireInWords} />}
        {held.gaugesInWords && <Row label="gauges" value={held.gaugesInWords} />}
        {held.aside > 0 && <Row label="set aside" value={amountOf(stock.form, held.aside, units)} />}
        {held.worth !== undefined && <Row label="worth" value={money(held.worth, props.currency)} />}
        <TextField label="label" value={stock.name} onChange={(name) => describe({ name })} />
        <TextField label="where it lies" value={stock.where} onChange={(where) => describe({ where })} />
        {isParts ? (
          <NumberField
            label="running low below"
            value={stock.low}
            unit=""
            step={1}
            onChange={(low) => describe({ low })}
          />
        ) : (
          <LengthField label="running low below" mm={stock.low} onChange={(low) => describe({ low })} />
        )}
      </dl>
      <h3 className="part-title">book</h3>
      <dl className="rows">
        <ChoiceField
          label="what happened"
          value={what}
          choices={Object.keys(SAYS)}
          say={(w) => SAYS[w as What]}
          onChange={(w) => setWhat(w as What)}
        />
        {!isParts && (
          <ChoiceField
            label="known by"
            value={by}
            choices={['length', 'weight']}
            onChange={(w) => setBy(w as typeof by)}
          />
        )}
        {byWeight ? (
          <NumberField
            label="how much"
            value={g}
            unit="g"
            step={1}
            onChange={(weight) => {
              setG(weight);
              return Promise.resolve(true);
            }}
          />
        ) : isParts ? (
          <NumberField label="how many" value={amount} unit="" step={1} onChange={take} />
        ) : (
          <LengthField label="how much" mm={amount} onChange={take} />
        )}
        {what === 'bought' && (
          <NumberField
            label="paid"
            value={paid}
            unit={props.currency}
            step={1}
            onChange={(sum) => {
              setPaid(sum);
              return Promise.resolve(true);
            }}
          />
        )}
      </dl>
      <p className="tools-row">
        <Button
          variant="outlined"
          disabled={change === 0}
          onClick={() =>
            void book({
              what,
              lines: [
                {
                  stock: stock.id,
                  by: change,
                  in: isParts ? 'pieces' : byWeight ? 'g' : 'mm',
                  scrapMm: 0,
                  paid: what === 'bought' ? paid : 0,
                },
              ],
            })
          }
        >
          book it
        </Button>
      </p>
    </section>
  );
}
