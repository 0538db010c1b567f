import { useColorScheme } from '@mui/material/styles';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { useSettings } from './settings';

/** The tools that every page has: unit and lamp. */
export function Tools() {
  const { units, setUnits } = useSettings();
  const { colorScheme, setMode } = useColorScheme();
  const dark = colorScheme === 'dark';
  useHotkeys('m', () => setUnits(units === 'mm' ? 'in' : 'mm'), [units]);
  useHotkeys('l', () => setMode(dark ? 'light' : 'dark'), [dark]);
  return (
    <>
      <span role="group" aria-label="unit">
        <button className="plain" aria-pressed={units === 'mm'} onClick={() => setUnits('mm')}>
          mm
        </button>
        <button className="plain" aria-pressed={units === 'in'} onClick={() => setUnits('in')}>
          in
        </button>
      </span>
      <Link className="plain" to="/tools">
        tools
      </Link>
      <button className="plain" aria-pressed={dark} onClick={() => setMode(dark ? 'light' : 'dark')}>
        lamp
      </button>
    </>
  );
}
