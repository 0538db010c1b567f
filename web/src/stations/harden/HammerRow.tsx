import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import ToggleButton from '@mui/material/ToggleButton';
import { useQuery } from '@tanstack/react-query';
import { memo, type ReactElement, useEffect, useMemo, useRef, useState } from 'react';
import { queries } from '../../api/queries';
import type { OwnedTool, Strand, Work } from '../../api/types';
import { Later, useBench } from '../../bench/bench';
import { StrandSwitch } from '../../bench/StrandSwitch';
import { newWork } from '../../bench/work';
import { useKinds } from '../../kit/useKinds';

export type Face = Extract<Work, { op: 'flatten' }>['with'];

/** What can be taken in the row: a face that hammers by pulling, or work that is done at once to what is chosen. */
interface Tool {
  /** word on its button */
  label: string;
  /** the face it hammers with, where it is pulled */
  face?: Face;
  /** the work, where it is done at once */
  op?: Work['op'];
  /** the tool that it needs; none where hands or any pliers do */
  needs?: OwnedTool['kind'];
  /** its drawing, 16 by 16 */
  drawing: ReactElement;
}

const HANDLE = <path d="M8 6.5 V15" />;

const HAMMERS: Tool[] = [
  {
    label: 'domed',
    face: 'domed-hammer',
    needs: 'domed-hammer',
    drawing: (
      <>
        {HANDLE}
        <path className="solid" d="M4 2.5 H12 V5.5 Q8 8 4 5.5 Z" />
      </>
    ),
  },
  {
    label: 'flat',
    face: 'flat-hammer',
    needs: 'flat-hammer',
    drawing: (
      <>
        {HANDLE}
        <path className="solid" d="M4 2.5 H12 V6.5 H4 Z" />
      </>
    ),
  },
  {
    label: 'ball',
    face: 'ball-hammer',
    needs: 'ball-hammer',
    drawing: (
      <>
        {HANDLE}
        <path className="solid" d="M2 3.5 H9 V6.5 H2 Z" />
        <circle className="solid" cx="11.5" cy="5" r="2.6" />
      </>
    ),
  },
  {
    label: 'cross',
    face: 'cross-hammer',
    needs: 'cross-hammer',
    drawing: (
      <>
        {HANDLE}
        <path className="solid" d="M2 3 H9 L14 4.75 L9 6.5 H2 Z" />
      </>
    ),
  },
  {
    label: 'planish',
    op: 'planish',
    needs: 'flat-hammer',
    drawing: (
      <>
        <path className="solid" d="M5 1.5 H11 V5 H5 Z" />
        <path d="M1 8.5 H15 M1 11 H15" />
      </>
    ),
  },
  {
    label: 'texture',
    op: 'texture',
    needs: 'ball-hammer',
    drawing: (
      <>
        <circle className="solid" cx="8" cy="3.5" r="2.2" />
        <path d="M1 9 q1.75 2.6 3.5 0 q1.75 2.6 3.5 0 q1.75 2.6 3.5 0 q1.75 2.6 3.5 0 M1 13 H15" />
      </>
    ),
  },
];

const HARDENING: Tool[] = [
  {
    label: 'mallet',
    op: 'mallet',
    needs: 'nylon-mallet',
    drawing: (
      <>
        <path d="M8 8 V15" />
        <rect className="solid" x="2.5" y="1.5" width="11" height="6.5" rx="1.5" />
      </>
    ),
  },
  {
    label: 'jaws',
    op: 'jaws',
    needs: 'nylon-jaws',
    drawing: (
      <>
        <path className="solid" d="M2 2 L12 5 V7 L2 6 Z M2 14 L12 11 V9 L2 10 Z" />
        <path d="M9 8 H15" />
      </>
    ),
  },
  {
    label: 'flex',
    op: 'flex',
    drawing: (
      <>
        <path d="M1.5 12 Q8 12 14 3" />
        <path className="faint" d="M1.5 12 Q8 12 14 14.5" />
      </>
    ),
  },
  {
    label: 'tumble',
    op: 'tumble',
    needs: 'tumbler',
    drawing: (
      <>
        <circle cx="8" cy="8" r="6.2" />
        <circle className="solid" cx="6" cy="10.8" r="1.3" />
        <circle className="solid" cx="9.2" cy="11.2" r="1.3" />
        <circle className="solid" cx="7.8" cy="8.6" r="1.3" />
      </>
    ),
  },
];

const SHAPING: Tool[] = [
  {
    label: 'close again',
    op: 'reclose',
    drawing: (
      <>
        <path d="M10.5 3.2 A5.5 5.5 0 1 0 13.5 8" />
        <path d="M13.5 8 l1.6 -2.6 M13.5 8 l-2.8 -1.3" />
      </>
    ),
  },
];

