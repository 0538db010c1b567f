import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { api } from '../../api/client';
import { queries } from '../../api/queries';
import type { Colour as Bath, Metal, Piece, Plan, Strip, StripQuestion } from '../../api/types';
import { AdviceList } from '../../bench/AdviceList';
import { useBench } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { RecipeFields, type Recipe as Bathed } from '../../kit/RecipeFields';
import { Row } from '../../kit/Row';
import { useSettings } from '../../kit/settings';
import { words } from '../../kit/units';
import { BathStrip } from './BathStrip';
import { clock } from '../../kit/clock';
import { ColourForm } from './ColourForm';
import { RECIPES, schoolOf, type SchoolOfColour } from './schools';

/** The strip is drawn in so many colours. */
const LOOKS = 500;
/** It ends a little after black. */
const BEYOND = 1.12;
/** Said beneath the strip, where it is always seen. */
const GAS = 'sulfide bath';
const OTHER_TOPICS = ['porous stones', 'drying', 'sealer'];
const TOOLS = ['steel-wool', 'pad', 'cloth', 'glass-bristle', 'tumbler', 'emery', 'block'];

/** What of the bath a strip is asked by. */
function recipeOf(bath: Bath): Bathed {
  return {
    form: bath.bath,
    drops: bath.drops,
    volumeMl: bath.volumeMl,
    temperatureC: bath.temperatureC,
  };
}

/** The strip of a metal to a time; without one long enough to reach black. */
async function wholeStrip(metal: Metal, bath: Bath, untilS: number | undefined): Promise<Strip> {
  const question = { metal, bath: recipeOf(bath) };
  const until = untilS ?? (await blackS(question));
  return api.strip({ ...question, untilS: until, stepS: until / LOOKS });
}

/** When a metal is black, and a little more, s. */
async function blackS(question: Omit<StripQuestion, 'untilS' | 'stepS'>): Promise<number> {
  const { stops } = await api.strip({ ...question, untilS: 1, stepS: 1 });
  const black = stops[stops.length - 1]?.tS ?? 1;
  return Math.min(86_400, Math.max(1, black * BEYOND));
}

