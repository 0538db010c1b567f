import type { Element, ElementPlan, Piece, Strand, StrandPlan } from '../../api/types';
import { AdviceList } from '../../bench/AdviceList';
import { useBench } from '../../bench/bench';
import { ChoiceField } from '../../kit/ChoiceField';
import { WhyRow } from '../../kit/WhyRow';
import { withElement, withEntered, withStrand } from '../../bench/edit';
import { LengthField } from '../../kit/LengthField';
import { NumberField } from '../../kit/NumberField';
import { Row } from '../../kit/Row';
import { useSettings } from '../../kit/settings';
import { useKinds } from '../../kit/useKinds';
import { length, lengthNumber, thickness, unitWord, place, words } from '../../kit/units';
import { ElementChoices } from './ElementChoices';
import { canBeNothing, changeOf, fieldsOf, shownUnit, stepOf, stoneOf, valueOf } from '../../bench/fields';
import { Measures } from './Measures';
import { KeepAsPattern, OwnMeasuresPart } from './OwnMeasuresPart';
import { PartsJoins } from './PartsJoins';
import { Stays } from './Stays';
import { StrandPart } from './StrandPart';
import { StrengthRows, ToolRows, Weakest } from './Strength';
import { WorkPart } from '../../bench/WorkPart';

/** The figures of the strand, the measures of what is chosen, and advice. */
export function ReadOuts(props: {
  /** the strand as planned */
  strand: StrandPlan;
  /** the chosen element */
  element: Element | undefined;
  /** index of the strand */
  index: number;
  /** called with the addresses of what the measure at hand measures */
  onMeasure: (elements: readonly string[] | undefined) => void;
}) {
  const { strand, element, index } = props;
  const { plan, piece } = useBench();
  const { units } = useSettings();
  const other = units === 'mm' ? 'in' : 'mm';
  const planned = strand.elements.find((e) => e.id === element?.id);
  const chain = plan.chains.find((c) => c.strand === strand.id);
  return (
    <aside className="side" aria-label="read-outs">
      <div className="big">
        <span className="unit">cut</span>
        <b data-testid="cut">{lengthNumber(strand.cutLengthMm, units, 'up')}</b>
        <span className="unit">{unitWord(units)}</span>
        <span className="other">{length(strand.cutLengthMm, other, 'up')}</span>
      </div>
      {!element && (
        <dl className="rows">
          {chain && (
            <>
              <Row label={`chain of ${chain.links} links`} value={length(chain.lengthMm, units)} />
              <Row label="from link to link" value={length(chain.pitchMm, units)} />
            </>
          )}
          <Row label="wire in the piece" value={length(strand.netLengthMm, units)} />
          {strand.stretch.handleMm > 0 && (
            <Row label="handle, cut off last" value={length(strand.stretch.handleMm, units)} />
          )}
          <Row
            label="spare and filing"
            value={length(strand.stretch.tailMm + strand.stretch.fileMm + strand.stretch.roundingMm, units)}
          />
        </dl>
      )}
      {element && planned ? (
        <ElementPart element={element} planned={planned} index={index} strand={strand} />
      ) : (
        <>
          <Weakest strand={strand} />
          <Stays />
          <AdviceList advice={plan.advice} />
          <OwnMeasuresPart onMeasure={props.onMeasure} />
          {piece.source && !piece.source.detached && (
            <Measures source={piece.source} onMeasure={props.onMeasure} />
          )}
          <WorkPart index={index} />
          <StrandPart index={index} />
          <PartsJoins />
          <Allowances piece={piece} index={index} />
          <KeepAsPattern />
        </>
      )}
    </aside>
  );
}

/** A bare number typed while inches are on, with its unit. */
function inInches(typed: string): string {
  return /^[\d.,\s/]+$/.test(typed) ? `${typed}in` : typed;
}

