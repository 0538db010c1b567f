import './harden.css';
import { useQuery } from '@tanstack/react-query';
import { memo, useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useKeys } from '../../kit/keys';
import { queries } from '../../api/queries';
import type { ElementPlan, Piece, Plan, StrandPlan } from '../../api/types';
import { AdviceList } from '../../bench/AdviceList';
import { Later, useBench } from '../../bench/bench';
import { resequenced } from '../../bench/edit';
import { grams } from '../../kit/units';
import { rampColour, strainLine } from '../../wire/strain';
import { FormMat, wiresOf } from '../../bench/FormMat';
import { Tape } from '../../bench/Tape';
import { WorkPart } from '../../bench/WorkPart';
import { BeforeAfter } from './BeforeAfter';
import { type Face, HammerRow } from './HammerRow';
import { PairPart } from './PairPart';
import { Squeeze } from '../../wire/Squeeze';
import { standsOf } from '../../bench/loads';
import { stationOf } from './stationOf';
import { Steps } from './Steps';
import { rampEnd, StrainLegend } from './StrainLegend';
import { ThicknessPull } from './ThicknessPull';
import { useBeside } from './useBeside';
import { useMoment } from './useMoment';
import { usePull } from './usePull';

const NO_ZONES: StrandPlan['noHammer'] = [];

/**
 * Hammering with eyes open: strain along form and tape, what it holds, before and after, step by step. Figures come first and drawing follows in slices; a pull
 * asks for its own strand only and is kept when it is let go.
 */
