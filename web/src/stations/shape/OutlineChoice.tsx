import type { Body } from '../../api/types';
import { ChoiceField } from '../../kit/ChoiceField';
import { Entry } from '../../kit/Entry';
import { useKinds } from '../../kit/useKinds';
import { kindOf } from '../../bench/work';
import { TraceButton } from './TraceButton';

type Outline = Extract<Body, { shape: 'lens' }>['outline'];

/** What a stone looks like from the front; its figures stand beside, its corners are typed in one line. */
export function OutlineChoice(props: {
  /** what is asked */
  label: string;
  /** the outline chosen */
  outline: Outline;
  /** called with another; says whether it was taken */
  onChange: (outline: Outline) => Promise<boolean>;
}) {
  const { label, outline, onChange } = props;
  const { outlines } = useKinds();
  return (
    <>
      <ChoiceField
        label={label}
        value={outline.shape}
        choices={outlines.map((o) => o.kind)}
        say={(shape) => kindOf(outlines, shape)?.words ?? shape}
        onChange={(shape) => onChange(kindOf(outlines, shape)?.usual as Outline)}
      />
      {outline.shape === 'polygon' && (
        <Corners
          points={outline.points.map((p) => [p.xMm, p.yMm])}
          onChange={(points) =>
            onChange({ ...outline, points: points.map(([xMm = 0, yMm = 0]) => ({ xMm, yMm })) })
          }
        />
      )}
      {outline.shape === 'traced' && (
        <>
          <TraceButton onTake={(points) => void onChange({ ...outline, points })} />
          <Corners points={outline.points} onChange={(points) => onChange({ ...outline, points })} />
        </>
      )}
    </>
  );
}

/** Corners of a stone as pairs of millimetres. */
function Corners(props: {
  /** across and up, mm, each */
  points: readonly number[][];
  /** called with others; says whether they were taken */
  onChange: (points: number[][]) => Promise<boolean>;
}) {
  const text = props.points.map((p) => p.join(' ')).join(', ');
  const take = (typed: string) => {
    const points = typed.split(/[,;]/).map((pair) => pair.trim().split(/\s+/).map(Number));
    if (points.every((p) => p.length === 2 && p.every(Number.isFinite))) void props.onChange(points);
  };
  return (
    <div>
      <dt>corners, mm</dt>
      <dd>
        <Entry
          key={text}
          wide={190}
          aria-label="corners, x y in mm, divided by commas"
          defaultValue={text}
          onBlur={(e) => e.target.value !== text && take(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
        />
      </dd>
    </div>
  );
}
