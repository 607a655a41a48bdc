import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';

/** The room between the margins of the narrower of A4 and Letter, px at 96 to the inch: 210 mm less twice 10 mm, rounded down. */
const printedPx = 700;

let printing = false;
const told = new Set<() => void>();
const set = (now: boolean) => {
  printing = now;
  // Drawn anew before the page is taken: a drawing that is only made smaller has letters too small to read.
  flushSync(() => told.forEach((one) => one()));
};
if (typeof window !== 'undefined') {
  window.addEventListener('beforeprint', () => set(true));
  window.addEventListener('afterprint', () => set(false));
}
const listen = (one: () => void) => {
  told.add(one);
  return () => void told.delete(one);
};

/** The measured width of an element, px, and the page's while it is printed; a sensible start before the first measurement. */
export function useWidth<T extends HTMLElement>(start = 820) {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(start);
  // What is mounted while the page is printed has its width too.
  const onPaper = useSyncExternalStore(listen, () => printing);
  useEffect(() => {
    if (!ref.current || typeof ResizeObserver === 'undefined') return;
    const observer = new ResizeObserver(([entry]) => entry && entry.contentRect.width > 0 && setWidth(Math.round(entry.contentRect.width)));
    observer.observe(ref.current);
    return () => observer.disconnect();
  }, []);
  return { ref, width: onPaper ? Math.min(width, printedPx) : width };
}
