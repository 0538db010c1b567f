import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useQueryClient } from '@tanstack/react-query';
import type { Habit, Learnt } from '../api/types';
import { useSettings } from '../kit/settings';
import { useKinds } from '../kit/useKinds';
import { thickness, type Units, words } from '../kit/units';

const SAYS: Record<Habit, string> = {
  allowance: 'wire taken',
  springback: 'size after springing back',
  flattening: 'width after flattening',
  minutes: 'time',
  hold: 'what it holds',
};

/** Where a band of thicknesses begins and ends, mm. */
const BANDS: Record<Learnt['group']['band'], { from: number; to?: number }> = {
  fine: { from: 0, to: 0.5 },
  thin: { from: 0.5, to: 0.8 },
  medium: { from: 0.8, to: 1.2 },
  stout: { from: 1.2, to: 1.8 },
  heavy: { from: 1.8 },
};

/** How thick the wire is that something was learnt of. */
export function band(of: Learnt['group']['band'], units: Units): string {
  const { from, to } = BANDS[of];
  const says = (mm: number) => (units === 'mm' ? `${mm} mm` : thickness(mm, units));
  if (to === undefined) return `${says(from)} and more`;
  return from === 0 ? `under ${says(to)}` : `${says(from).replace(/ \w+$/, '')} to ${says(to)}`;
}

/** Kinds of steps in which no element is formed. */
const STEPS: Record<string, string> = {
  cut: 'cutting',
  mark: 'marking',
  dress: 'straightening and dressing',
  work: 'hammering',
  lash: 'lashing',
  thread: 'threading',
  hang: 'hanging in',
  'put-in': 'putting in',
  close: 'closing',
  trim: 'trimming',
  bath: 'bath',
  finish: 'polishing and sealing',
  check: 'checking',
};

/** How a habit is called. */
export function habit(of: Habit): string {
  return SAYS[of];
}

/** By how much a factor is more, in percent with its sign. */
function percent(factor: number): string {
  const more = Math.round((factor - 1) * 1000) / 10;
  const shown = Math.abs(more) < 10 ? Math.abs(more).toFixed(1) : Math.abs(more).toFixed(0);
  return shown === '0.0' ? '0 %' : `${more > 0 ? '+' : '−'}${shown} %`;
}

/** A factor as people say it. */
function more(factor: number): string {
  const shown = percent(factor);
  if (shown === '0 %') return 'as worked out';
  return `${shown.slice(1)} ${factor > 1 ? 'more' : 'less'} than worked out`;
}

/** Whether what was learnt of a habit is used in plans. */
export function UseHabit(props: {
  /** the habit */
  of: Habit;
}) {
  const { learnt: used, applyLearnt } = useSettings();
  const cache = useQueryClient();
  if (props.of === 'allowance') return <p className="why">Used for wires whose policy at Cut is learnt.</p>;
  return (
    <FormControlLabel
      sx={{ ml: 0, gap: 1 }}
      label={`use what was learnt of ${habit(props.of)}`}
      control={
        <Switch
          size="small"
          checked={used?.includes(props.of) ?? false}
          onChange={(e) =>
            void applyLearnt(props.of, e.target.checked).then(() =>
              cache.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'settings' }),
            )
          }
        />
      }
    />
  );
}

/** What was learnt of a kind of wire: own value, how sure, of how many records, beside the general value. */
export function HandRow(props: {
  /** what was learnt */
  learnt: Learnt;
}) {
  const { learnt } = props;
  const { group } = learnt;
  const { units } = useSettings();
  const kind =
    useKinds().elements.find((e) => e.kind === group.kind)?.words ?? STEPS[group.kind] ?? group.kind;
  return (
    <div className="hand-row">
      <b>
        {kind}, {words(group.metal)}, {band(group.band, units)}
      </b>
      <p>
        Yours: {more(learnt.factor)}; nine times in ten between {percent(learnt.from)} and{' '}
        {percent(learnt.to)}; {learnt.records === 1 ? 'one record' : `${learnt.records} records`}
        {learnt.leftOut > 0 && `, ${learnt.leftOut} far out left aside`}. General value: as worked out.
      </p>
    </div>
  );
}
