import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api/client';
import { queries } from '../api/queries';
import type { DaybookAnswer, Lessons, LogPage } from '../api/types';
import { against, figure, told, WHAT } from '../bench/log';
import { habit, HandRow, UseHabit } from '../bench/HandRow';
import { exact } from '../kit/clock';
import { Coming } from '../kit/Coming';
import { Entry } from '../kit/Entry';
import { useSettings } from '../kit/settings';

const Runs = lazy(() => import('./Runs').then((m) => ({ default: m.Runs })));

/** Everything that was made and measured by day; or what the days come to: runs as plots. What was learnt stands at the side. */
export function Daybook() {
  const [search, setSearch] = useState('');
  const [shows, setShows] = useState<'days' | 'runs'>('days');
  const lessons = useQuery(queries.lessons());
  const days = useInfiniteQuery({
    queryKey: ['daybook', search],
    queryFn: ({ pageParam }) => api.daybook(search, pageParam),
    initialPageParam: '',
    getNextPageParam: (last: DaybookAnswer) => last.before || undefined,
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
  const all = days.data?.pages.flatMap((p) => p.days) ?? [];
  return (
    <div className="bench">
      <Box className="mat" sx={{ overflow: 'auto !important', p: '12px 20px' }} aria-busy={days.isFetching}>
        {days.error && <p role="alert">{days.error.message}</p>}
        {shows === 'runs' ? (
          <Suspense fallback={<Coming />}>{lessons.data && <Runs runs={lessons.data.runs} />}</Suspense>
        ) : (
          <>
            {all.map((day) => (
              <Day key={day.day} day={day} />
            ))}
            {days.data && all.length === 0 && (
              <p className="why">
                {search === ''
                  ? 'Nothing is written down yet. The bench card writes by itself what its steps took; the rest is written down at Log of a piece.'
                  : 'Nothing of that is written down.'}
              </p>
            )}
            {days.hasNextPage && (
              <Button disabled={days.isFetchingNextPage} onClick={() => void days.fetchNextPage()}>
                older days
              </Button>
            )}
          </>
        )}
      </Box>
      <aside className="side" aria-label="what was learnt">
        <dl className="rows">
          <div>
            <dt>
              <label htmlFor="daybook-search">look for</label>
            </dt>
            <dd>
              <Entry
                id="daybook-search"
                wide={190}
                value={search}
                autoComplete="off"
                onChange={(e) => {
                  setSearch(e.target.value);
                  setShows('days');
                }}
              />
            </dd>
          </div>
        </dl>
        {lessons.data && <Learned lessons={lessons.data} />}
      </aside>
      <div className="across tools-row">
        <Button variant={shows === 'days' ? 'contained' : 'text'} onClick={() => setShows('days')}>
          day by day
        </Button>
        <Button variant={shows === 'runs' ? 'contained' : 'text'} onClick={() => setShows('runs')}>
          the same again and again
        </Button>
        <span className="apart" />
        <Button href="/api/daybook/csv">save as CSV</Button>
      </div>
    </div>
  );
}

function Learned(props: {
  /** what the days come to */
  lessons: Lessons;
}) {
  const { wrongs, learnt } = props.lessons;
  return (
    <>
      <h2 className="part-title">what went wrong most</h2>
      {wrongs.length === 0 && <p className="why">Nothing broke or opened so far.</p>}
      <ol className="plain">
        {wrongs.slice(0, 5).map((w) => (
          <li key={w.title}>
            <b>
              {w.title}
              {w.times > 1 && `, ${w.times} times`}
            </b>
            {w.notes.length > 0 && <p className="why">{w.notes.join('; ')}</p>}
            {w.helped.length > 0 && <p>What helped: {w.helped.join('; ')}</p>}
          </li>
        ))}
      </ol>
      <h2 className="part-title">what your hand is like</h2>
      {learnt.length === 0 && <p className="why">No records yet: every figure is the general value.</p>}
      {[...new Set(learnt.map((l) => l.habit))].map((of) => (
        <section key={of} aria-label={habit(of)}>
          <h3 className="hand-title">{habit(of)}</h3>
          <UseHabit of={of} />
          {learnt
            .filter((l) => l.habit === of)
            .map((l) => (
              <HandRow key={`${l.group.kind} ${l.group.metal} ${l.group.band}`} learnt={l} />
            ))}
        </section>
      ))}
    </>
  );
}

function Day(props: {
  /** a day with what was made on it */
  day: DaybookAnswer['days'][number];
}) {
  const { day } = props;
  const date = new Date(`${day.day}T12:00`);
  const photographs = useQuery(queries.photographs());
  return (
    <section aria-label={day.day}>
      <h2 className="part-title">
        {date.toLocaleDateString('en-GB', {
          weekday: 'long',
          day: 'numeric',
          month: 'long',
          year: 'numeric',
        })}
      </h2>
      {day.made.map((made) => {
        const photograph = photographs.data?.find((p) => p.subject === made.subject);
        return (
          <div key={made.subject} style={{ display: 'flex', gap: 16, padding: '6px 0' }}>
            <div style={{ flex: 1 }}>
              <Link to={`/pieces/${made.subject}/log`}>
                <b>{made.name}</b>
              </Link>
              <Facts pages={made.facts} />
            </div>
            {photograph && (
              <img
                src={`/api/photographs/${photograph.number}/picture`}
                alt={`${made.name}, made on ${photograph.day}`}
                style={{ height: 84 }}
              />
            )}
          </div>
        );
      })}
      {day.baths.map((b, i) => (
        <p key={i}>
          <b>{b.name}</b> came out of the bath after {exact(b.seconds)}
          {b.note && `: ${b.note}`}
        </p>
      ))}
    </section>
  );
}

/** Times of steps as one sum, all else line by line. */
function Facts(props: {
  /** what was written down */
  pages: readonly LogPage[];
}) {
  const { units } = useSettings();
  const timed = props.pages.filter((p) => p.fact.what === 'minutes');
  const total = timed.reduce((sum, p) => sum + (p.fact.actual ?? 0), 0);
  const planned = timed.reduce((sum, p) => sum + (p.fact.planned ?? 0), 0);
  return (
    <ul className="plain">
      {timed.length > 0 && (
        <li>
          {timed.length === 1 ? 'one step' : `${timed.length} steps`} in {figure('minutes', total, units)},
          planned {figure('minutes', planned, units)}
        </li>
      )}
      {props.pages
        .filter((p) => p.fact.what !== 'minutes')
        .map((p) => (
          <li key={p.number}>
            {p.fact.title && p.fact.about !== '' && `${p.fact.title}, `}
            {p.fact.what === 'breakage' ? 'broke:' : p.fact.what === 'note' ? '' : WHAT[p.fact.what]}{' '}
            {p.fact.actual !== undefined && <b>{told(p.fact.what, p.fact.actual, p.fact.word, units)}</b>}
            {p.fact.outcome !== 'none' && `, ${p.fact.outcome}`}
            {against(p, units) && <span className="soft"> {against(p, units)}</span>}
            {p.fact.note && `${p.fact.actual === undefined ? '' : ' · '}${p.fact.note}`}
            {p.fact.helped && ` · what helped: ${p.fact.helped}`}
            {p.fact.practice && <span className="soft">, for practice</span>}
          </li>
        ))}
    </ul>
  );
}
