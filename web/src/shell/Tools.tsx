import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import { useColorScheme } from '@mui/material/styles';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { useSettings } from '../kit/settings';
import type { Units } from '../kit/units';

const UNITS: [Units, string][] = [
  ['mm', 'mm'],
  ['in', 'in'],
  ['in32', 'in 1/32'],
];

/** The tools that every page has: unit, tools owned, settings, guide and lamp. */
export function Tools() {
  const { units, setUnits } = useSettings();
  const { colorScheme, setMode } = useColorScheme();
  const dark = colorScheme === 'dark';
  const next = UNITS[(UNITS.findIndex(([u]) => u === units) + 1) % UNITS.length]?.[0] ?? 'mm';
  useHotkeys('m', () => setUnits(next), [next]);
  useHotkeys('l', () => setMode(dark ? 'light' : 'dark'), [dark]);
  return (
    <>
      <span role="group" aria-label="unit">
        {UNITS.map(([unit, name]) => (
          <ToggleButton key={unit} value="on" selected={units === unit} onClick={() => setUnits(unit)}>
            {name}
          </ToggleButton>
        ))}
      </span>
      <Button component={Link} to="/tools">
        tools
      </Button>
      <Button component={Link} to="/settings">
        settings
      </Button>
      <Button component={Link} to="/help/model">
        guide
      </Button>
      <ToggleButton value="on" selected={dark} onClick={() => setMode(dark ? 'light' : 'dark')}>
        lamp
      </ToggleButton>
    </>
  );
}