/** The bath: how strong, how hot, how long, where to stop, what stays dark. */
export function Colour() {
  const { piece, plan, change } = useBench();
  const metals = useQuery(queries.metals());
  const [pulled, setPulled] = useState<Bath['stopAt']>();
  const [share, setShare] = useState<number>();
  const bath = piece.colour;
  const shown = bath ?? RECIPES.brown;
  const takes = useMemo(() => {
    const none = new Set((metals.data ?? []).filter((m) => m.sulfide === 'none').map((m) => m.metal));
    return [...new Set(plan.strands.map((s) => s.wire.metal))].filter((m) => !none.has(m));
  }, [metals.data, plan]);
  const first = takes[0];
  const lead = useQuery({
    queryKey: ['strip', first, recipeOf(shown)],
    queryFn: () => wholeStrip(first as Metal, shown, undefined),
    enabled: metals.data !== undefined && first !== undefined,
    placeholderData: keepPreviousData,
  });
  const untilS = lead.data?.looks[lead.data.looks.length - 1]?.tS;
  const others = useQueries({
    queries: takes.slice(1, 4).map((metal) => ({
      queryKey: ['strip', metal, recipeOf(shown), untilS],
      queryFn: () => wholeStrip(metal, shown, untilS),
      enabled: untilS !== undefined,
    })),
  });
  const places = useQuery({
    queryKey: ['places', piece.strands, piece.parts, piece.work, piece.joins],
    queryFn: ({ signal }) => api.places(piece, signal),
    placeholderData: keepPreviousData,
    enabled: bath !== undefined,
  });
  const strips = takes.flatMap((metal, i) => {
    const strip = i === 0 ? lead.data : others[i - 1]?.data;
    return strip ? [{ metal, strip }] : [];
  });
  const stopAt = pulled ?? shown.stopAt;
  const polishBack = share ?? shown.polishBack;
  const stop = lead.data?.stops.find((s) => s.name === stopAt);
  const out = useShades(strips, stop?.tS, 0, shown.polishWith);
  const back = useShades(strips, stop?.tS, polishBack, shown.polishWith);
  const set = (more: Partial<Bath>) =>
    change((p) => ({ ...p, colour: { ...(p.colour ?? RECIPES.brown), ...more } }));
  const school = (next: SchoolOfColour | null) => {
    if (next === null) return;
    void change((p) => (next === 'bright' ? without(p) : { ...p, colour: RECIPES[next] }));
  };
  if (metals.data && first === undefined) return <Bright plan={plan} />;
  return (
    <div className="bench colour">
      <div className={bath && polishBack > 0 ? 'colour-forms two' : 'colour-forms'}>
        {!bath && (
          <ColourForm plan={plan} places={undefined} shades={NONE} says="bright, as it leaves the bench" />
        )}
        {bath && (
          <ColourForm
            plan={plan}
            places={places.data}
            shades={out}
            says={`out of the bath: ${stop?.look ?? words(stopAt)}`}
          />
        )}
        {bath && polishBack > 0 && (
          <ColourForm
            plan={plan}
            places={places.data}
            shades={back}
            says={`polished back ${Math.round(100 * polishBack)} %: what lies hidden stays dark`}
          />
        )}
      </div>
      <aside className="side" aria-label="bath">
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="what is done"
          value={schoolOf(bath)}
          onChange={(_, next: SchoolOfColour | null) => school(next)}
        >
          <ToggleButton value="bright">bright</ToggleButton>
          <ToggleButton value="brown">brown, stop</ToggleButton>
          <ToggleButton value="black">black, polish</ToggleButton>
        </ToggleButtonGroup>
        {bath && stop && lead.data && <When stop={stop} strip={lead.data} />}
        {bath && <Recipe bath={shown} set={set} polishBack={polishBack} onPolish={setShare} />}
        {!bath && (
          <p className="why">
            Nothing is darkened. Choose a school, and the strip below says when it is which colour.
          </p>
        )}
        <AdviceList
          advice={plan.advice.filter((a) => a.where.startsWith('colour') || a.rule === 'porous-stone')}
        />
        {bath && <OnTheCard plan={plan} />}
        {bath &&
          plan.cautions
            .filter((c) => OTHER_TOPICS.includes(c.topic))
            .map((c) => (
              <p key={c.topic} className="advice mind">
                <b>{c.topic}</b> {c.message}
              </p>
            ))}
      </aside>
      <div className="across">
        {strips.length > 0 && (
          <BathStrip
            strips={strips}
            stopAt={bath && stopAt}
            onPull={setPulled}
            onStop={(next) => {
              setPulled(undefined);
              void set({ stopAt: next });
            }}
          />
        )}
        {bath && lead.data && stop && <p className="strip-says">{looksUntil(lead.data, stop)}</p>}
        {plan.cautions
          .filter((c) => c.topic === GAS)
          .map((c) => (
            <p key={c.topic} className="advice mind wide">
              <b>{c.topic}</b> {c.message}
            </p>
          ))}
      </div>
    </div>
  );
}

const NONE = {};

function without(piece: Piece): Piece {
  const { colour, ...bright } = piece;
  return colour ? (bright as Piece) : piece;
}

/** Shades of every metal at a moment of the bath, from a high place to a hidden one. */
function useShades(
  strips: readonly { metal: Metal; strip: Strip }[],
  tS: number | undefined,
  polishBack: number,
  polishWith: Bath['polishWith'],
): Record<string, readonly string[]> {
  const answers = useQueries({
    queries: strips.map(({ metal, strip }) => {
      const step = strip.looks[1]?.tS ?? 1;
      const film = strip.looks[Math.min(strip.looks.length - 1, Math.round((tS ?? 0) / step))]?.filmNm ?? 0;
      const question = { metal, filmNm: Math.min(400, film), polishBack, polishWith };
      return {
        queryKey: ['finish', question],
        queryFn: () => api.finish(question),
        enabled: tS !== undefined,
        placeholderData: keepPreviousData,
        staleTime: Infinity,
      };
    }),
  });
  const known = answers.map((a) => a.data);
  const key = JSON.stringify([strips.map((s) => s.metal), known]);
  // The same object for the same shades, so that the form is not drawn again.
  return useMemo(() => {
    const [of, all] = JSON.parse(key) as [Metal[], ({ polished: string[] } | null)[]];
    return Object.fromEntries(of.flatMap((metal, i) => (all[i] ? [[metal, all[i].polished]] : [])));
  }, [key]);
}

