import type { ElementPlan, StrandPlan } from '../../api/types';
import { WhyRow } from '../../kit/WhyRow';
import { useSettings } from '../../kit/settings';
import { length, load, thickness, words } from '../../kit/units';

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
      ? [`on ${thickness(tool.insideMm, units)} inside it comes to the size asked for`]
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
            ? `${tool.owned.name || words(tool.owned.kind)} ${length(tool.owned.sizeMm, units)}`
            : tool.insideMm > 0
              ? `${tool.kind}, ${length(tool.insideMm, units)}`
              : tool.kind
        }
        topic="springback"
        inputs={inputs}
      />
      {tool.owned && tool.comesToMm !== undefined && (
        <WhyRow
          label="comes to, let go"
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

/** What scatters: the load for metal a tenth softer or harder, and the give of the bend. */
function bandOf(planned: ElementPlan): string[] {
  const { holdFromN, holdToN, opensMmPerN } = planned;
  if (holdFromN === undefined || holdToN === undefined || opensMmPerN === undefined) return [];
  return [
    `metal scatters: from ${load(holdFromN)} to ${load(holdToN)}`,
    `gives ${opensMmPerN.toFixed(3)} mm for a newton`,
  ];
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
  const { holdN, wantsN, startsToGiveN, opensLeft } = planned;
  const bend = planned.finished ? [`inside ${length(planned.finished.insideMm, units)}`] : [];
  const inputs = [strand.wireInWords, ...bend, `temper now ${words(planned.temperNow)}`];
  return (
    <>
      {holdN !== undefined && startsToGiveN !== undefined && (
        <>
          <WhyRow
            label={planned.squeezed ? 'stands a squeeze of' : 'holds'}
            value={load(holdN)}
            topic={planned.squeezed ? 'squeeze' : 'holds'}
            inputs={[...inputs, ...bandOf(planned)]}
            short={wantsN !== undefined && holdN < wantsN}
          />
          {wantsN !== undefined && <WhyRow label="wanted" value={load(wantsN)} topic="wants" />}
          <WhyRow label="starts to give at" value={load(startsToGiveN)} topic="gives" inputs={inputs} />
        </>
      )}
      <WhyRow
        label="temper now"
        value={`${words(planned.temperNow)}, ${planned.hardnessHv.toFixed(0)} HV`}
        topic="hardness"
        inputs={[`p added ${planned.strain.toFixed(3)}`, strand.wireInWords]}
      />
      <WhyRow
        label="strain used"
        value={`${planned.strain.toFixed(2)} of ${strand.redStrain.toFixed(2)}`}
        topic="strain"
        inputs={[
          `minded from ${strand.amberStrain.toFixed(2)}`,
          `may crack at ${strand.redStrain.toFixed(2)}`,
          strand.wireInWords,
        ]}
        short={planned.strain > strand.amberStrain}
      />
      {opensLeft !== undefined && (
        <WhyRow
          label="opens and closes"
          value={opensLeft >= 100 ? 'over 100 times' : `about ${Math.floor(opensLeft)} times`}
          topic="opens"
          inputs={[`strain left ${planned.strainLeft.toFixed(2)}`]}
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
  const hardest = strand.elements.find((e) => e.id === strand.mostWorked);
  return (
    <>
      {weakest?.holdN !== undefined && weakest.wantsN !== undefined && (
        <WhyRow
          label={`${weakest.label} ${weakest.squeezed ? 'stands' : 'holds'}`}
          value={load(weakest.holdN)}
          topic={weakest.squeezed ? 'squeeze' : 'holds'}
          inputs={[`wanted ${load(weakest.wantsN)}`, strand.wireInWords, ...bandOf(weakest)]}
          short={weakest.holdN < weakest.wantsN}
        />
      )}
      {hardest && hardest.strain > 0.005 && (
        <WhyRow
          label={`most worked: ${hardest.label}`}
          value={words(hardest.temperNow)}
          topic="strain"
          inputs={[
            `strain ${hardest.strain.toFixed(2)} of ${strand.redStrain.toFixed(2)} that it stands`,
            `${hardest.hardnessHv.toFixed(0)} HV`,
          ]}
          short={hardest.strain > strand.amberStrain}
        />
      )}
    </>
  );
}
