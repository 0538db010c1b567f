import { memo, useMemo, useRef, useState, type PointerEvent } from 'react';
import type { Element, ElementPlan, StatePlan } from '../../api/types';
import { useBench } from '../../app/bench';
import { withElement } from '../../app/edit';
import { useSettings } from '../../app/settings';
import { length } from '../../app/units';
import { fitTracks, type Fit } from '../../wire/fit';
import { Mat, matSquare } from '../../wire/Mat';
import { part, ribbon, track, type Point, type Track } from '../../wire/ribbon';
import { useSize } from '../../wire/useSize';
import { Glow, WireForm } from '../../wire/WireForm';
import { Dimensions } from './Dimensions';
import { handlesOf, type Handle } from './handles';
import type { Tied } from './tie';

/** The form on its mat; elements are chosen by touch, measures changed by their handles. */
export const FormMat = memo(function FormMat(
  props: Tied & {
    /** the chosen element of the document */
    element: Element | undefined;
    /** index of the strand */
    index: number;
  },
) {
  const { strand, chosen, pointed, element, index } = props;
  const { units } = useSettings();
  const { ref, width, height } = useSize();
  const [held, setHeld] = useState<Fit>();
  const state = strand.states[strand.states.length - 1] as StatePlan;
  const widths = useMemo(() => state.stations.map((s) => s.drawnMm), [state]);
  const outline = strand.outline as Point[];
  const whole = useMemo(() => track(outline, widths), [outline, widths]);
  const fitted = fitTracks([whole], width, height - 40, 0.86);
  const at = held ?? fitted;
  const lit = strand.elements.find((e) => e.id === (pointed ?? chosen));
  const plan = strand.elements.find((e) => e.id === chosen);
  const transform = `translate(${at.x} ${at.y}) scale(${at.scale} ${-at.scale})`;

  return (
    <div className="mat" ref={ref}>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="group"
          aria-label={`the form, ${length(strand.finished.widthMm, units)} by ${length(strand.finished.heightMm, units)}`}
          onPointerDown={(e) => e.target === e.currentTarget && props.onChoose(undefined)}
        >
          <g onPointerDown={() => props.onChoose(undefined)}>
            <Mat width={width} height={height} scale={at.scale} originX={at.x} originY={at.y} />
          </g>
          <g transform={transform} pointerEvents="none" data-testid="form">
            {lit && <Glow of={whole} fromMm={lit.fromMm} toMm={lit.toMm} />}
            <WireForm
              metal={strand.wire.metal}
              outline={outline}
              widths={widths}
              crossings={strand.crossings}
            />
          </g>
          <Touch whole={whole} elements={strand.elements} transform={transform} tied={props} />
          <Dimensions strand={strand} at={at} width={width} height={height} chosen={plan} />
          {element && plan && (
            <Handles
              whole={whole}
              element={element}
              plan={plan}
              at={at}
              index={index}
              onHold={(holding) => setHeld(holding ? at : undefined)}
            />
          )}
          <text x={10} y={height - 10} fontSize={15} fill="var(--ink-soft)">
            each square {matSquare(at.scale)} mm
          </text>
        </svg>
      )}
    </div>
  );
});

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
  return (
    <g transform={props.transform}>
      {props.elements.map((e) => (
        <path
          key={e.id}
          data-element={e.id}
          d={ribbon(part(props.whole, e.fromMm, e.toMm), 1.6)}
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
  /** told when a handle is taken and let go */
  onHold: (holding: boolean) => void;
}) {
  const { at, element, index } = props;
  const { change, drop } = useBench();
  const drag = useRef<{ handle: Handle; x: number; y: number; scale: number; moved: boolean } | undefined>(
    undefined,
  );
  const handles = handlesOf(element, props.plan, props.whole);

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
    void change((p) => withElement(p, index, element.id ?? '', { [now.handle.field]: value }), true);
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
