import { lazy, memo, Suspense, useMemo, useState } from 'react';
import type { ColourPlaces, Plan } from '../../api/types';
import { useBench } from '../../bench/bench';
import { stonesOf, TurnButton, wiresOf } from '../../bench/FormMat';
import { canTurn } from '../../wire/canTurn';
import { fitTracks } from '../../wire/fit';
import { Mat } from '../../wire/Mat';
import { partTracks } from '../../wire/Parts';
import { PieceForm } from '../../wire/PieceForm';
import { sceneOf } from '../../wire/scene';
import { useSize } from '../../wire/useSize';
import { lit, shadeAt } from './recesses';

const Turntable = lazy(() => import('../../wire/Turntable').then((m) => ({ default: m.Turntable })));

/** Round wire is brightest along its top: so much of that is on its flanks, and on its rim. */
const FLANK = 0.8;
const RIM = 0.6;
const FACE = 0.86;

/** The piece in its colours, to look at only. */
export const ColourForm = memo(function ColourForm(props: {
  /** the piece as planned */
  plan: Plan;
  /** where it hides its film; nothing until that is known */
  places: ColourPlaces | undefined;
  /** shades of each strand and part from a high place to a hidden one; those that are not there stay bright */
  shades: Readonly<Record<string, readonly string[]>>;
  /** what it shows */
  says: string;
}) {
  const { plan, places, shades } = props;
  const { ref, width, height } = useSize();
  const { piece } = useBench();
  const [turning, setTurning] = useState(false);
  const wires = useMemo(() => plan.strands.flatMap(wiresOf), [plan]);
  const scene = useMemo(() => sceneOf(wires), [wires]);
  const stones = useMemo(() => stonesOf(piece, plan), [piece, plan]);
  const rises = !scene.wires.every((w) => w.flat);
  const colours = useMemo(() => {
    const all = plan.strands.flatMap((s) => {
      const of = shades[s.id];
      const recess = places?.strands.find((p) => p.strand === s.id);
      const coloured = of && {
        at: shadeAt(
          s,
          recess,
          of.map((hex) => lit(hex, FLANK)),
        ),
        rim: lit(of[of.length - 1] ?? '#000000', RIM),
      };
      return wiresOf(s).map(() => coloured);
    });
    return all.some((c) => c !== undefined) ? all : undefined;
  }, [plan, places, shades]);
  // Sheet faces the light a little aslant.
  const fills = useMemo(
    () =>
      Object.fromEntries(
        plan.parts.flatMap((p) => {
          const of = shades[p.part];
          return of ? [[p.part, of.map((hex) => lit(hex, FACE))]] : [];
        }),
      ),
    [plan, shades],
  );
  const at = fitTracks(
    [...scene.wires.map((w) => w.track), ...partTracks(plan.parts, scene.slant)],
    width,
    height - 36,
    0.84,
  );
  return (
    <div className="mat" ref={ref} role="group" aria-label={props.says}>
      {turning && (
        <Suspense fallback={<p className="why turn-wait">The form is being set up…</p>}>
          <Turntable wires={wires} colours={colours} stones={stones} label={props.says} />
        </Suspense>
      )}
      {width > 0 && !turning && (
        <>
          <svg width={width} height={height} aria-hidden="true">
            <Mat width={width} height={height} scale={at.scale} originX={at.x} originY={at.y} />
          </svg>
          <PieceForm
            scene={scene}
            parts={plan.parts}
            colours={colours}
            fills={fills}
            at={at}
            width={width}
            height={height}
          />
          <span className="mat-says">{props.says}</span>
        </>
      )}
      {rises && canTurn() && <TurnButton turning={turning} onTurn={setTurning} />}
    </div>
  );
});
