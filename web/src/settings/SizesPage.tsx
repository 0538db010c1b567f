import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { api } from '../api/client';
import type { Sizes, Worn } from '../api/types';
import { LengthField } from '../kit/LengthField';
import { Row } from '../kit/Row';
import { useSettings } from '../kit/settings';
import { length, lengthNumber, unitWord, words } from '../kit/units';

const PrintDialog = lazy(() => import('../print/PrintDialog').then((m) => ({ default: m.PrintDialog })));

const WORN: [Worn, string, string, number][] = [
  ['ring', 'finger ring', 'girth of the finger', 54],
  ['bangle', 'closed bangle', 'girth of the closed hand', 210],
  ['opening-bangle', 'bangle that opens', 'girth of the wrist', 170],
  ['bracelet', 'bracelet', 'girth of the wrist', 170],
  ['chain', 'chain', 'girth of the neck', 360],
];

/** From a girth on the body to the size of a piece, drawn as it lies round it. */
export function SizesPage() {
  const { units } = useSettings();
  const [worn, setWorn] = useState<Worn>('ring');
  const [girths, setGirths] = useState<Partial<Record<Worn, number>>>({});
  const [eases, setEases] = useState<Partial<Record<Worn, number>>>({});
  const [thicknessMm, setThickness] = useState(1.6);
  const [widthMm, setWidth] = useState(3.2);
  const [printing, setPrinting] = useState(false);
  const [, , what, usual] = WORN.find(([w]) => w === worn) as (typeof WORN)[number];
  const girthMm = girths[worn] ?? usual;
  const easeMm = eases[worn];
  const size = useQuery({
    queryKey: ['sizes', worn, girthMm, easeMm, thicknessMm, widthMm],
    queryFn: () =>
      api.sizes({ worn, girthMm, thicknessMm, widthMm, ...(easeMm !== undefined && { easeMm }) }),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const taken = (put: () => void) => {
    put();
    return Promise.resolve(true);
  };
  const has = size.data;
  const long = worn === 'bracelet' || worn === 'chain';
  return (
    <div className="bench sizes-page">
      <div className="mat">
        {has && <Girth has={has} girthMm={girthMm} thicknessMm={thicknessMm} what={words(what)} />}
      </div>
      <aside className="side" aria-label="size">
        <div className="tools-row tight" role="group" aria-label="what is worn">
          {WORN.map(([w, name]) => (
            <ToggleButton key={w} value="on" selected={w === worn} onClick={() => setWorn(w)}>
              {name}
            </ToggleButton>
          ))}
        </div>
        {has && (
          <div className="big">
            <b>{lengthNumber(long ? has.size.lengthMm : has.size.insideMm, units)}</b>
            <span className="unit">
              {unitWord(units)} {long ? 'along the middle' : 'inside'}
            </span>
          </div>
        )}
        <dl className="rows">
          <LengthField
            key={`${worn}g`}
            label={what}
            mm={girthMm}
            onChange={(mm) => taken(() => setGirths({ ...girths, [worn]: mm }))}
          />
          {worn !== 'ring' && worn !== 'bangle' && (
            <LengthField
              key={`${worn}e`}
              label="ease"
              mm={easeMm ?? has?.easeMm ?? 10}
              onChange={(mm) => taken(() => setEases({ ...eases, [worn]: mm }))}
            />
          )}
          <LengthField
            label="thickness off the skin"
            mm={thicknessMm}
            onChange={(mm) => taken(() => setThickness(mm))}
          />
          {worn === 'ring' && (
            <LengthField
              label="width along the finger"
              mm={widthMm}
              onChange={(mm) => taken(() => setWidth(mm))}
            />
          )}
          {has && (
            <>
              <Row label="round the inside" value={length(has.size.roundMm, units)} />
              {!long && <Row label="round the middle of the wire" value={length(has.size.lengthMm, units)} />}
              {has.size.rings.map((r) => (
                <Row key={r.system} label={`ring size ${r.system.toUpperCase()}`} value={r.size} />
              ))}
            </>
          )}
        </dl>
        {size.error && (
          <p className="wrong" role="alert">
            {size.error.message}
          </p>
        )}
        {has && <p className="why">Because: {has.size.because}.</p>}
        <Button onClick={() => setPrinting(true)}>print a strip to wrap round</Button>
      </aside>
      {printing && (
        <Suspense>
          <PrintDialog name="strip" onClose={() => setPrinting(false)} />
        </Suspense>
      )}
    </div>
  );
}

/** The girth as a round, the piece round it with its thickness, and the ease between. */
function Girth(props: {
  /** the size */
  has: Sizes;
  /** girth on the body, mm */
  girthMm: number;
  /** how far it stands off, mm */
  thicknessMm: number;
  /** what the girth is of */
  what: string;
}) {
  const { has, girthMm, thicknessMm } = props;
  const { units } = useSettings();
  const body = girthMm / Math.PI;
  const inside = has.size.insideMm;
  const reach = (inside + 2 * thicknessMm) / 2 + 4;
  const font = reach / 13;
  const off = (inside - body) / 2;
  return (
    <svg
      width="100%"
      height="100%"
      viewBox={`${-1.5 * reach} ${-reach} ${3 * reach} ${2 * reach}`}
      role="img"
      aria-label={`inside ${length(inside, units)}`}
    >
      <circle r={body / 2} cy={off} fill="#E9CDB8" stroke="#B98D70" strokeWidth={reach / 260} />
      <circle r={inside / 2 + thicknessMm / 2} fill="none" stroke="#74391B" strokeWidth={thicknessMm} />
      <circle r={inside / 2 + thicknessMm / 2} fill="none" stroke="#C07748" strokeWidth={thicknessMm * 0.8} />
      <circle
        r={inside / 2 + thicknessMm * 0.6}
        fill="none"
        stroke="#EFBE9B"
        strokeWidth={thicknessMm * 0.14}
      />
      <g stroke="var(--ink-on-skin, #20302F)" strokeWidth={reach / 260}>
        <line x1={-inside / 2} x2={inside / 2} y1="0" y2="0" />
        <line x1={-inside / 2} x2={-inside / 2} y1={-font / 2} y2={font / 2} />
        <line x1={inside / 2} x2={inside / 2} y1={-font / 2} y2={font / 2} />
      </g>
      <text textAnchor="middle" y={-font / 2} fontSize={font} fill="#20302F">
        {length(inside, units)}
      </text>
      <text textAnchor="middle" y={1.5 * font} fontSize={font * 0.72} fill="#20302F">
        {props.what}: {length(girthMm, units)} round
      </text>
    </svg>
  );
}
