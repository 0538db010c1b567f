import './measure.css';
import { useWorkLeft } from '../bench/workLeft';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import { queries } from '../api/queries';
import type { MeasuredQuestion, Metal, Plan, Purpose, Temper, WayOut, Wire } from '../api/types';
import { InstrumentButton } from '../kit/InstrumentButton';
import { ChoiceField } from '../kit/ChoiceField';
import { LengthField } from '../kit/LengthField';
import { useSettings } from '../kit/settings';
import { grams, load, words } from '../kit/units';
import { Squeeze } from '../wire/Squeeze';
import { FormView } from '../wire/FormView';

const PURPOSES: Purpose[] = ['pendant', 'necklace-closure', 'bracelet-closure', 'bangle-closure', 'link'];

const FAILURES: [MeasuredQuestion['fails'], string][] = [
  ['opens', 'it opens'],
  ['snaps', 'it snaps'],
  ['too-loose', 'it slips off'],
];

const NEEDS: Record<WayOut['needs'], string> = {
  'tools-owned': 'on the hook as it is, with your tools',
  'made-anew': 'a new one of the same wire, on your tools',
  'other-wire': 'a new one of other wire',
};

/** A finished hook that fails: measured, what it holds, and the ways out, what takes least first. */
export function MeasureIt() {
  const metals = useQuery(queries.metals());
  const go = useNavigate();
  const cache = useQueryClient();
  const { units } = useSettings();
  const [thickness, setThickness] = useState(1.0);
  const [inside, setInside] = useState(7);
  const [metal, setMetal] = useState<Metal>('copper');
  const workLeft = useWorkLeft(metal);
  const [temper, setTemper] = useState<Temper>('dead-soft');
  const [purpose, setPurpose] = useState<Purpose>('necklace-closure');
  const [fails, setFails] = useState<MeasuredQuestion['fails']>('opens');
  const tempers = metals.data?.find((m) => m.metal === metal)?.tempers ?? [temper];
  const wire: Wire = {
    metal,
    temper: tempers.includes(temper) ? temper : (tempers[0] ?? temper),
    finish: 'bare',
    section: { shape: 'round', diameterMm: thickness },
  };
  const question: MeasuredQuestion = { wire, insideMm: inside, purpose, fails };
  const found = useQuery({
    queryKey: ['measured', question, units],
    queryFn: ({ signal }) => api.measured(question, units, signal),
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
  const piece = found.data?.piece;
  const plan = useQuery({
    queryKey: ['measured-plan', piece, units],
    queryFn: ({ signal }) => api.plan(piece as never, units, 'last', signal),
    enabled: piece !== undefined,
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
  const make = useMutation({
    mutationFn: (way: WayOut) => api.create(way.piece),
    onSuccess: (kept) => {
      void cache.invalidateQueries({ queryKey: ['pieces'], exact: true });
      void go(`/pieces/${kept.id}/harden`, {
        state: { says: 'The measured hook lies on the tray now; here is what was chosen for it.' },
      });
    },
  });
  const bend = plan.data?.strands[0]?.elements.find((e) => e.id === found.data?.element);
  return (
    <div className="bench measure-it">
      <div className="measure-left">
        <div className="tools-row">
          <Button component={Link} to="/tray">
            back to the tray
          </Button>
          <h2 style={{ fontSize: 20, marginLeft: 8 }}>I have one: measure it</h2>
        </div>
        {plan.data ? (
          <FormView wires={wiresOf(plan.data)} label="a hook as it was measured" share={0.72} />
        ) : (
          <div className="mat" aria-busy="true" />
        )}
        {bend && (
          <div className="measure-pull">
            <Squeeze planned={bend} thicknessMm={thickness} metal={metal} />
            <div className="measure-says">
              {bend.holdN !== undefined && (
                <div className="big">
                  <span className="unit">holds</span>
                  <b data-testid="holds">{grams(bend.holdN)}</b>
                  <span className="other">{bend.holdN.toFixed(1)} N</span>
                </div>
              )}
              <p>{found.data?.says}</p>
            </div>
          </div>
        )}
      </div>
      <aside className="side" aria-label="what was measured">
        <dl className="rows">
          <LengthField
            label="wire, thickness"
            fine
            mm={thickness}
            onChange={(mm) => {
              setThickness(mm);
              return Promise.resolve(true);
            }}
            beside={
              <InstrumentButton
                from="calliper"
                what="thickness of the wire"
                about={thickness}
                onRead={setThickness}
              />
            }
          />
          <LengthField
            label="bend, inside"
            mm={inside}
            onChange={(mm) => {
              setInside(mm);
              return Promise.resolve(true);
            }}
            beside={
              <InstrumentButton from="calliper" what="inside of the bend" about={inside} onRead={setInside} />
            }
          />
          <ChoiceField
            label="metal"
            value={metal}
            choices={metals.data?.map((m) => m.metal) ?? [metal]}
            onChange={(m) => setMetal(m as Metal)}
          />
          <ChoiceField
            label="bought as"
            value={wire.temper}
            choices={tempers}
            onChange={(t) => setTemper(t as Temper)}
          />
          <ChoiceField
            label="what it closes"
            value={purpose}
            choices={PURPOSES}
            onChange={(p) => setPurpose(p as Purpose)}
          />
        </dl>
        <div className="tools-row" role="group" aria-label="how it fails">
          {FAILURES.map(([word, label]) => (
            <ToggleButton key={word} value="on" selected={word === fails} onClick={() => setFails(word)}>
              {label}
            </ToggleButton>
          ))}
        </div>
        {found.error ? (
          <p className="wrong" role="alert">
            {found.error.message}
          </p>
        ) : (
          <>
            <h2 className="part-title">what you can do</h2>
            <ol className="ways" aria-busy={found.isPlaceholderData}>
              {found.data?.ways.map((way) => (
                <li key={way.instead}>
                  <Button disabled={make.isPending} onClick={() => make.mutate(way)}>
                    {way.instead}
                  </Button>
                  <span>
                    {NEEDS[way.needs]}
                    {way.holdsN !== undefined && (
                      <>
                        ; holds <b>{load(way.holdsN)}</b>
                      </>
                    )}
                    , work left before it cracks {workLeft(way.strainLeft)}
                    {way.formedBy !== 'fingers' && `, takes ${words(way.formedBy)}`}
                  </span>
                </li>
              ))}
            </ol>
            {found.data?.ways.length === 0 && (
              <p className="why">
                Nothing that was tried does: this metal and size will not hold {load(found.data.wantsN)}.
              </p>
            )}
            <p className="why">
              Pressing one puts a piece with it on the tray. Loads are estimates, good to about ±25 %.
            </p>
          </>
        )}
      </aside>
    </div>
  );
}

function wiresOf(plan: Plan) {
  return plan.strands.map((s) => ({
    metal: s.wire.metal,
    outline: s.outline,
    widths: s.states.at(-1)?.stations.map((w) => w.drawnMm) ?? [],
    crossings: s.crossings,
  }));
}
