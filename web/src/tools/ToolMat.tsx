import './tools.css';
import type { OwnedTool } from '../api/types';
import { useSettings } from '../kit/settings';
import { thickness, unitWord, words } from '../kit/units';
import { useSize } from '../wire/useSize';
import { laidOut } from './kinds';

const WIDTH_MM = 190;
/** The widest tool has room in it. */
const LEAST_MM = 72;
/** Smaller, and figures would lie over one another: a narrow mat has more rows instead. */
const PX_A_MM = 4.4;

/** Round tools seen from the end, at one scale, on the millimetre mat; each is a button. */
export function ToolMat(props: {
  /** the round tools, smallest first */
  tools: readonly OwnedTool[];
  /** the one in hand */
  chosen: string | undefined;
  onChoose: (id: string) => void;
}) {
  const { units } = useSettings();
  const { ref, width } = useSize();
  const widthMm = Math.min(WIDTH_MM, Math.max(LEAST_MM, width / PX_A_MM));
  const { laid, heightMm } = laidOut(props.tools, widthMm);
  const scale = width / widthMm;
  return (
    <div className="mat tool-mat" ref={ref}>
      <div style={{ position: 'relative', height: heightMm * scale }}>
        {scale > 0 &&
          laid.map(({ tool, xMm, yMm }) => {
            const across = tool.sizeMm * scale;
            return (
              <button
                key={tool.id}
                className={`tool ${tool.kind}`}
                aria-pressed={tool.id === props.chosen}
                aria-label={`${tool.name || words(tool.kind)} ${thickness(tool.sizeMm, units)}`}
                style={{ left: xMm * scale, top: (yMm + tool.sizeMm / 2) * scale }}
                onClick={() => props.onChoose(tool.id)}
              >
                <i style={{ width: across, height: across }} />
                <span>{thickness(tool.sizeMm, units).replace(/ .*/, '')}</span>
              </button>
            );
          })}
      </div>
      <p className="legend">
        seen from the end, at one scale, in {unitWord(units)}: <i className="tool mandrel" /> mandrel{' '}
        <i className="tool plier-step" /> plier step <i className="tool jaw-mark" /> jaw mark
      </p>
    </div>
  );
}
