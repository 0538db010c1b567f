import { lazy, Suspense, useMemo } from 'react';
import type { Plan, Step } from '../api/types';
import { useSettings } from '../kit/settings';
import { place } from '../kit/units';
import { beside, fitBox, fitTracks, type Fit } from '../wire/fit';
import { Mat } from '../wire/Mat';
import { bounds, ribbon } from '../wire/ribbon';
import { sceneOf } from '../wire/scene';
import { rampColour } from '../wire/strain';
import { useSize } from '../wire/useSize';
import type { Drawn } from '../wire/paint';
import { panes, Parts, partTracks } from '../wire/Parts';
import { WireForm } from '../wire/WireForm';
import { mirrored, picturesOf, type Picture } from './pictures';
import { places } from './places';

const RisingForm = lazy(() => import('../wire/RisingForm').then((m) => ({ default: m.RisingForm })));

/** The wire before and after a step: never the same picture twice. */
export function Pictures(props: {
  /** the plan with all states */
  plan: Plan;
  /** steps of the card */
  steps: readonly Step[];
  /** index of the step */
  now: number;
}) {
  const { plan, steps, now } = props;
  const { school } = useSettings();
  const leftHanded = school?.leftHanded ?? false;
  const [before, after] = useMemo(() => {
    const [a, b] = picturesOf(plan, steps, now);
    return leftHanded ? [mirrored(a), mirrored(b)] : [a, b];
  }, [plan, steps, now, leftHanded]);
  return (
    <div className={`pictures ${lying([before, after])}`}>
      <Shown picture={before} other={after} label="before this step" />
      <Shown picture={after} other={before} label="after this step" />
    </div>
  );
}

/** Whether two pictures are larger above each other or side by side, in a place about as wide as high. */
function lying(pictures: Picture[]): 'rows' | 'columns' {
  const boxes = pictures.map((p) => p.focus ?? boxOf(p));
  const scale = (width: number, height: number) =>
    Math.min(...boxes.map((b) => Math.min(width / b.width, height / b.height)));
  return scale(1, 0.5) >= scale(0.5, 1) ? 'rows' : 'columns';
}

function boxOf(picture: Picture) {
  const scene = sceneOf(picture.wires, picture.slant);
  return bounds([...scene.wires.map((w) => w.track), ...partTracks(picture.parts, scene.slant)]);
}

function fitOf(picture: Picture, width: number, height: number): Fit {
  if (picture.focus) return fitBox(picture.focus, width, height);
  const scene = sceneOf(picture.wires, picture.slant);
  const tracks = [...scene.wires.map((w) => w.track), ...partTracks(picture.parts, scene.slant)];
  return fitTracks(tracks, width, height, 0.84);
}

function Shown(props: {
  /** what is drawn */
  picture: Picture;
  /** what it is compared with */
  other: Picture;
  /** what it is, for those who do not see it */
  label: string;
}) {
  const { picture } = props;
  const { ref, width, height } = useSize();
  const scene = useMemo(() => sceneOf(picture.wires, picture.slant), [picture]);
  const tracks = scene.wires.map((w) => w.track);
  const { at, larger } = beside(
    fitOf(picture, width, height),
    fitOf(props.other, width, height),
    width,
    height,
  );
  const { strained, most = 1 } = picture;
  const colourAt = useMemo(
    () =>
      strained &&
      ((sMm: number) => {
        const after = strained.findIndex((p) => p.sMm >= sMm);
        return rampColour(
          0.06 + (0.8 * (strained[after < 0 ? strained.length - 1 : after]?.strain ?? 0)) / most,
        );
      }),
    [strained, most],
  );
  // Several wires that rise are drawn on a canvas, all by how near they are; as shapes they would be thousands.
  const rises = scene.wires.length > 1 && !picture.outline && !scene.wires.every((w) => w.flat);
  const standing = useMemo<Drawn[]>(
    () => (rises ? scene.wires.map((wire) => ({ wire, as: 'full', colourAt })) : []),
    [rises, scene, colourAt],
  );
  const glass = useMemo(() => panes(picture.parts, scene.slant), [picture.parts, scene.slant]);
  const lying = rises ? picture.parts.filter((p) => p.kind !== 'stone') : picture.parts;
  return (
    <figure>
      <figcaption>
        {picture.says}
        {larger > 1.05 && `, drawn ${larger.toFixed(larger < 10 ? 1 : 0)} × larger`}
      </figcaption>
      <div className="mat" ref={ref}>
        {width > 0 && rises && (
          <>
            <svg width={width} height={height} aria-hidden="true">
              <Mat width={width} height={height} scale={at.scale} originX={at.x} originY={at.y} />
            </svg>
            <Suspense>
              <RisingForm
                wires={standing}
                panes={glass}
                at={at}
                width={width}
                height={height}
                tone={`tone-${picture.tone}`}
              />
            </Suspense>
          </>
        )}
        {width > 0 && (
          <svg width={width} height={height} role="img" aria-label={`${props.label}: ${picture.says}`}>
            {!rises && <Mat width={width} height={height} scale={at.scale} originX={at.x} originY={at.y} />}
            <g
              className={`tone-${picture.tone}`}
              transform={`translate(${at.x} ${at.y}) scale(${at.scale} ${-at.scale})`}
            >
              <Parts parts={lying} over={false} slant={scene.slant} />
              {rises && tracks.map((t, i) => <path key={i} d={ribbon(t, 1)} fill="none" />)}
              {rises && glass.map((p, i) => <path key={i} d={`M${p.points.join('L')}Z`} fill="none" />)}
              {rises
                ? null
                : picture.outline
                  ? tracks.map((t, i) => (
                      <path
                        key={i}
                        d={ribbon(t, 1)}
                        fill="none"
                        stroke="var(--ink-soft)"
                        strokeWidth={1.5 / at.scale}
                        strokeDasharray={`${6 / at.scale} ${4 / at.scale}`}
                      />
                    ))
                  : scene.wires.map((w, i) => <WireForm key={i} wire={w} colourAt={colourAt} />)}
              <Parts parts={lying} over slant={scene.slant} />
            </g>
            <Ticks picture={picture} at={at} />
          </svg>
        )}
      </div>
    </figure>
  );
}

/** Height of a row of figures, px. */
const ROW = 31;

/** Marks on a straight wire; their figures stand where they do not lie on each other. */
function Ticks(props: {
  /** what is drawn */
  picture: Picture;
  /** how it lies on the screen */
  at: Fit;
}) {
  const { picture, at } = props;
  const { units } = useSettings();
  const placed = places(
    picture.ticks.map((t, i) => ({
      x: at.x + t.x * at.scale,
      text: i === 0 ? place(t.mm, units) : place(t.mm, units).replace(/ \w+$/, ''),
    })),
  );
  return placed.map((t, i) => (
    <g key={i} stroke="var(--touch)" fill="var(--ink)">
      <line
        x1={t.x}
        x2={t.x}
        y1={at.y - (t.level > 0 ? 6 + ROW * t.level : 12)}
        y2={at.y + (t.level > 0 ? 12 : -ROW * t.level - 12)}
        strokeWidth="2.5"
      />
      <text
        x={t.x}
        y={at.y + (t.level > 0 ? -ROW * t.level - 10 : -ROW * t.level + 10)}
        textAnchor="middle"
        fontSize="24"
        stroke="none"
      >
        {t.text}
      </text>
    </g>
  ));
}
