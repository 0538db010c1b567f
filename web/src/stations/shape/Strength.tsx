import { useWorkLeft } from '../../bench/workLeft';
import type { ElementPlan, StrandPlan } from '../../api/types';
import { WhyRow } from '../../kit/WhyRow';
import { useSettings } from '../../kit/settings';
import { grams, length, load, thickness, words, toolSize } from '../../kit/units';
import { isUsedUp, standsOf } from '../../bench/loads';

const FORMED = { fingers: 'fingers', pliers: 'pliers', vice: 'jig or vice' } as const;

/** What the element is formed on, and what it comes to on the tool that is owned. */
export function ToolRows(props: {
  /** the element as planned */
  planned: ElementPlan;
  /** the strand as planned */
  strand: StrandPlan;
}) {
  const { units } = useSettings();
  const { planned, strand } = props;
  const { tool } = planned;
  if (!tool) return null;
  const inputs = [
    strand.wireInWords,
    ...(tool.insideMm > 0
      ? [`on ${thickness(tool.insideMm, units)} inside it springs back to the size asked for`]
      : []),
    ...(tool.owned
      ? [`nearest tool owned: ${words(tool.owned.kind)} ${thickness(tool.owned.sizeMm, units)}`]
      : []),
  ];
  return (
    <>
      <WhyRow
        label="form it on"
        value={
          tool.owned
            ? `${tool.owned.name || words(tool.owned.kind)} ${toolSize(tool.owned.sizeMm, units)}`
            : tool.insideMm > 0
              ? `${tool.kind}, ${length(tool.insideMm, units)}`
              : tool.kind
        }
        topic="springback"
        inputs={inputs}
      />
      {tool.owned && tool.comesToMm !== undefined && (
        <WhyRow
          label="springs back to"
          value={`${thickness(tool.comesToMm, units)} inside`}
          topic="springback"
          inputs={inputs}
        />
      )}
      {planned.toolMomentNmm > 0 && (
        <WhyRow
          label="formed by"
          value={FORMED[planned.formedBy]}
          topic="forming"
          inputs={[`M = ${planned.toolMomentNmm.toFixed(0)} N·mm`, strand.wireInWords]}
        />
      )}
    </>
  );
}

/** What goes into a load that it holds: how far its metal scatters, and the give of the bend. */
function bandOf(planned: ElementPlan): string[] {
  const { holdFromN, holdToN, opensMmPerN } = planned;
  if (holdFromN === undefined || holdToN === undefined || opensMmPerN === undefined) return [];
  return [
    `metal scatters: from ${load(holdFromN)} to ${load(holdToN)}`,
    `gives ${opensMmPerN.toFixed(3)} mm for a newton`,
  ];
}

/** What gives first under a pull that grows, in words. */
const FAILS = {
  opens: 'it bends open',
  slips: 'the turns that close it slip',
  breaks: 'the wire breaks',
  yields: 'the closed eye is drawn out',
} as const;

/** What a bend holds: as it is meant to be tried, and the other ways that it can be pulled. */
function Loads(props: {
  /** the element as planned */
  planned: ElementPlan;
  /** what goes into every figure */
  inputs: string[];
}) {
  const { planned, inputs } = props;
  const { holdN, wantsN, startsToGiveN, startsFromN, startsToN } = planned;
  const { squeezeN, sidewaysN, holdFromN, holdToN, fails } = planned;
  if (holdN === undefined || startsToGiveN === undefined || holdFromN === undefined || holdToN === undefined)
    return null;
  const closed = fails !== undefined && fails !== 'opens';
  const stands = standsOf(planned);
  const holds = (
    <WhyRow
      label={planned.squeezed ? 'pulled open, holds' : closed ? 'closed, it holds' : 'holds'}
      value={load(holdN)}
      topic={closed ? 'eye' : 'holds'}
      inputs={[...inputs, ...bandOf(planned)]}
      short={!planned.squeezed && wantsN !== undefined && holdN < wantsN}
    />
  );
  const squeeze = squeezeN !== undefined && (
    <WhyRow
      label={planned.squeezed ? 'stands a squeeze of' : 'squeezed shut from'}
      value={load(squeezeN)}
      topic="squeeze"
      inputs={inputs}
      short={planned.squeezed && wantsN !== undefined && (stands ?? 0) < wantsN}
    />
  );
  return (
    <>
      {planned.squeezed ? squeeze : holds}
      {wantsN !== undefined && <WhyRow label="needed" value={load(wantsN)} topic="wants" />}
      {planned.squeezed && holds}
      <WhyRow
        label="spool to spool"
        value={`${grams(holdFromN)} to ${grams(holdToN)}`}
        topic="holds"
        inputs={inputs}
      />
      <WhyRow
        label="starts to give at"
        value={load(startsToGiveN)}
        topic="gives"
        inputs={[...inputs, `spool to spool: from ${load(startsFromN ?? 0)} to ${load(startsToN ?? 0)}`]}
      />
      {closed && <WhyRow label="gives first" value={FAILS[fails]} topic="eye" inputs={inputs} />}
      {sidewaysN !== undefined && (
        <WhyRow label="pulled sideways" value={load(sidewaysN)} topic="sideways" inputs={inputs} />
      )}
      {!planned.squeezed && squeeze}
    </>
  );
}

