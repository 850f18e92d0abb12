import { useLayoutEffect, useState, type RefObject } from 'react';

/**
 * Size of an element in pixels. Pictures get it as numbers: sized in percent they would be laid out anew, with
 * all their words, at every step of a drag.
 */
export function useSize(element: RefObject<HTMLElement | null>): { width: number; height: number } {
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const observed = element.current;
    if (!observed) return;
    const measure = (): void => setSize({ width: observed.clientWidth, height: observed.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(observed);
    return () => observer.disconnect();
  }, [element]);
  return size;
}