function ElementPart(props: {
  /** the element of the document */
  element: Element;
  /** the same as planned */
  planned: ElementPlan;
  /** index of the strand */
  index: number;
  /** the strand as planned */
  strand: StrandPlan;
}) {
  const { element, planned, index, strand } = props;
  const { piece, plan, change } = useBench();
  const { units } = useSettings();
  const kinds = useKinds();
  const id = element.id ?? '';
  const set = (change_: Partial<Element>) => change((p) => withElement(p, index, id, change_));
  const path = (field: string) => `strands.${piece.strands[index]?.id ?? index}.elements.${id}.${field}`;
  const here = `strands.${index}.elements.${piece.strands[index]?.elements.indexOf(element) ?? -1}`;
  const mark = plan.strands[index]?.marks.find((m) => m.element === id);
  const stone = stoneOf(piece, element);
  const shown = fieldsOf(kinds, element).filter((f) => !stone || !f.name.startsWith('outline.'));
  return (
    <>
      <h2 className="part-title">{planned.label}</h2>
      <dl className="rows">
        {shown.map((f) =>
          (f.unit === 'mm' || f.unit === 'thickness') && !canBeNothing(f) ? (
            <LengthField
              key={id + f.name}
              label={f.title}
              mm={valueOf(element, f.name)}
              fine={f.unit === 'thickness'}
              from={f.from}
              to={f.to}
              entered={piece.entered[path(f.name)]}
              onChange={(mm, typed) =>
                change((p) =>
                  withEntered(
                    withElement(p, index, id, changeOf(element, f.name, mm)),
                    path(f.name),
                    units !== 'mm' && typed ? inInches(typed) : typed,
                  ),
                )
              }
            />
          ) : (
            <NumberField
              key={id + f.name}
              label={f.title}
              value={valueOf(element, f.name)}
              unit={shownUnit(f.unit)}
              step={stepOf(f.unit)}
              onChange={(value) => set(changeOf(element, f.name, value))}
            />
          ),
        )}
      </dl>
      {stone && (
        <p className="why">It goes round the {words(stone)} as it is given under beads, stones and joins.</p>
      )}
      <ToolRows planned={planned} strand={strand} />
      <Finished element={element} planned={planned} />
      <StrengthRows planned={planned} strand={strand} />
      <AdviceList advice={plan.advice.filter((a) => a.where === here || a.also.includes(here))} />
      <WorkPart index={index} element={id} />
      <dl className="rows">
        <ElementChoices
          element={element}
          planned={planned}
          index={index}
          onStone={stone !== undefined}
          onChange={set}
        />
        {element.kind === 'spiral' && planned.finished && (
          <Row label="outside, by calliper" value={length(planned.finished.outsideMm, units)} />
        )}
        {element.kind === 'spiral' && planned.finished && (
          <Row label="turns" value={String(Math.round(planned.finished.turns * 100) / 100)} />
        )}
        {planned.equivalentWireMm !== undefined && (
          <Row label="bought; as wire it would be" value={length(planned.equivalentWireMm, units)} />
        )}
        <Row label="wire in it" value={length(planned.lengthMm, units)} />
        <Row
          label="starts"
          value={mark ? `${place(mark.atMm, units)} from the ${mark.from}` : 'at the very end'}
        />
      </dl>
      {planned.mandrelRuleMm !== undefined && (
        <details className="why">
          <summary>“π × mandrel” would say {length(planned.mandrelRuleMm, units)}</summary>
          It forgets the wire’s own thickness, which has to go round as well. Etui takes ∫ (1 − (κt)²/26) ds
          along the centre line, κ the curvature and t the thickness: an estimate fitted to finite-element
          bending, within 0.3 % of finite elements, tighter curves about 1 %. Sizes are as wanted after
          release.
        </details>
      )}
      {element.kind === 'paddle' && <PaddleWhy index={index} element={planned} />}
    </>
  );
}

/** What the work makes of a size that was asked for after release, or the other way round. */
function Finished(props: {
  /** the element of the document */
  element: Element;
  /** the same as planned */
  planned: ElementPlan;
}) {
  const { units } = useSettings();
  const { element, planned } = props;
  const asked =
    'insideMm' in element ? element.insideMm : 'mandrelMm' in element ? element.mandrelMm : undefined;
  const inside = planned.finished?.insideMm;
  if (asked === undefined || inside === undefined || Math.abs(inside - asked) < 0.015) return null;
  return (
    <WhyRow
      label="inside after the work"
      value={thickness(inside, units)}
      topic="growth"
      inputs={[`asked for ${thickness(asked, units)} after release`]}
    />
  );
}

function PaddleWhy(props: {
  /** index of the strand */
  index: number;
  /** the paddle as planned */
  element: ElementPlan;
}) {
  const { plan } = useBench();
  const { units } = useSettings();
  const stations = plan.strands[props.index]?.states.at(-1)?.stations ?? [];
  const middle = (props.element.fromMm + props.element.toMm) / 2;
  const at = stations.reduce(
    (a, b) => (Math.abs(b.sMm - middle) < Math.abs(a.sMm - middle) ? b : a),
    stations[0] ?? {
      sMm: 0,
      widthMm: 0,
      thicknessMm: 0,
      drawnMm: 0,
      strain: 0,
    },
  );
  return (
    <p className="why">
      Comes out about {thickness(at.widthMm, units)} wide at {thickness(at.thicknessMm, units)} thick, an
      estimate fitted to finite elements.
    </p>
  );
}

/** Where the handle is, where the word of the document is not the word of the bench. */
const HANDLE: Record<string, string> & { '': string; spool: string } = {
  '': 'end formed last',
  spool: 'none, it stays on the spool',
};

/** What is cut beyond the form. */
function Allowances(props: {
  /** the document */
  piece: Piece;
  /** index of the strand */
  index: number;
}) {
  const { change } = useBench();
  const strand = props.piece.strands[props.index];
  if (!strand) return null;
  const allowance = strand.allowance;
  const set = (next: Partial<typeof allowance>) =>
    change((p) => {
      const old = p.strands[props.index] as Strand;
      const changed = { ...old.allowance, ...next };
      if (changed.handleAt === undefined) Reflect.deleteProperty(changed, 'handleAt');
      return withStrand(p, props.index, { ...old, allowance: changed });
    });
  return (
    <details className="fold">
      <summary className="part-title">allowance</summary>
      <dl className="rows">
        <ChoiceField
          label="handle"
          value={HANDLE[allowance.handleAt ?? ''] ?? allowance.handleAt ?? ''}
          choices={[HANDLE[''], 'start', 'end', 'both', 'none', HANDLE.spool]}
          onChange={(v) =>
            set({ handleAt: v === HANDLE[''] ? undefined : v === HANDLE.spool ? 'spool' : (v as 'start') })
          }
        />
        {allowance.handleAt !== 'none' && allowance.handleAt !== 'spool' && (
          <LengthField
            label="handle length"
            mm={allowance.handleMm}
            onChange={(handleMm) => set({ handleMm })}
          />
        )}
        <ChoiceField
          label="cut"
          value={allowance.policy}
          choices={['measured', 'generous']}
          onChange={(policy) => set({ policy: policy as 'measured' })}
        />
      </dl>
    </details>
  );
}
