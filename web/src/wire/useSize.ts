import { useCallback, useState } from 'react';

/** Measures an element on screen, px; the ref goes on the element. */
export function useSize(): { ref: (node: HTMLElement | null) => void; width: number; height: number } {
  const [size, setSize] = useState({ width: 0, height: 0 });
  const ref = useCallback((node: HTMLElement | null) => {
    if (!node) return;
    const read = () => setSize({ width: node.clientWidth, height: node.clientHeight });
    read();
    const observer = new ResizeObserver(read);
    observer.observe(node);
    return () => observer.disconnect();
  }, []);
  return { ref, ...size };
}
