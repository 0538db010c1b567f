import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useQueryClient } from '@tanstack/react-query';
import type { Habit, Learnt } from '../api/types';
import { useSettings } from '../kit/settings';
import { useKinds } from '../kit/useKinds';
import { words } from '../kit/units';

const SAYS: Record<Habit, string> = {
  allowance: 'wire taken',
  springback: 'size after springing back',
  flattening: 'width after flattening',
  minutes: 'time',
  hold: 'what it holds',
};

const BANDS: Record<Learnt['group']['band'], string> = {
  fine: 'under 0.5 mm',
  thin: '0.5 to 0.8 mm',
  medium: '0.8 to 1.2 mm',
  stout: '1.2 to 1.8 mm',
  heavy: '1.8 mm and more',
};

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

/** A factor as people say it: 3 % more, half as long. */
export function times(factor: number): string {
  const more = Math.round((factor - 1) * 1000) / 10;
  const shown = Math.abs(more) < 10 ? Math.abs(more).toFixed(1) : Math.abs(more).toFixed(0);
  if (shown === '0.0') return 'as worked out';
  return `${shown} % ${more > 0 ? 'more' : 'less'}`;
}

/** What was learnt of a kind of wire: own value, how sure, of how many records, beside the general value. */
export function HandRow(props: {
  /** what was learnt */
  learnt: Learnt;
}) {
  const { learnt } = props;
  const { learnt: used, applyLearnt } = useSettings();
  const cache = useQueryClient();
  const { group } = learnt;
  const kind =
    useKinds().elements.find((e) => e.kind === group.kind)?.words ?? STEPS[group.kind] ?? group.kind;
  return (
    <div className="hand-row">
      <b>
        {kind}, {words(group.metal)}, {BANDS[group.band]}: {habit(learnt.habit)}
      </b>
      <p className="why">
        Yours: {times(learnt.factor)} than worked out, nine times in ten between {times(learnt.from)} and{' '}
        {times(learnt.to)}; {learnt.records === 1 ? 'one record' : `${learnt.records} records`}
        {learnt.leftOut > 0 && `, ${learnt.leftOut} far out left aside`}. General value: as worked out.
      </p>
      {learnt.habit === 'allowance' ? (
        <p className="why">Used for wires whose policy at Cut is learnt.</p>
      ) : learnt.habit === 'flattening' ? (
        <p className="why">Shown here only: drawings keep the general width.</p>
      ) : (
        <FormControlLabel
          label={`use what was learnt of ${habit(learnt.habit)}`}
          control={
            <Switch
              size="small"
              checked={used?.includes(learnt.habit) ?? false}
              onChange={(e) =>
                void applyLearnt(learnt.habit, e.target.checked).then(() =>
                  cache.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'settings' }),
                )
              }
            />
          }
        />
      )}
    </div>
  );
}