/** How often to look on the way to a stop. */
function looksUntil(strip: Strip, stop: Strip['stops'][number]): string {
  const due = (look: string) => strip.stops.find((s) => s.look === look)?.tS ?? 0;
  const rows = strip.lookEvery.filter((_, i) => due(strip.lookEvery[i - 1]?.until ?? '') < stop.tS);
  const said = rows.map((l, i) => `every ${l.everyS} s until ${i === rows.length - 1 ? stop.look : l.until}`);
  return `Look ${said.join(', then ')}. The clock is only a guide: the eye decides.`;
}

/** When to take it out. */
function When(props: {
  /** the stop */
  stop: Strip['stops'][number];
  /** the strip that it is of */
  strip: Strip;
}) {
  const { stop, strip } = props;
  const { records, unsure } = strip;
  return (
    <>
      <p className="strip-says">take it out after about</p>
      <div className="big" data-testid="out-after">
        <b>{clock(stop.tS)}</b>
        <span className="unit">min</span>
        <span className="other">
          {clock(stop.tS / unsure)} to {clock(stop.tS * unsure)}
        </span>
      </div>
      <p className="strip-says">
        {records === 0
          ? 'a general estimate, no records of yours yet'
          : `from ${records === 1 ? 'one record' : `${records} records`} of yours; in general ${clock(stop.generalS)}`}
      </p>
    </>
  );
}

/** Bath, polish and seal. */
function Recipe(props: {
  /** the bath */
  bath: Bath;
  /** changes it */
  set: (more: Partial<Bath>) => Promise<boolean>;
  /** share polished back, as pulled */
  polishBack: number;
  /** told while it is pulled; undefined when it is let go */
  onPolish: (share: number | undefined) => void;
}) {
  const { bath, set } = props;
  const { school } = useSettings();
  return (
    <dl className="rows">
      <RecipeFields
        bath={recipeOf(bath)}
        onChange={({ form, ...more }) => set(form ? { bath: form, ...more } : more)}
      />
      <Row label="stopped in" value={school?.stopBath === false ? 'running water' : 'soda water'} />
      <div>
        <dt id="polish-back">polish back</dt>
        <dd className="polish-back">
          <Slider
            aria-labelledby="polish-back"
            size="small"
            min={0}
            max={100}
            step={5}
            value={Math.round(100 * props.polishBack)}
            getAriaValueText={(percent) => `${percent} %`}
            onChange={(_, percent) => props.onPolish((percent as number) / 100)}
            onChangeCommitted={(_, percent) => {
              void set({ polishBack: (percent as number) / 100 }).then(() => props.onPolish(undefined));
            }}
          />
          <span>{Math.round(100 * props.polishBack)} %</span>
        </dd>
      </div>
      {props.polishBack > 0 && (
        <ChoiceField
          label="with"
          value={bath.polishWith}
          choices={TOOLS}
          onChange={(tool) => set({ polishWith: tool as Bath['polishWith'] })}
        />
      )}
      <ChoiceField
        label="seal"
        value={bath.seal}
        choices={['none', 'wax', 'acrylic']}
        onChange={(seal) => set({ seal: seal as Bath['seal'] })}
      />
    </dl>
  );
}

/** Where on the card the bath stands, and what waits for it. */
function OnTheCard(props: {
  /** the piece as planned */
  plan: Plan;
}) {
  const { steps } = props.plan;
  const own = steps.map((s, i) => (s.kind === 'bath' || s.kind === 'finish' ? i : -1)).filter((i) => i >= 0);
  const last = own[own.length - 1];
  if (own[0] === undefined || last === undefined) return null;
  const after = steps.slice(last + 1).filter((s) => s.kind === 'put-in' || s.kind === 'thread');
  return (
    <p className="why">
      On the card: steps {own[0] + 1} to {last + 1} of {steps.length}
      {after[0]
        ? `; after them comes “${after[0].title}”, which must not go into the bath.`
        : ', after all other work.'}
    </p>
  );
}

/** Said where none of the metals takes colour. */
function Bright(props: {
  /** the piece as planned */
  plan: Plan;
}) {
  return (
    <section className="soon">
      <h2>It stays bright</h2>
      <p>
        {words(props.plan.strands[0]?.wire.metal ?? '')} takes no colour in a sulfide bath. What colours it by
        heat or acid is none of ours.
      </p>
    </section>
  );
}
