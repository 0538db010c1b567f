import { useHotkeys, type HotkeyCallback } from 'react-hotkeys-hook';
import { useSettings } from './settings';

/** What takes the space bar and enter for itself. */
const PRESSED =
  'button, a[href], summary, [role="button"], [role="checkbox"], [role="menuitem"], [role="tab"]';

/** Whether a key belongs to what has the focus: the space bar presses it. */
function presses(event: KeyboardEvent): boolean {
  return event.key === ' ' && event.target instanceof Element && event.target.closest(PRESSED) !== null;
}

/** Keys that stand alone, without ctrl or alt: they can be turned off in the settings, and never press past a focused control. */
export function useKeys(keys: string | readonly string[], go: HotkeyCallback, more: readonly unknown[] = []) {
  const { keys: on } = useSettings();
  useHotkeys(
    [...(typeof keys === 'string' ? [keys] : keys)],
    go,
    { preventDefault: true, enabled: on, ignoreEventWhen: presses },
    [...more, on],
  );
}
