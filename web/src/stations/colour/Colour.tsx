import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { api } from '../../api/client';
import { queries } from '../../api/queries';
import type { Colour as Bath, Metal, Piece, Plan, Strip, Work } from '../../api/types';
import { AdviceList } from '../../bench/AdviceList';
import { useBench } from '../../bench/bench';
import { WorkPart } from '../../bench/WorkPart';
import { Pick } from '../../kit/Entry';
import { words } from '../../kit/units';
import { BathStrip } from './BathStrip';
import { clock, exact } from '../../kit/clock';
import { ColourForm } from './ColourForm';
import { Recipe, SealField } from './Recipe';
import { BRIGHT, recipeOf, RECIPES, schoolOf, type SchoolOfColour } from './schools';
import { useShades, type Darkened } from './useShades';
import { colourOf, ownColour, PIECE, strandsIn, withColour, type Whose } from './whose';

/** Said beneath the strip, where it is always seen. */
const GAS = 'sulfide bath';
const OTHER_TOPICS = ['porous stones', 'drying', 'sealer'];
/** Advice that belongs here wherever it points. */
const RULES = ['porous-stone', 'undone'];
/** Work that makes the surface. */
const SURFACE: readonly Work['op'][] = ['texture', 'planish', 'tumble', 'polish'];

