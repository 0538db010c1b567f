import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { useColorScheme } from '@mui/material/styles';
import { Link, useLocation } from 'react-router';
import { useKeys } from '../kit/keys';
import { useSettings } from '../kit/settings';
import type { Units } from '../kit/units';

const UNITS: [Units, string][] = [
  ['mm', 'mm'],
  ['in', 'in'],
  ['in32', 'in 1/32'],
];

/** A way to another page, marked where it is the one that is open. */
export function NavButton(props: {
  /** its address */
  to: string;
  /** its name */
  children: string;
}) {
  const { pathname } = useLocation();
  const here = pathname.startsWith(props.to.replace(/\/model$/, ''));
  return (
    <Button component={Link} to={props.to} aria-current={here ? 'page' : undefined}>
      {props.children}
    </Button>
  );
}

/** The tools that every page has: unit, tools owned, settings, guide and lamp. */
export function Tools() {
  const { units, setUnits } = useSettings();
  const { colorScheme, setMode } = useColorScheme();
  const dark = colorScheme === 'dark';
  const next = UNITS[(UNITS.findIndex(([u]) => u === units) + 1) % UNITS.length]?.[0] ?? 'mm';
  useKeys('m', () => setUnits(next), [next]);
  useKeys('l', () => setMode(dark ? 'light' : 'dark'), [dark]);
  return (
    <>
      <span role="group" aria-label="unit">
        {UNITS.map(([unit, name]) => (
          <ToggleButton key={unit} value="on" selected={units === unit} onClick={() => setUnits(unit)}>
            {name}
          </ToggleButton>
        ))}
      </span>
      <span role="group" aria-label="about Etui">
        <NavButton to="/tools">tools</NavButton>
        <NavButton to="/settings">settings</NavButton>
        <NavButton to="/help/model">guide</NavButton>
        <ToggleButton value="on" selected={dark} onClick={() => setMode(dark ? 'light' : 'dark')}>
          lamp
        </ToggleButton>
      </span>
    </>
  );
}