export function Harden() {
  const { piece, plan, at: index, take, change } = useBench();
  const finished = plan.strands[index] as StrandPlan;
  const tempers = useQuery(queries.tempers());
  const tools = useQuery(queries.tools());
  const [picked, setPicked] = useState<string>();
  const [pointed, setPointed] = useState<string>();
  const [face, setFace] = useState<Face>('domed-hammer');
  const [state, setState] = useState<number>();
  const [comparing, setComparing] = useState(false);
  const [stays, setStays] = useState('');
  const [movedFrom, setMovedFrom] = useState<Plan['advice']>();
  const last = finished.operations.length;
  const place = Math.min(state ?? last, last);
  // The bead moves at once; what it shows follows.
  const step = useDeferredValue(place);
  const standing = useMoment(piece, finished, step) ?? finished;
  const beside = useBeside(
    piece,
    finished.id,
    step,
    step < last && plan.strands.length + plan.parts.length > 1,
  );
  const { becoming, pull } = usePull(finished.id);
  const now = becoming ?? standing;
  const chosen = finished.elements.some((e) => e.id === picked) ? picked : undefined;
  const subject = chosen ?? weakest(finished)?.id ?? finished.elements[0]?.id ?? '';
  const worked = finished.operations.find(
    (o) => o.kind === 'work' && (o.elements.length === 0 || o.elements.includes(subject)),
  );
  const earlier = useMoment(piece, finished, worked && worked.index <= step ? worked.index - 1 : last);
  const before = worked && worked.index <= step ? earlier : becoming ? finished : now;

  const end = rampEnd(finished, tempers.data ?? []);
  const colourAt = useMemo(() => {
    const line = strainLine(now);
    return (sMm: number) => rampColour((now.boughtStrain + line.at(sMm)) / end);
  }, [now, end]);
  const go = (next: number) => {
    const held = Math.max(0, Math.min(last, next));
    setState(held === last ? undefined : held);
  };
  const move = (from: number, to: number) => {
    if (to < 0 || to >= last || from === to) return;
    const possible = resequenced(piece, index, finished.operations, from, to) !== undefined;
    setStays(
      possible ? '' : 'That stays where it is: work on every strand cannot stand between the parts of one.',
    );
    setMovedFrom(possible ? plan.advice : undefined);
    if (possible) void change((p) => resequenced(p, index, finished.operations, from, to) ?? p);
  };
  // What the last move has broken: advice that was not there before it.
  const broken = movedFrom
    ? plan.advice.filter((a) => !movedFrom.some((b) => b.rule === a.rule && b.where === a.where))
    : [];
  const walk = (by: number) => {
    const ids = finished.elements.map((e) => e.id);
    const place = chosen === undefined ? (by > 0 ? -1 : 0) : ids.indexOf(chosen);
    setPicked(ids[(place + by + ids.length) % ids.length]);
  };
  const keys = useRef({ go, walk, step: place });
  useLayoutEffect(() => {
    keys.current = { go, walk, step: place };
  });
  useKeys('comma', () => keys.current.go(keys.current.step - 1));
  useKeys('period', () => keys.current.go(keys.current.step + 1));
  useKeys('right', () => keys.current.walk(1));
  useKeys('left', () => keys.current.walk(-1));
  useKeys('escape', () => setPicked(undefined));
  const steps = useRef({ go, move, pull });
  // With what is drawn, not after it: a key that comes at once moves the step that is seen.
  useLayoutEffect(() => {
    steps.current = { go, move, pull };
  });
  const [goStep, moveStep, pullStep] = useMemo(
    () => [
      (next: number) => steps.current.go(next),
      (from: number, to: number) => steps.current.move(from, to),
      (next: Piece | undefined) => {
        setState(undefined);
        steps.current.pull(next);
      },
    ],
    [],
  );
  const takeFace = useMemo(
    () => (kind: Face, subject: string) => {
      setFace(kind);
      setPicked(subject);
    },
    [],
  );
  const takeStrand = useMemo(
    () => (other: number) => {
      setPicked(undefined);
      setState(undefined);
      take(other);
    },
    [take],
  );

  const owned = new Set<string>(tools.data?.tools.map((t) => t.kind));
  const shown = useMemo(
    () => (becoming ? plan.strands.map((s, i) => (i === index ? becoming : s)) : plan.strands),
    [becoming, plan.strands, index],
  );
  const zones = finished.noHammer;
  // Figures first; drawing follows in slices, so that nothing waits for it.
  const drawn = useDeferredValue(
    useMemo(
      () => ({
        now,
        shown,
        colourAt,
        zones,
        moment: step === last ? undefined : (beside ?? { wires: wiresOf(now), others: [], parts: [] }),
      }),
      [now, shown, colourAt, zones, step, last, beside],
    ),
  );
  const tie = { strand: drawn.now, chosen, pointed, onChoose: setPicked, onPoint: setPointed };
  const planned = now.elements.find((e) => e.id === subject);
  const stands = planned && standsOf(planned);
  return (
    <div className="bench harden">
      <div className="harden-work">
        <HammerRow
          index={index}
          subject={subject}
          face={face}
          onFace={takeFace}
          comparing={comparing}
          onCompare={setComparing}
        />
        {comparing ? (
          <PairPart index={index} />
        ) : (
          <FormMat
            parts={plan.parts}
            {...tie}
            strands={drawn.shown}
            element={undefined}
            index={index}
            moment={drawn.moment}
            onTake={takeStrand}
            colourAt={drawn.colourAt}
            zones={drawn.moment ? NO_ZONES : drawn.zones}
          />
        )}
      </div>
      <aside className="side" aria-label="hardening">
        {planned && (
          <>
            <div className="big" data-testid="holds">
              <span className="unit">
                {planned.label}
                {stands === undefined ? ', strain' : planned.squeezed ? ' stands a squeeze of' : ' holds'}
              </span>
              <b>{stands === undefined ? planned.strain.toFixed(2) : grams(stands)}</b>
              {stands !== undefined && <span className="other">{stands.toFixed(1)} N</span>}
            </div>
            <BeforeAfter element={subject} before={before} now={now} />
          </>
        )}
        <ThicknessPull
          key={subject}
          index={index}
          element={subject}
          face={face}
          owned={!tools.data || owned.has(face)}
          planned={becoming ?? finished}
          onPull={pullStep}
        />
        <AdviceList advice={plan.advice} />
        {planned && (
          <Squeeze
            planned={planned}
            thicknessMm={stationOf(now, subject)?.widthMm ?? 1}
            metal={now.wire.metal}
          />
        )}
        <Zones zones={zones} strand={finished} chosen={subject} />
        <Later>
          <WorkPart index={index} element={chosen} />
        </Later>
      </aside>
      <div className="tape harden-line">
        {!comparing && <StrainLegend strand={finished} here={planned?.strain} />}
        <Tape {...tie} colourAt={drawn.colourAt} zones={drawn.zones} />
        <Steps operations={finished.operations} at={place} onGo={goStep} onMove={moveStep} />
        {broken.map((a) => (
          <p key={a.rule + a.where} className="wrong" role="status">
            In this order: {a.message} {a.instead}
          </p>
        ))}
        {stays && (
          <p className="wrong" role="status">
            {stays}
          </p>
        )}
      </div>
    </div>
  );
}

/** The bend that holds least of what is wanted; else what is worked most. */
function weakest(strand: StrandPlan): ElementPlan | undefined {
  return strand.elements.find((e) => e.id === (strand.weakest ?? strand.mostWorked));
}

/** Where no hammer may go and why, in words; the same places are hatched on form and tape. */
const Zones = memo(function Zones(props: {
  /** the places */
  zones: StrandPlan['noHammer'];
  /** the strand: names of its elements */
  strand: StrandPlan;
  /** id of the chosen element: its reasons come first */
  chosen: string;
}) {
  const { zones, strand } = props;
  const rows = new Map<string, Set<string>>();
  for (const zone of zones) {
    const middle = (zone.fromMm + zone.toMm) / 2;
    const at = strand.elements.find((e) => middle >= e.fromMm && middle <= e.toMm);
    const label = at?.label ?? 'wire';
    rows.set(label, (rows.get(label) ?? new Set()).add(zone.because));
  }
  if (rows.size === 0) return null;
  return (
    <p className="why zones">
      <i className="hatch" /> keep the hammer off:{' '}
      {[...rows].map(([label, why]) => `${label}, ${[...why].join(' and ')}`).join('; ')}.
    </p>
  );
});