const GROUPS: [string, Tool[]][] = [
  ['hammer', HAMMERS],
  ['work-harden', HARDENING],
  ['shape', SHAPING],
];

/** What a strand is hammered with and what is done to it at once; it stays as it is while the steps are scrubbed. */
export const HammerRow = memo(function HammerRow(props: {
  /** index of the strand */
  index: number;
  /** id of the element that is worked */
  subject: string;
  /** the face that hammers */
  face: Face;
  onFace: (face: Face, subject: string) => void;
  /** whether two of a pair are compared */
  comparing: boolean;
  onCompare: (comparing: boolean) => void;
}) {
  const { subject, face, comparing } = props;
  const { change } = useBench();
  const kinds = useKinds();
  const tools = useQuery(queries.tools());
  const latest = useRef({ change, kinds });
  useEffect(() => {
    latest.current = { change, kinds };
  });
  // The buttons stay as they are when the piece changes.
  const atOnce = useMemo(
    () => (op: Work['op'], on: string | undefined, index: number) =>
      void latest.current.change((p) => ({
        ...p,
        work: [...p.work, newWork(latest.current.kinds, p, p.strands[index] as Strand, op, on)],
      })),
    [],
  );
  return (
    <div className="tools-row tight hammer-row">
      <Later>
        <StrandSwitch />
      </Later>
      <HammerButtons
        index={props.index}
        subject={subject}
        face={face}
        comparing={comparing}
        owned={tools.data?.tools}
        onFace={props.onFace}
        onCompare={props.onCompare}
        onAtOnce={atOnce}
      />
    </div>
  );
});

const HammerButtons = memo(function HammerButtons(props: {
  /** index of the strand */
  index: number;
  /** id of the element that is worked */
  subject: string;
  /** the face that hammers */
  face: Face;
  /** whether two of a pair are compared */
  comparing: boolean;
  /** tools at hand; nothing as long as they are not known */
  owned: readonly OwnedTool[] | undefined;
  onFace: (face: Face, subject: string) => void;
  onCompare: (comparing: boolean) => void;
  /** called with a work that is done at once */
  onAtOnce: (op: Work['op'], on: string | undefined, index: number) => void;
}) {
  const { subject, comparing } = props;
  const [away, setAway] = useState<HTMLElement>();
  const owned = props.owned && new Set<string>(props.owned.map((t) => t.kind));
  const atHand = (tool: Tool) => !owned || !tool.needs || owned.has(tool.needs) || tool.face === props.face;
  const missing = GROUPS.flatMap(([, tools]) => tools).filter((t) => !atHand(t));
  const use = (tool: Tool) => {
    if (tool.face) props.onFace(tool.face, subject);
    else if (tool.op) props.onAtOnce(tool.op, tool.op === 'tumble' ? undefined : subject, props.index);
  };
  return (
    <>
      {GROUPS.map(([name, tools]) => (
        <span key={name} className="tool-group" role="group" aria-label={name}>
          <span className="label" aria-hidden>
            {name}
          </span>
          {tools.filter(atHand).map((tool) =>
            tool.face ? (
              <ToggleButton
                key={tool.label}
                value="on"
                selected={props.face === tool.face}
                onClick={() => use(tool)}
              >
                <ToolDrawing tool={tool} />
                {tool.label}
              </ToggleButton>
            ) : (
              <Button key={tool.label} onClick={() => use(tool)}>
                <ToolDrawing tool={tool} />
                {tool.label}
              </Button>
            ),
          )}
        </span>
      ))}
      {missing.length > 0 && (
        <Button
          className="away"
          aria-haspopup="menu"
          aria-expanded={away !== undefined}
          onClick={(event) => setAway(event.currentTarget)}
        >
          not owned: {missing.length}
        </Button>
      )}
      <Menu open={away !== undefined} anchorEl={away ?? null} onClose={() => setAway(undefined)}>
        {missing.map((tool) => (
          <MenuItem
            key={tool.label}
            onClick={() => {
              setAway(undefined);
              use(tool);
            }}
          >
            <ToolDrawing tool={tool} />
            {tool.label}
          </MenuItem>
        ))}
      </Menu>
      <ToggleButton
        className="apart"
        value="on"
        selected={comparing}
        onClick={() => props.onCompare(!comparing)}
      >
        compare two
      </ToggleButton>
    </>
  );
});

function ToolDrawing(props: {
  /** what is drawn */
  tool: Tool;
}) {
  return (
    <svg className="tool-drawing" viewBox="0 0 16 16" aria-hidden>
      {props.tool.drawing}
    </svg>
  );
}
