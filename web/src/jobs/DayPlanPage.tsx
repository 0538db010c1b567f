import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api } from '../api/client';
import type { JobsByDay } from '../api/types';
import { minutes } from '../card/card';
import { Coming } from '../kit/Coming';
import { NumberField } from '../kit/NumberField';
import { useSettings } from '../kit/settings';

const COLOURS = ['#b5652f', '#1d6b60', '#8a6d1f', '#5b6fa8', '#8d4a6b', '#4e7a3a', '#9a5b5b', '#4f6d7a'];
const WEEK = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** Jobs over days and bench hours: every day a wire, every stretch of work a wrap on it, what runs by itself below. */
export function DayPlanPage() {
  const { bench, setBench } = useSettings();
  if (!bench) return <Coming />;
  return (
    <Days
      perDay={bench.minutesADay}
      days={bench.days}
      onHours={(minutesADay) => setBench({ minutesADay })}
      onDays={(days) => setBench({ days })}
    />
  );
}

function Days(props: {
  /** how long the bench is open, minutes */
  perDay: number;
  /** days of the week, from 1 (Monday) */
  days: readonly number[];
  /** called with other minutes */
  onHours: (minutes: number) => void;
  /** called with other days */
  onDays: (days: number[]) => void;
}) {
  const { perDay, days } = props;
  const plan = useQuery({
    queryKey: ['day-plan', perDay, days],
    queryFn: () => api.dayPlan(perDay, days),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  const names = [...new Set(plan.data?.jobs.map((j) => j.name) ?? [])].sort();
  const colour = (name: string) => COLOURS[names.indexOf(name) % COLOURS.length] as string;
  const late = plan.data?.jobs.filter((j) => j.lateDays > 0) ?? [];
  return (
    <div className="bench">
      <Box className="mat" sx={{ overflow: 'auto !important', p: '12px 20px' }} aria-busy={plan.isFetching}>
        {plan.error && (
          <p className="wrong" role="alert">
            {plan.error.message}
          </p>
        )}
        {plan.data?.days.length === 0 && <p className="why">No job has anything left to do.</p>}
        {plan.data?.days.map((d) => (
          <Day key={d.day} day={d} perDay={perDay} colour={colour} />
        ))}
      </Box>
      <aside className="side" aria-label="bench hours and jobs">
        <dl className="rows">
          <NumberField
            label="bench hours a day"
            value={perDay / 60}
            unit="h"
            step={0.5}
            onChange={(hours) => {
              props.onHours(Math.min(960, Math.max(30, hours * 60)));
              return Promise.resolve(true);
            }}
          />
        </dl>
        <ToggleButtonGroup
          size="small"
          aria-label="bench days"
          value={days}
          onChange={(_, next: number[]) => {
            if (next.length > 0) props.onDays([...next].sort((a, b) => a - b));
          }}
        >
          {WEEK.map((name, i) => (
            <ToggleButton key={name} value={i + 1} sx={{ px: 1 }}>
              {name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {late.length > 0 && (
          <p className="wrong" role="alert">
            {late
              .map((j) => `${j.name} will be ${j.lateDays === 1 ? 'a day' : `${j.lateDays} days`} late`)
              .join('; ')}
            : more hours, more days, or a later date.
          </p>
        )}
        <h2 className="part-title">jobs</h2>
        <ul className="plain">
          {plan.data?.jobs.map((j) => (
            <li key={j.job}>
              <svg width={14} height={14} aria-hidden="true" style={{ marginRight: 8 }}>
                <rect width={14} height={14} rx={3} fill={colour(j.name)} />
              </svg>
              <Link to={`/jobs/${j.job}`}>{j.name}</Link>
              <div className="soft">
                done {said(j.doneOn)}
                {j.due ? `, due ${said(j.due)}` : ', no due date'}
              </div>
            </li>
          ))}
        </ul>
        {plan.data && plan.data.shared > 0 && (
          <p className="why">
            {plan.data.shared === 1 ? 'One bath is' : `${plan.data.shared} baths are`} shared with another
            job.
          </p>
        )}
        <p className="why">
          Hours count from when the bench opens, breaks for the hands with them. Times are those of the bench
          cards from where each stands: estimates, or your own where you use what was learnt.
        </p>
      </aside>
      <div className="across tools-row">
        <Button component={Link} to="/jobs">
          back to the jobs
        </Button>
      </div>
    </div>
  );
}

function said(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  });
}

function Day(props: {
  /** a day with what is done on it */
  day: JobsByDay['days'][number];
  /** how long the bench is open, minutes */
  perDay: number;
  /** colour of a job */
  colour: (name: string) => string;
}) {
  const { day, perDay, colour } = props;
  const x = (min: number) => (min / perDay) * 1000;
  const hours = Array.from({ length: Math.floor(perDay / 60) + 1 }, (_, i) => i);
  const byHand = day.slots.filter((s) => s.handsOn && s.job.length > 0);
  const hands = stretches(byHand);
  const alone = day.slots.filter((s) => !s.handsOn && s.job.length > 0);
  const rests = day.slots.filter((s) => s.job.length === 0);
  const work = byHand.reduce((sum, s) => sum + s.toMin - s.fromMin, 0);
  return (
    <section aria-label={day.day}>
      <h2 className="part-title">
        {said(day.day)} <span className="soft">{minutes(work)} by hand</span>
      </h2>
      <svg viewBox="0 0 1000 64" width="100%" height={64} preserveAspectRatio="none" aria-hidden="true">
        {hours.map((h) => (
          <path key={h} d={`M${x(h * 60)} 4V60`} stroke="var(--line)" vectorEffect="non-scaling-stroke" />
        ))}
        <path d="M0 20H1000" stroke="#b98a5c" strokeWidth={2} vectorEffect="non-scaling-stroke" />
        {hands.map((s, i) => (
          <rect
            key={i}
            x={x(s.fromMin)}
            y={8}
            width={Math.max(1, x(s.toMin) - x(s.fromMin) - 1)}
            height={24}
            rx={2}
            fill={colour(s.job[0] ?? '')}
          />
        ))}
        {rests.map((s, i) => (
          <path
            key={i}
            d={`M${x(s.fromMin)} 14V26M${x(s.toMin)} 14V26`}
            stroke="var(--mat)"
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {alone.map((s, i) => (
          <rect
            key={i}
            x={x(s.fromMin)}
            y={40}
            width={Math.max(1, x(s.toMin) - x(s.fromMin))}
            height={12}
            fill="none"
            stroke={colour(s.job[0] ?? '')}
            strokeWidth={2}
            strokeDasharray="6 4"
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
      <ul className="plain">
        {hands.map((s, i) => (
          <li key={i}>
            <span className="soft">{clock(s.fromMin)}</span> {s.job.join(' and ')}: {s.titles[0]}
            {s.titles.length > 1 && ` … ${s.titles[s.titles.length - 1]}`}
          </li>
        ))}
        {alone.map((s, i) => (
          <li key={`a${i}`} className="soft">
            {clock(s.fromMin)} by itself, {minutes(s.toMin - s.fromMin)}: {s.title} ({s.job.join(' and ')})
          </li>
        ))}
      </ul>
    </section>
  );
}

/** After the bench opens, as hours and minutes. */
function clock(min: number): string {
  return `${Math.floor(min / 60)}:${String(Math.round(min % 60)).padStart(2, '0')}`;
}

interface Stretch {
  job: readonly string[];
  titles: string[];
  fromMin: number;
  toMin: number;
}

/** Steps of one job without another between are one stretch. */
function stretches(slots: JobsByDay['days'][number]['slots']): Stretch[] {
  const all: Stretch[] = [];
  for (const slot of slots) {
    const last = all[all.length - 1];
    if (last && last.job.join() === slot.job.join() && slot.fromMin - last.toMin < 6) {
      last.toMin = slot.toMin;
      if (last.titles[last.titles.length - 1] !== slot.title) last.titles.push(slot.title);
    } else {
      all.push({ job: slot.job, titles: [slot.title], fromMin: slot.fromMin, toMin: slot.toMin });
    }
  }
  return all;
}
