import type { Element, ElementPlan } from '../../api/types';
import { useBench } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { NumberField } from '../../kit/NumberField';
import { OutlineChoice } from './OutlineChoice';

type Of<K extends Element['kind']> = Extract<Element, { kind: K }>;

/** Kinds whose sizes change under the hammer. */
const SIZED_AFTER = new Set<Element['kind']>(['arc', 'loop', 'curl', 'spiral', 'coil']);

type Change = (change: Partial<Element>) => Promise<boolean>;

/** The choices of an element that are no measures: which way, on what, how sized, how it lies in space. */
export function ElementChoices(props: {
  /** the element of the document */
  element: Element;
  /** the same as planned */
  planned: ElementPlan;
  /** index of the strand */
  index: number;
  /** whether it follows the outline of a solid that it lies on */
  onStone: boolean;
  /** called with what changes */
  onChange: (change: Partial<Element>) => Promise<boolean>;
}) {
  const { element, planned, index } = props;
  const change: Change = props.onChange;
  return (
    <>
      {element.kind === 'spiral' && <SpiralChoices element={element} planned={planned} onChange={change} />}
      {element.kind === 'coil' && (
        <ChoiceField
          label="its axis runs"
          value={element.axis}
          choices={['across', 'along']}
          onChange={(axis) => change({ axis: axis as Of<'coil'>['axis'] })}
        />
      )}
      {element.kind === 'coil' && (
        <ChoiceField
          label="off the mandrel its turns are"
          value={element.shaped === 'none' ? 'left as they are' : element.shaped}
          choices={['left as they are', 'pinched', 'fanned']}
          onChange={(v) =>
            change({ shaped: v === 'left as they are' ? 'none' : (v as Of<'coil'>['shaped']) })
          }
        />
      )}
      {element.kind === 'wrap' && <WrapChoices element={element} onChange={change} />}
      {element.kind === 'girth' && <GirthSeat element={element} onChange={change} />}
      {element.kind === 'across' && <AcrossSeat element={element} onChange={change} />}
      {element.kind === 'girth' && !props.onStone && (
        <OutlineChoice
          label="goes round"
          outline={element.outline}
          onChange={(outline) => change({ outline } as Partial<Element>)}
        />
      )}
      {element.kind === 'twist' && <TwistChoice element={element} index={index} onChange={change} />}
      {'turn' in element && (
        <ChoiceField
          label="curves to the"
          value={element.turn}
          choices={['left', 'right']}
          onChange={(turn) => change({ turn: turn as 'left' | 'right' })}
        />
      )}
      {element.kind === 'straight' && (
        <YesNo
          label="end filed to a point"
          value={element.pointed}
          onChange={(pointed) => change({ pointed })}
        />
      )}
      {element.kind === 'loop' && (
        <>
          <YesNo label="has to open later" value={element.opens} onChange={(opens) => change({ opens })} />
          <YesNo
            label="on the line of the wire"
            value={element.centred}
            onChange={(centred) => change({ centred })}
          />
        </>
      )}
      {SIZED_AFTER.has(element.kind) && (
        <ChoiceField
          label="sizes are meant"
          value={element.target === 'finished' ? 'after the work' : 'after release'}
          choices={['after release', 'after the work']}
          onChange={(v) =>
            change({ target: v === 'after the work' ? 'finished' : 'released' } as Partial<Element>)
          }
        />
      )}
      <details className="fold">
        <summary className="part-title">in space</summary>
        {'rollDeg' in element && (
          <NumberField
            label="plane rolled before it"
            value={element.rollDeg}
            unit="°"
            step={5}
            onChange={(rollDeg) => props.onChange({ rollDeg })}
          />
        )}
        <ChoiceField
          label="at crossings it lies"
          value={element.over === undefined ? 'as formed' : element.over ? 'over' : 'under'}
          choices={['as formed', 'over', 'under']}
          onChange={(v) => change({ over: v === 'as formed' ? undefined : v === 'over' } as Partial<Element>)}
        />
      </details>
    </>
  );
}

function YesNo(props: {
  /** what is asked */
  label: string;
  /** whether it holds */
  value: boolean;
  /** called with the answer */
  onChange: (value: boolean) => Promise<boolean>;
}) {
  return (
    <ChoiceField
      label={props.label}
      value={props.value ? 'yes' : 'no'}
      choices={['no', 'yes']}
      onChange={(v) => props.onChange(v === 'yes')}
    />
  );
}

/** Sizes by which a spiral can be given, with their words. */
const SIZED = { turns: 'turns', outsideMm: 'outside', lengthMm: 'length' } as const;

