import ToggleButton from '@mui/material/ToggleButton';
import { lazy, memo, Suspense, useMemo, useRef, useState, type PointerEvent } from 'react';
import type {
  ChainPlan,
  Element,
  ElementPlan,
  PartDrawn,
  Piece,
  Plan,
  StatePlan,
  StrandPlan,
} from '../api/types';
import type { Stone } from '../wire/Turntable';
import { useBench } from './bench';
import { withElement } from './edit';
import { useSettings } from '../kit/settings';
import { length } from '../kit/units';
import { leans, linkAt } from '../wire/chain';
import { fitTracks, type Fit } from '../wire/fit';
import { Mat, matSquare } from '../wire/Mat';
import { canTurn } from '../wire/canTurn';
import { shades } from '../wire/metals';
import { part, ribbon, type Track } from '../wire/ribbon';
import type { Drawn } from '../wire/paint';
import { panes, Parts, partTracks } from '../wire/Parts';
import { RisingForm } from '../wire/RisingForm';
import { sceneOf, type MetalWire, type Seen } from '../wire/scene';
import { useSize } from '../wire/useSize';
import { Glow, WireForm } from '../wire/WireForm';
import { Dimensions } from './Dimensions';
import { changeOf } from './fields';
import { handlesOf, type Handle } from './handles';
import { HatchLine } from './HatchLine';
import type { Moment } from './moment';
import type { Tied } from './tie';

const Turntable = lazy(() => import('../wire/Turntable').then((m) => ({ default: m.Turntable })));

const NO_WIRES: readonly Seen[] = [];

/** Solids that wire lies on by its seat, where they lie. */
export function stonesOf(piece: Piece, plan: Plan): Stone[] {
  const seats = new Set(piece.strands.flatMap((s) => s.elements.flatMap(seatsOf)));
  return plan.bodies.flatMap((body) => {
    const part = piece.parts.find((p) => p.id === body.part);
    return part && seats.has(body.part) ? [{ sections: body.sections, place: part.place }] : [];
  });
}

/** What an element lies on by its seat. */
function seatsOf(element: Element): readonly string[] {
  if (element.kind === 'across') return [element.on];
  if (!('seat' in element) || !element.seat) return [];
  return 'on' in element.seat ? [element.seat.on] : element.seat.round;
}

