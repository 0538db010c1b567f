import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Suspense } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import { queries } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Hint } from './Hint';
import { Knots } from './Knots';
import { Tools } from './Tools';

const PLACES = ['/tray', '/rack', '/bath', '/daybook'];

/** The frame outside of a piece: Tray, Rack, Bath, Daybook. */
export function OutsideFrame() {
  const { pathname } = useLocation();
  const go = useNavigate();
  const tray = useQuery(queries.tray());
  useHotkeys(['1', '2', '3', '4'], (event) => void go(PLACES[Number(event.key) - 1] as string), [go]);
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
      <header className="head">
        <h1>Etui</h1>
        <div className="tools">
          <Button component={Link} to="/jobs">
            jobs
          </Button>
          <Button component={Link} to="/stones">
            stones
          </Button>
          <Button component={Link} to="/sizes">
            sizes
          </Button>
          <Tools />
        </div>
      </header>
      <Knots knots={knots} open={PLACES.findIndex((p) => pathname.startsWith(p))} label="places" />
      <main className="station">
        {pathname === '/tray' && <Hint station="tray" />}
        <Suspense fallback={<Coming />}>
          <Outlet />
        </Suspense>
      </main>
    </div>
  );
}
