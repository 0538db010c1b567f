import { useEffect, useRef, useState } from 'react';

/** A value a frame later: what is quick to show is painted first, what is slow to draw follows. */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  const latest = useRef(value);
  useEffect(() => {
    latest.current = value;
    requestAnimationFrame(() => setTimeout(() => setShown(latest.current)));
  }, [value]);
  return shown;
}