function SpiralChoices(props: {
  /** the spiral of the document */
  element: Of<'spiral'>;
  /** the same as planned: it knows all three sizes */
  planned: ElementPlan;
  onChange: Change;
}) {
  const { element, planned, onChange } = props;
  const by = (Object.keys(SIZED) as (keyof typeof SIZED)[]).find((k) => element[k] !== undefined) ?? 'turns';
  const hundredth = (mm: number) => Math.round(mm * 100) / 100;
  const sized = (word: string) => {
    const sizes = {
      turns: { turns: hundredth(planned.finished?.turns ?? 3) },
      outside: { outsideMm: hundredth(planned.finished?.outsideMm ?? 10) },
      length: { lengthMm: hundredth(planned.lengthMm) },
    };
    const none = { turns: undefined, outsideMm: undefined, lengthMm: undefined };
    onChange({ ...none, ...sizes[word as keyof typeof sizes] } as Partial<Element>);
  };
  return (
    <>
      <ChoiceField label="sized by" value={SIZED[by]} choices={Object.values(SIZED)} onChange={sized} />
      <ChoiceField
        label="middle"
        value={element.centre}
        choices={['closed', 'open']}
        onChange={(centre) =>
          onChange({ centre, insideMm: centre === 'open' ? 3 : undefined } as Partial<Element>)
        }
      />
      <ChoiceField
        label="the wire begins"
        value={element.from}
        choices={['inside', 'outside', 'filled']}
        onChange={(from) => onChange({ from: from as Of<'spiral'>['from'] })}
      />
    </>
  );
}

/** What a wrap can go round, each with a usual measure. */
const CORES: Record<string, Of<'wrap'>['core']> = {
  cord: { cordMm: 3 },
  stem: { stemMm: 1 },
  wires: { wires: 3, diameterMm: 0.8 },
};

function WrapChoices(props: {
  /** the wrap of the document */
  element: Of<'wrap'>;
  onChange: Change;
}) {
  const { element, onChange } = props;
  const { core } = element;
  const kind = core.cordMm !== undefined ? 'cord' : core.stemMm !== undefined ? 'stem' : 'wires';
  return (
    <>
      <ChoiceField
        label="wound round a"
        value={kind}
        choices={Object.keys(CORES)}
        onChange={(word) => onChange({ core: CORES[word] } as Partial<Element>)}
      />
      <YesNo
        label="its own leg under it"
        value={element.legAlong}
        onChange={(legAlong) => onChange({ legAlong })}
      />
    </>
  );
}

const NOTHING = 'its own outline';

/** What a girth lies on: a part that is told as a solid, at a height, in a slot of the bundle. */
function GirthSeat(props: {
  /** the girth of the document */
  element: Of<'girth'>;
  onChange: Change;
}) {
  const { element, onChange } = props;
  const { piece } = useBench();
  const { seat } = element;
  const solids = piece.parts.filter((p) => p.body && 'outline' in p.body).map((p) => p.id ?? '');
  if (solids.length === 0 && !seat) return null;
  const put = (next: Partial<NonNullable<typeof seat>>) =>
    onChange({ seat: { on: seat?.on ?? solids[0] ?? '', heightMm: 0, slot: 0, ...seat, ...next } });
  return (
    <>
      <ChoiceField
        label="lies on"
        value={seat?.on ?? NOTHING}
        choices={[NOTHING, ...solids]}
        onChange={(on) => (on === NOTHING ? onChange({ seat: undefined }) : put({ on }))}
      />
      {seat && (
        <>
          <NumberField
            label="touches it at a height of"
            value={seat.heightMm}
            unit="mm"
            step={0.1}
            onChange={(heightMm) => put({ heightMm })}
          />
          <NumberField
            label="wires of the bundle behind it"
            value={seat.slot}
            unit=""
            step={1}
            onChange={(slot) => put({ slot })}
          />
        </>
      )}
    </>
  );
}

/** What wire over a face lies on, and which face. */
function AcrossSeat(props: {
  /** the wire of the document */
  element: Of<'across'>;
  onChange: Change;
}) {
  const { element, onChange } = props;
  const { piece } = useBench();
  const solids = piece.parts.filter((p) => p.body && 'outline' in p.body).map((p) => p.id ?? '');
  return (
    <>
      <ChoiceField
        label="lies on"
        value={element.on}
        choices={[...new Set([element.on, ...solids])]}
        onChange={(on) => onChange({ on })}
      />
      <ChoiceField
        label="over its"
        value={element.face}
        choices={['front', 'back']}
        onChange={(face) => onChange({ face: face as Of<'across'>['face'] })}
      />
    </>
  );
}

function TwistChoice(props: {
  /** the twist of the document */
  element: Of<'twist'>;
  /** index of its strand */
  index: number;
  onChange: Change;
}) {
  const { piece } = useBench();
  const others = piece.strands.filter((_, i) => i !== props.index).map((s) => s.id ?? '');
  return (
    <ChoiceField
      label="twisted with"
      value={props.element.with}
      choices={['itself', ...others]}
      onChange={(other) => props.onChange({ with: other })}
    />
  );
}
