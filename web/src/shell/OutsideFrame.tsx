import { useQuery } from '@tanstack/react-query';
import { Suspense } from 'react';
import { Outlet, useLocation, useNavigate } from 'react-router';
import { queries } from '../api/queries';
import { Coming } from '../kit/Coming';
import { useKeys } from '../kit/keys';
import { Hint } from './Hint';
import { Knots } from './Knots';
import { NavButton, Tools } from './Tools';
import { Skip, ViewTitle } from './ViewTitle';

const PLACES = ['/tray', '/rack', '/bath', '/daybook'];

const TITLES: Record<string, string> = {
  '/tray': 'Tray',
  '/tray/new': 'New piece',
  '/tray/bin': 'Bin',
  '/tray/measure': 'A piece that is there: what it holds',
  '/rack': 'Rack',
  '/rack/cut': 'Cut from the rack',
  '/bath': 'Bath',
  '/daybook': 'Daybook',
  '/tools': 'Tools',
  '/stones': 'Stones',
  '/jobs': 'Jobs',
  '/jobs/days': 'Jobs over the days',
  '/settings': 'Settings',
  '/sizes': 'Sizes',
};

function titleOf(pathname: string): string {
  if (pathname.startsWith('/help/')) return 'Guide';
  if (pathname.endsWith('/card')) return 'Bench card of a job';
  if (pathname.endsWith('/log')) return 'Log of a job';
  return TITLES[pathname] ?? 'A job';
}

/** The frame outside of a piece: Tray, Rack, Bath, Daybook. */
export function OutsideFrame() {
  const { pathname } = useLocation();
  const go = useNavigate();
  const tray = useQuery(queries.tray());
  useKeys(['1', '2', '3', '4'], (event) => void go(PLACES[Number(event.key) - 1] as string), [go]);
  const card = pathname.endsWith('/card');
  const count = tray.data?.length;
  const knots = [
    {
      name: 'Tray',
      to: '/tray',
      says: count === undefined ? '…' : count === 1 ? '1 piece' : `${count} pieces`,
    },
    { name: 'Rack', to: '/rack', says: 'wire and parts' },
    { name: 'Bath', to: '/bath', says: 'one bath, one clock' },
    { name: 'Daybook', to: '/daybook', says: 'made and learnt' },
  ];
  return (
    <div className="frame">
      <Skip />
      <header className="head" inert={card}>
        <h1>Etui</h1>
        <div className="tools">
          <span role="group" aria-label="more of the bench">
            <NavButton to="/jobs">jobs</NavButton>
            <NavButton to="/stones">stones</NavButton>
            <NavButton to="/sizes">sizes</NavButton>
          </span>
          <Tools />
        </div>
      </header>
      <Knots
        away={card}
        knots={knots}
        open={PLACES.findIndex((p) => pathname.startsWith(p))}
        label="places"
      />
      <main className="station" id="view" tabIndex={-1}>
        <ViewTitle title={titleOf(pathname)} view={pathname} />
        {pathname === '/tray' && count !== 0 && <Hint station="tray" />}
        <Suspense fallback={<Coming />}>
          <Outlet />
        </Suspense>
      </main>
    </div>
  );
}