/** The form on its mat: every strand, the one in hand in full; elements are chosen by touch, measures changed by handles. */
export const FormMat = memo(function FormMat(
  props: Tied & {
    /** every strand as planned */
    strands: readonly StrandPlan[];
    /** the chosen element of the document */
    element: Element | undefined;
    /** index of the strand */
    index: number;
    /** called with the index of a strand that was touched */
    onTake: (index: number) => void;
    /** colour of the strand in hand at a position along it, mm; that of its metal without */
    colourAt?: (sMm: number) => string;
    /** stretches to hatch, mm along the strand in hand */
    zones?: StrandPlan['noHammer'];
    /** what is not wire */
    parts: readonly PartDrawn[];
    /** the strand in hand as it was at a moment of the work: then only what lay with it is drawn */
    moment?: Moment | undefined;
  },
) {
  const { strand, strands, chosen, pointed, element, index } = props;
  const { units } = useSettings();
  const { piece, plan: planned } = useBench();
  const stones = useMemo(() => stonesOf(piece, planned), [piece, planned]);
  const { ref, width, height } = useSize();
  const [held, setHeld] = useState<Fit>();
  const [turning, setTurning] = useState(false);
  const { chains } = planned;
  const lying = useMemo(() => lyingOf(strands, chains), [strands, chains]);
  const together = useMemo(() => {
    const all = lying.map((l) => l.wire);
    // Links that lean against each other show their faces best from above, as the one in hand lies.
    return chains.some(leans)
      ? sceneOf(all, sceneOf(lying.flatMap((l) => (l.beside ? [] : [l.wire]))).slant)
      : sceneOf(all);
  }, [lying, chains]);
  const { moment, colourAt } = props;
  const mine = lying.findIndex((l) => l.strand === index);
  const own = useMemo(() => {
    if (!moment) return undefined;
    const all = sceneOf([...moment.wires, ...moment.others]);
    const held = moment.wires.length;
    return { wires: all.wires.slice(0, held), others: all.wires.slice(held), slant: all.slant };
  }, [moment]);
  // At a moment the others stay where they are, unseen: they are there again at once.
  const scene = useMemo(
    () => ({
      wires: own ? together.wires.map((w, i) => own.wires[i - mine] ?? w) : together.wires,
      slant: own?.slant ?? together.slant,
    }),
    [own, together, mine],
  );
  const { wires } = scene;
  const all = wires.map((w) => w.track);
  const others = own?.others ?? NO_WIRES;
  const parts = moment?.parts ?? props.parts;
  const fitted = fitTracks(
    [...(own ? [...own.wires, ...others].map((w) => w.track) : all), ...partTracks(parts, scene.slant)],
    width,
    height - 40,
    0.86,
  );
  const at = held ?? fitted;
  const whole = wires[mine]?.track;
  const { measured } = props;
  const glows = lying.flatMap((l, i) => {
    const of = i === mine ? strand : strands[l.strand];
    const track = wires[i]?.track;
    if (!of || !track || (own && i !== mine)) return [];
    return of.elements
      .filter((e) =>
        i === mine && e.id === (pointed ?? chosen) ? true : measured?.includes(`${of.id}.${e.id}`),
      )
      .map((e) => ({ key: `${i}.${e.id}`, wire: i, track, fromMm: e.fromMm, toMm: e.toMm }));
  });
  const plan = strand.elements.find((e) => e.id === chosen);
  const transform = `translate(${at.x} ${at.y}) scale(${at.scale} ${-at.scale})`;
  const rises = ![...(own ? own.wires : scene.wires), ...others].every((w) => w.flat);
  const standing = useMemo<Drawn[]>(() => {
    if (!rises) return [];
    const beside = others.map((wire): Drawn => ({ wire, as: colourAt ? 'plain' : 'pale' }));
    return [
      ...scene.wires.flatMap((wire, i): Drawn[] => {
        const beside = lying[i]?.beside ?? false;
        const held = lying[i]?.strand === index && !beside;
        if (own && !held) return [];
        const full = i === mine || (strands.length < 2 && !beside);
        const as = colourAt && !held ? 'plain' : full ? 'full' : 'pale';
        return [{ wire, as, colourAt: held ? colourAt : undefined }];
      }),
      ...beside,
    ];
  }, [rises, scene, others, lying, index, own, colourAt, mine, strands.length]);
  const glass = useMemo(() => panes(parts, scene.slant), [parts, scene.slant]);
  const order = rises ? [] : scene.wires.map((_, i) => i).sort((a, b) => near(all[a]) - near(all[b]));

  return (
    <div className="mat" ref={ref}>
      {turning ? (
        <Suspense fallback={<p className="why turn-wait">The form is being set up…</p>}>
          <Turntable wires={lying.map((l) => l.wire)} stones={stones} label="the form, to be turned" />
        </Suspense>
      ) : (
        width > 0 &&
        whole && (
          <>
            {rises && (
              <>
                <svg width={width} height={height} aria-hidden="true">
                  <Mat width={width} height={height} scale={at.scale} originX={at.x} originY={at.y} />
                  <g transform={transform}>
                    <Parts parts={parts.filter((p) => p.kind !== 'stone')} over={false} slant={scene.slant} />
                    {glows.map((g) => (
                      <Glow key={g.key} of={g.track} fromMm={g.fromMm} toMm={g.toMm} />
                    ))}
                  </g>
                </svg>
                <RisingForm wires={standing} panes={glass} at={at} width={width} height={height} />
              </>
            )}
            <svg
              width={width}
              height={height}
              role="group"
              aria-label={`the form, ${length(strand.finished.widthMm, units)} by ${length(strand.finished.heightMm, units)}${others.length > 0 ? `, with ${others.length} more wires` : ''}`}
              onPointerDown={(e) => e.target === e.currentTarget && props.onChoose(undefined)}
            >
              {!rises && (
                <g onPointerDown={() => props.onChoose(undefined)}>
                  <Mat width={width} height={height} scale={at.scale} originX={at.x} originY={at.y} />
                </g>
              )}
              <g transform={transform} pointerEvents="none" data-testid="form">
                {rises &&
                  standing.map((w, i) => (
                    <g key={i}>
                      <Bare of={w.wire.track} share={1} />
                    </g>
                  ))}
                {!rises && <Parts parts={parts} over={false} slant={scene.slant} />}
                {!rises && others.map((wire, i) => <Plain key={i} wire={wire} />)}
                {!rises &&
                  order.map((i) => (
                    <g
                      key={i}
                      opacity={i === mine || strands.length < 2 ? 1 : 0.62}
                      display={own && lying[i]?.strand !== index ? 'none' : undefined}
                    >
                      {glows
                        .filter((g) => g.wire === i)
                        .map((g) => (
                          <Glow key={g.key} of={g.track} fromMm={g.fromMm} toMm={g.toMm} />
                        ))}
                      {props.colourAt && lying[i]?.strand !== index ? (
                        <Plain wire={wires[i] as Seen} />
                      ) : (
                        <WireForm wire={wires[i] as Seen} colourAt={props.colourAt} />
                      )}
                    </g>
                  ))}
                <Parts parts={parts} over slant={scene.slant} />
                {props.zones && <Hatched of={whole} zones={props.zones} scale={at.scale} />}
              </g>
              <g display={own ? 'none' : undefined}>
                <Others lying={lying} tracks={all} mine={index} transform={transform} onTake={props.onTake} />
              </g>
              <Touch whole={whole} elements={strand.elements} transform={transform} tied={props} />
              <Dimensions
                strand={strand}
                at={at}
                width={width}
                height={height}
                chosen={plan}
                slant={scene.slant}
                alone={
                  (lying.length === 1 || (own?.wires.length === 1 && others.length === 0)) &&
                  parts.every((p) => p.kind !== 'cord')
                }
                filled={parts.length > 0}
              />
              {element && plan && (
                <Handles
                  whole={whole}
                  element={element}
                  plan={plan}
                  at={at}
                  index={index}
                  slant={scene.slant}
                  onHold={(holding) => setHeld(holding ? at : undefined)}
                />
              )}
              <text x={10} y={height - 10} fontSize={15} fill="var(--ink-soft)">
                {scene.slant ? 'seen at a slant' : `each square ${matSquare(at.scale)} mm`}
              </text>
            </svg>
          </>
        )
      )}
      {rises && canTurn() && <TurnButton turning={turning} onTurn={setTurning} />}
    </div>
  );
});