/** How it springs: a coil, a twist, a cuff. */
function Springs(props: {
  /** the element as planned */
  planned: ElementPlan;
}) {
  const { units } = useSettings();
  const { springNPerMm, springMostN, opensFreelyMm, twistBackTurns } = props.planned;
  return (
    <>
      {springNPerMm !== undefined && springMostN !== undefined && (
        <>
          <WhyRow label="as a spring" value={`${grams(springNPerMm)} a mm`} topic="springs" />
          <WhyRow label="sets as a spring from" value={load(springMostN)} topic="springs" />
        </>
      )}
      {twistBackTurns !== undefined && twistBackTurns >= 0.05 && (
        <WhyRow label="springs back by" value={`${twistBackTurns.toFixed(1)} turns`} topic="springs" />
      )}
      {opensFreelyMm !== undefined && (
        <WhyRow label="opens without set" value={length(opensFreelyMm, units)} topic="springs" />
      )}
    </>
  );
}

/** How hard the element has become, what it holds against what is wanted, and what is left. */
export function StrengthRows(props: {
  /** the element as planned */
  planned: ElementPlan;
  /** the strand as planned */
  strand: StrandPlan;
}) {
  const { planned, strand } = props;
  const { units } = useSettings();
  const { opensLeft } = planned;
  const workLeft = useWorkLeft(strand.wire.metal);
  const inside = planned.finished?.insideMm;
  const bend = inside === undefined ? [] : [`inside ${length(inside, units)}`];
  const inputs = [strand.wireInWords, ...bend, `temper now ${words(planned.temperNow)}`];
  return (
    <>
      <Loads planned={planned} inputs={inputs} />
      <Springs planned={planned} />
      <WhyRow
        label="temper now"
        value={`${words(planned.temperNow)}, ${planned.hardnessHv.toFixed(0)} HV`}
        topic="hardness"
        inputs={[`strain added ${planned.strain.toFixed(3)}`, strand.wireInWords]}
      />
      <WhyRow
        label="work left before it cracks"
        value={workLeft(planned.strainLeft)}
        topic="strain"
        inputs={[
          `strain ${planned.strain.toFixed(2)} of ${strand.redStrain.toFixed(2)} used`,
          `little is left from ${strand.amberStrain.toFixed(2)}`,
          `may crack at ${strand.redStrain.toFixed(2)}`,
          strand.wireInWords,
        ]}
        short={isUsedUp(planned, strand)}
      />
      {opensLeft !== undefined && (
        <WhyRow
          label="opens and closes"
          value={opensLeft >= 100 ? 'over 100 times' : `about ${Math.floor(opensLeft)} times`}
          topic="opens"
          inputs={[`work left before it cracks ${workLeft(planned.strainLeft)}`]}
        />
      )}
    </>
  );
}

/** The weakest bend of a strand in two figures, shown while no element is chosen. */
export function Weakest(props: {
  /** the strand as planned */
  strand: StrandPlan;
}) {
  const { strand } = props;
  const weakest = strand.elements.find((e) => e.id === strand.weakest);
  const stands = weakest && standsOf(weakest);
  const hardest = strand.elements.find((e) => e.id === strand.mostWorked);
  return (
    <>
      {weakest && stands !== undefined && weakest.wantsN !== undefined && (
        <WhyRow
          label={`${weakest.label} ${weakest.squeezed ? 'stands' : 'holds'}`}
          value={load(stands)}
          topic={weakest.squeezed ? 'squeeze' : weakest.fails === 'opens' ? 'holds' : 'eye'}
          inputs={[`needed ${load(weakest.wantsN)}`, strand.wireInWords, ...bandOf(weakest)]}
          short={stands < weakest.wantsN}
        />
      )}
      {hardest && hardest.strain > 0.005 && (
        <WhyRow
          label={`hardest spot: ${hardest.label}`}
          value={words(hardest.temperNow)}
          topic="strain"
          inputs={[
            `strain ${hardest.strain.toFixed(2)} of ${strand.redStrain.toFixed(2)} that it stands`,
            `${hardest.hardnessHv.toFixed(0)} HV`,
          ]}
          short={isUsedUp(hardest, strand)}
        />
      )}
    </>
  );
}
