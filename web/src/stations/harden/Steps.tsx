import Slider from '@mui/material/Slider';
import Button from '@mui/material/Button';
import { DndContext, PointerSensor, useDraggable, useSensor, useSensors } from '@dnd-kit/core';
import { memo, useEffect, useRef, useState } from 'react';
import type { Operation } from '../../api/types';

/** The work as a line of steps: scrubbed by the bead, put in another order by dragging a step or with alt and an arrow key. */
export const Steps = memo(function Steps(props: {
  /** what is done to the strand, in order */
  operations: readonly Operation[];
  /** the state shown: 0 is the straight wire */
  at: number;
  /** called with the state to show */
  onGo: (state: number) => void;
  /** called with two places in the order */
  onMove: (from: number, to: number) => void;
}) {
  const { operations, at, onGo, onMove } = props;
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const pointer = useRef({ x: 0, y: 0 });
  const [over, setOver] = useState<number>();
  const words = at === 0 ? 'the straight wire, cut' : (operations[at - 1]?.words ?? '');
  return (
    <div className="scrub">
      <div className="scrub-line">
        <Button aria-label="earlier" disabled={at === 0} onClick={() => onGo(at - 1)}>
          ◄ ,
        </Button>
        <Slider
          aria-label="step of the work"
          getAriaValueText={() => `${at}: ${words}`}
          min={0}
          max={operations.length}
          step={1}
          value={at}
          onChange={(_, to) => onGo(to as number)}
        />
        <Button aria-label="later" disabled={at === operations.length} onClick={() => onGo(at + 1)}>
          . ►
        </Button>
      </div>
      <DndContext
        sensors={sensors}
        collisionDetection={({ pointerCoordinates }) => {
          // The page knows what lies under the pointer: no step needs to be measured.
          if (pointerCoordinates) pointer.current = pointerCoordinates;
          return [];
        }}
        onDragMove={({ active }) => setOver(under(pointer.current, Number(active.id)))}
        onDragCancel={() => setOver(undefined)}
        onDragEnd={({ active }) => {
          const to = under(pointer.current, Number(active.id));
          setOver(undefined);
          if (to !== undefined) onMove(Number(active.id), to);
        }}
      >
        <ol className="steps-row" aria-label="order of the work">
          <li>
            <button className="step" aria-current={at === 0 ? 'step' : undefined} onClick={() => onGo(0)}>
              0 cut
            </button>
          </li>
          {operations.map((o, i) => (
            <StepView
              key={o.id ? `${o.kind} ${o.id}` : `${o.kind} ${i}`}
              step={o}
              place={i}
              open={at === i + 1}
              over={over === i}
              onGo={onGo}
              onMove={onMove}
            />
          ))}
        </ol>
      </DndContext>
    </div>
  );
});

/** The place of the step under the pointer, besides the one that is dragged. */
function under(pointer: { x: number; y: number }, dragged: number): number | undefined {
  for (const found of document.elementsFromPoint(pointer.x, pointer.y)) {
    const place = found.closest<HTMLElement>('[data-place]')?.dataset.place;
    if (place !== undefined && Number(place) !== dragged) return Number(place);
  }
  return undefined;
}

const StepView = memo(function StepView(props: {
  /** the step */
  step: Operation;
  /** its place in the order, from 0 */
  place: number;
  /** whether it is the one shown */
  open: boolean;
  /** whether another is held over it */
  over: boolean;
  onGo: (state: number) => void;
  onMove: (from: number, to: number) => void;
}) {
  const { step, place, open } = props;
  const still = step.kind === 'trim';
  const drag = useDraggable({ id: place, disabled: still });
  const node = useRef<HTMLLIElement | null>(null);
  useEffect(() => {
    if (!open) return;
    const soon = setTimeout(() => node.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' }), 40);
    return () => clearTimeout(soon);
  }, [open]);
  return (
    <li ref={node} data-place={place} className={props.over ? 'over' : undefined}>
      <button
        ref={drag.setNodeRef}
        className={`step ${step.kind}`}
        style={drag.transform ? { transform: `translateX(${drag.transform.x}px)`, zIndex: 3 } : undefined}
        aria-current={open ? 'step' : undefined}
        aria-keyshortcuts={still ? undefined : 'Alt+ArrowLeft Alt+ArrowRight'}
        onClick={() => props.onGo(place + 1)}
        onPointerDown={(e) => drag.listeners?.onPointerDown?.(e)}
        onKeyDown={(e) => {
          const by = { ArrowLeft: -1, ArrowRight: 1 }[e.key];
          if (!e.altKey || by === undefined || still) return;
          e.preventDefault();
          e.stopPropagation();
          props.onMove(place, place + by);
        }}
      >
        {place + 1} {step.words.replace(/^form /, '')}
      </button>
    </li>
  );
});