/** Turns the form, or lays it down; made again only when that changes. */
export const TurnButton = memo(function TurnButton(props: {
  /** whether it is being turned */
  turning: boolean;
  /** called to turn it, or to lay it down */
  onTurn: (turning: boolean) => void;
}) {
  const { turning } = props;
  return (
    <ToggleButton className="turn" value="on" selected={turning} onClick={() => props.onTurn(!turning)}>
      {turning ? 'lay it down' : 'turn it'}
    </ToggleButton>
  );
});

/** A wire that is only there for the others' sake: its outline in the tone of its metal, quick to draw. */
const Plain = memo(function Plain(props: {
  /** the wire as it is seen */
  wire: Seen;
}) {
  const { track, metal } = props.wire;
  return (
    <path d={ribbon(track, 1)} fill={shades(metal).light} stroke={shades(metal).edge} strokeWidth={0.08} />
  );
});

/** The band of a wire, unseen; made again only where the wire has changed. */
const Bare = memo(function Bare(props: {
  /** the wire */
  of: Track;
  /** its width as a share of the wire's */
  share: number;
  /** whether it takes touches */
  touched?: boolean;
}) {
  return <path d={ribbon(props.of, props.share)} fill={props.touched ? 'transparent' : 'none'} />;
});

/** Stretches of the wire under hatching that keeps its spacing on screen. */
function Hatched(props: {
  /** the wire */
  of: Track;
  /** the stretches */
  zones: StrandPlan['noHammer'];
  /** px a millimetre */
  scale: number;
}) {
  const size = 8 / props.scale;
  const d = props.zones.map((z) => ribbon(part(props.of, z.fromMm, z.toMm), 1)).join('');
  if (!d) return null;
  return (
    <g data-testid="hatched">
      <pattern
        id="no-hammer"
        width={size}
        height={size}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <HatchLine size={size} />
      </pattern>
      <path d={d} fill="url(#no-hammer)" />
    </g>
  );
}

/** How near a wire is on the whole, mm. */
function near(of: Track | undefined): number {
  if (!of?.points.length) return 0;
  return of.points.reduce((sum, p) => sum + (p[2] ?? 0), 0) / of.points.length;
}

/** A wire to draw. */
interface Lying {
  /** index of its strand */
  strand: number;
  wire: MetalWire;
  /** whether it is there only to show how the one in hand hangs */
  beside?: boolean;
}

const known = new WeakMap<StrandPlan, MetalWire[]>();

/** The wires of a strand; the same objects for the same strand, so that what has not changed is not drawn again. */
export function wiresOf(s: StrandPlan): MetalWire[] {
  const before = known.get(s);
  if (before) return before;
  const state = s.states[s.states.length - 1] as StatePlan;
  const widths = state.stations.map((w) => w.drawnMm);
  const wire = { metal: s.wire.metal, outline: s.outline, widths, crossings: s.crossings };
  const wires = s.second ? [wire, { ...wire, outline: s.second }] : [wire];
  known.set(s, wires);
  return wires;
}

const hung = new WeakMap<MetalWire, MetalWire[]>();

/** The links of a chain beside the one in hand: on both sides, or, where something else hangs in it, the next; the same objects for the same link. */
function between(wire: MetalWire, chain: ChainPlan, alone: boolean): MetalWire[] {
  const before = hung.get(wire);
  if (before) return before;
  const beside = alone ? [1, -1] : leans(chain) ? [1] : [1, 2];
  const links = beside.slice(0, chain.links - 1).map((number) => linkAt(wire, chain, number));
  hung.set(wire, links);
  return links;
}