/** The bath of the piece, or of one of its strands or parts: how strong, how hot, how long, where to stop, what stays dark. */
export function Colour() {
  const { id, piece, plan, at: index, change } = useBench();
  const metals = useQuery(queries.metals());
  const [asked, setAsked] = useState<Whose>(PIECE);
  const [pulled, setPulled] = useState<Bath['stopAt']>();
  const [share, setShare] = useState<number>();
  const whose = isThere(piece, asked) ? asked : PIECE;
  const bath = colourOf(piece, whose);
  const shown = bath ?? RECIPES.brown;
  const none = useMemo(
    () => new Set((metals.data ?? []).filter((m) => m.sulfide === 'none').map((m) => m.metal)),
    [metals.data],
  );
  const dark = plan.strands.filter((s) => !none.has(s.wire.metal));
  const inHand = strandsIn(piece, whose);
  const takes = [...new Set(dark.filter((s) => inHand.includes(s.id)).map((s) => s.wire.metal))];
  const anyBath = [piece, ...piece.strands, ...piece.parts].some((s) => s.colour && s.colour.bath !== 'none');
  const places = useQuery({
    queryKey: ['places', piece.strands, piece.parts, piece.work, piece.joins],
    queryFn: ({ signal }) => api.places(piece, signal),
    placeholderData: keepPreviousData,
    enabled: anyBath || whose.of === 'part',
  });
  const first =
    takes[0] ??
    (whose.of === 'part' ? places.data?.parts.find((p) => p.part === whose.id)?.metal : undefined);
  const lead = useQuery({
    queryKey: ['strip', first, recipeOf(shown)],
    queryFn: () => api.strip({ metal: first as Metal, bath: recipeOf(shown) }),
    enabled: metals.data !== undefined && first !== undefined,
    placeholderData: keepPreviousData,
  });
  const untilS = lead.data?.looks[lead.data.looks.length - 1]?.tS;
  const others = useQueries({
    queries: takes.slice(1, 4).map((metal) => ({
      queryKey: ['strip', metal, recipeOf(shown), untilS],
      queryFn: () => api.strip({ metal, bath: recipeOf(shown), ...(untilS && { untilS }) }),
      enabled: untilS !== undefined,
    })),
  });
  const strips = [first, ...takes.slice(1)].flatMap((metal, i) => {
    const strip = i === 0 ? lead.data : others[i - 1]?.data;
    return metal && strip ? [{ metal, strip }] : [];
  });
  const stopAt = pulled ?? shown.stopAt;
  const polishBack = share ?? shown.polishBack;
  const stop = lead.data?.stops.find((s) => s.name === stopAt);
  const finishes = dark.flatMap((s): Darkened[] => {
    const own = colourOf(piece, { of: 'strand', id: s.id });
    if (!own) return [];
    const held = inHand.includes(s.id) ? { ...own, stopAt, polishBack } : own;
    return [{ of: s.id, metal: s.wire.metal, bath: held }];
  });
  for (const { part, metal } of places.data?.parts ?? []) {
    const own = colourOf(piece, { of: 'part', id: part });
    const held = whose.of === 'part' && whose.id === part && own ? { ...own, stopAt, polishBack } : own;
    if (held) finishes.push({ of: part, metal, bath: held });
  }
  const out = useShades(finishes, false);
  const back = useShades(finishes, true);
  const polished = finishes.some((f) => f.bath.polishBack > 0);
  const set = (more: Partial<Bath>) =>
    change((p) => withColour(p, whose, { ...(ownColour(p, whose) ?? p.colour ?? RECIPES.brown), ...more }));
  const school = (next: SchoolOfColour | 'piece' | null) => {
    if (next === null) return;
    const is =
      next === 'piece' || (next === 'bright' && whose.of === 'piece')
        ? undefined
        : next === 'bright'
          ? BRIGHT
          : RECIPES[next];
    void change((p) => withColour(p, whose, is));
  };
  if (metals.data && dark.length === 0 && piece.parts.every((p) => p.kind !== 'blank')) {
    return <Bright plan={plan} />;
  }
  return (
    <div className="bench colour">
      <div className={polished ? 'colour-forms two' : 'colour-forms'}>
        <ColourForm
          plan={plan}
          places={places.data}
          shades={out}
          says={
            bath
              ? `out of the bath: ${stop?.look ?? words(stopAt)}`
              : anyBath
                ? 'out of the bath'
                : 'bright, as it leaves the bench'
          }
        />
        {polished && (
          <ColourForm
            plan={plan}
            places={places.data}
            shades={back}
            says={
              bath && polishBack > 0
                ? `polished back ${Math.round(100 * polishBack)} %: what lies hidden stays dark`
                : 'polished back: what lies hidden stays dark'
            }
          />
        )}
      </div>
      <aside className="side" aria-label="bath">
        <WhoseBath piece={piece} plan={plan} whose={whose} onWhose={setAsked} />
        <ToggleButtonGroup
          exclusive
          size="small"
          sx={{ flexWrap: 'wrap' }}
          aria-label="what is done"
          value={
            whose.of !== 'piece' && !ownColour(piece, whose) ? 'piece' : schoolOf(ownColour(piece, whose))
          }
          onChange={(_, next: SchoolOfColour | 'piece' | null) => school(next)}
        >
          {whose.of !== 'piece' && <ToggleButton value="piece">as the piece</ToggleButton>}
          <ToggleButton value="bright">bright</ToggleButton>
          <ToggleButton value="brown">brown, stop</ToggleButton>
          <ToggleButton value="black">black, polish</ToggleButton>
        </ToggleButtonGroup>
        {bath && stop && lead.data && <When stop={stop} strip={lead.data} />}
        {lead.data && <CameOut piece={id} strip={lead.data} />}
        {bath && <Recipe bath={shown} set={set} polishBack={polishBack} onPolish={setShare} />}
        {!bath && (
          <>
            <p className="why">
              {whose.of === 'piece' ? 'Nothing' : 'This'} is {whose.of === 'piece' ? '' : 'not '}darkened.
              Choose brown or black, and the strip below says when it is which colour.
            </p>
            <dl className="rows">
              <SealField
                seal={ownColour(piece, whose)?.seal ?? 'none'}
                onSeal={(seal) =>
                  change((p) =>
                    withColour(
                      p,
                      whose,
                      seal === 'none' && whose.of === 'piece' ? undefined : { ...BRIGHT, seal },
                    ),
                  )
                }
              />
            </dl>
          </>
        )}
        <AdviceList
          advice={plan.advice.filter((a) => a.where.includes('colour') || RULES.includes(a.rule))}
        />
        <WorkPart index={index} only={SURFACE} />
        <FinishOrder plan={plan} />
        {anyBath &&
          plan.cautions
            .filter((c) => OTHER_TOPICS.includes(c.topic))
            .map((c) => (
              <p key={c.topic} className="advice mind">
                <b>{c.topic}</b> {c.message}
              </p>
            ))}
      </aside>
      <div className="across">
        {lead.isLoading && <p className="strip-waits">The bath is being worked out…</p>}
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

function isThere(piece: Piece, whose: Whose): boolean {
  if (whose.of === 'piece') return true;
  const all: readonly { id?: string }[] = whose.of === 'strand' ? piece.strands : piece.parts;
  return all.some((s) => s.id === whose.id);
}

/** Whose bath is in hand; nothing where the piece is one wire and no more. */
function WhoseBath(props: {
  /** the document */
  piece: Piece;
  /** its plan: names of strands */
  plan: Plan;
  /** whose is in hand */
  whose: Whose;
  /** told of another */
  onWhose: (whose: Whose) => void;
}) {
  const { piece, plan, whose, onWhose } = props;
  const parts = piece.parts.filter((p) => p.kind === 'blank' || p.kind === 'finding' || p.kind === 'spacer');
  if (plan.strands.length + parts.length < 2) return null;
  const key = whose.of === 'piece' ? 'piece' : `${whose.of} ${whose.id}`;
  const own = (colour: Bath | undefined) => (colour ? ' •' : '');
  return (
    <dl className="rows">
      <div>
        <dt>
          <label htmlFor="whose-bath">bath of</label>
        </dt>
        <dd>
          <Pick
            id="whose-bath"
            value={key}
            onChange={(next) => {
              const [of, ...id] = next.split(' ');
              onWhose(of === 'piece' ? PIECE : { of: of as 'strand' | 'part', id: id.join(' ') });
            }}
          >
            <option value="piece">the piece</option>
            {plan.strands.map((s, i) => (
              <option key={s.id} value={`strand ${s.id}`}>
                {s.title}
                {own(piece.strands[i]?.colour)}
              </option>
            ))}
            {parts.map((p) => (
              <option key={p.id} value={`part ${p.id}`}>
                {words(p.id ?? '')}
                {own(p.colour)}
              </option>
            ))}
          </Pick>
        </dd>
      </div>
    </dl>
  );
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

/** What came out of the baths that this piece was in, the last one first. */
function CameOut(props: {
  /** the piece's name in the store */
  piece: string;
  /** the strip in hand: names of colours */
  strip: Strip;
}) {
  const kept = useQuery(queries.baths());
  const own = (kept.data?.records ?? []).filter((r) => r.piece === props.piece).reverse();
  const look = (filmNm: number) => props.strip.looks.find((l) => l.filmNm >= filmNm)?.name ?? 'black';
  return own.slice(0, 3).map((r) => (
    <p key={r.day + r.seconds} className="strip-says">
      came out {look(r.filmNm)} after {exact(r.seconds)}, {r.day}
      {r.note && `: ${r.note}`}
    </p>
  ));
}

/** All that makes the surface, in the order of the card, and what must not go into the bath after it. */
function FinishOrder(props: {
  /** the piece as planned */
  plan: Plan;
}) {
  const { steps } = props.plan;
  const own = steps.flatMap((step, i) => (step.finish ? [{ step, number: i + 1 }] : []));
  if (own.length === 0) return null;
  const dip = steps.findIndex((s) => s.shows === 'darkening');
  const after = dip < 0 ? [] : steps.slice(dip).filter((s) => s.kind === 'put-in' || s.kind === 'thread');
  return (
    <section aria-label="finish on the card">
      <h2 className="part-title">finish, as on the card</h2>
      <ol className="finish-order">
        {own.map(({ step, number }) => (
          <li key={number} value={number}>
            {step.title} <small>{Math.max(1, Math.round(step.minutes))} min</small>
          </li>
        ))}
      </ol>
      {after[0] && <p className="why">Only after the bath: “{after[0].title}”, which must not go into it.</p>}
    </section>
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
        {words(props.plan.strands[0]?.wire.metal ?? '')} takes no colour in a sulfide bath. Heat or acid may
        colour it; Etui does not work that out.
      </p>
    </section>
  );
}