/** Every wire to draw with the strand that it belongs to; of a chain also the links beside the one in hand. */
function lyingOf(strands: readonly StrandPlan[], chains: readonly ChainPlan[]): Lying[] {
  return strands.flatMap((s, strand) => {
    const wires = wiresOf(s);
    const chain = chains.find((c) => c.strand === s.id);
    const alone = strands.length < 2;
    const links = chain ? wires.slice(0, 1).flatMap((w) => between(w, chain, alone)) : [];
    return [
      ...wires.map((wire) => ({ strand, wire })),
      ...links.map((wire) => ({ strand, wire, beside: true })),
    ];
  });
}

/** Bands over the strands that are not in hand: a touch takes them. */
function Others(props: {
  /** every wire with its strand */
  lying: readonly Lying[];
  /** the same as seen */
  tracks: readonly Track[];
  /** index of the strand in hand */
  mine: number;
  /** where the form lies */
  transform: string;
  onTake: (index: number) => void;
}) {
  return (
    <g transform={props.transform}>
      {props.lying.map(
        (l, i) =>
          l.strand !== props.mine &&
          !l.beside && (
            <g key={i} style={{ cursor: 'pointer' }} onPointerDown={() => props.onTake(l.strand)}>
              <Bare of={props.tracks[i] as Track} share={1.3} touched />
            </g>
          ),
      )}
    </g>
  );
}

/** Invisible bands that take the touch, wider than thin wire. */
function Touch(props: {
  /** the wire */
  whole: Track;
  /** elements to choose from */
  elements: readonly ElementPlan[];
  /** where the form lies */
  transform: string;
  /** what is told of a touch */
  tied: Tied;
}) {
  const { whole, elements } = props;
  const bands = useMemo(
    () => elements.map((e) => ribbon(part(whole, e.fromMm, e.toMm), 1.6)),
    [whole, elements],
  );
  return (
    <g transform={props.transform}>
      {elements.map((e, i) => (
        <path
          key={e.id}
          data-element={e.id}
          d={bands[i]}
          fill="transparent"
          style={{ cursor: 'pointer' }}
          onPointerEnter={() => props.tied.onPoint(e.id)}
          onPointerLeave={() => props.tied.onPoint(undefined)}
          onPointerDown={() => props.tied.onChoose(e.id)}
        />
      ))}
    </g>
  );
}

/** Handles for the measures that matter; dragging computes nothing but the measure under the hand. */
function Handles(props: {
  /** the wire */
  whole: Track;
  /** the chosen element */
  element: Element;
  /** the same as planned */
  plan: ElementPlan;
  /** where the form lies */
  at: Fit;
  /** index of the strand */
  index: number;
  /** angle that the mat is leant back by, rad */
  slant: number;
  /** told when a handle is taken and let go */
  onHold: (holding: boolean) => void;
}) {
  const { at, element, index } = props;
  const { change, drop } = useBench();
  const drag = useRef<{ handle: Handle; x: number; y: number; scale: number; moved: boolean } | undefined>(
    undefined,
  );
  const handles = handlesOf(element, props.plan, props.whole, props.slant);

  const start = (event: PointerEvent<SVGElement>, handle: Handle) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { handle, x: event.clientX, y: event.clientY, scale: at.scale, moved: false };
    props.onHold(true);
  };
  const move = (event: PointerEvent) => {
    const now = drag.current;
    if (!now) return;
    const dx = (event.clientX - now.x) / now.scale;
    const dy = -(event.clientY - now.y) / now.scale;
    const value = now.handle.valueAt(dx, dy);
    now.moved = true;
    void change(
      (p) => withElement(p, index, element.id ?? '', changeOf(element, now.handle.field, value)),
      true,
    );
  };
  const end = () => {
    if (drag.current?.moved) drop();
    drag.current = undefined;
    props.onHold(false);
  };

  return handles.map((h) => {
    const [x, y] = [at.x + h.x * at.scale, at.y - h.y * at.scale];
    return (
      <g
        key={h.field}
        data-handle={h.field}
        style={{ cursor: 'grab' }}
        onPointerDown={(e) => start(e, h)}
        onPointerMove={move}
        onPointerUp={end}
        onPointerCancel={end}
      >
        <circle cx={x} cy={y} r={22} fill="transparent" />
        <circle cx={x} cy={y} r={9} fill="var(--mat)" stroke="var(--touch)" strokeWidth={3.5} />
        <title>{h.label}</title>
      </g>
    );
  });
}
