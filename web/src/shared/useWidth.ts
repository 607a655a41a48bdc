import { useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';

/** The room between the margins of the narrower of A4 and Letter, px at 96 to the inch: 210 mm less twice 10 mm, rounded down. */
const printedPx = 700;

/** The measured width of an element, px, and the page's while it is printed; a sensible start before the first measurement. */
export function useWidth<T extends HTMLElement>(start = 820) {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(start);
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    if (!ref.current || typeof ResizeObserver === 'undefined') return;
    const observer = new ResizeObserver(([entry]) => entry && entry.contentRect.width > 0 && setWidth(Math.round(entry.contentRect.width)));
    observer.observe(ref.current);
    return () => observer.disconnect();
  }, []);
  useEffect(() => {
    // Drawn anew before the page is taken: a drawing that is only made smaller has letters too small to read.
    const before = () => flushSync(() => setPrinting(true));
    const after = () => setPrinting(false);
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
    };
  }, []);
  return { ref, width: printing ? Math.min(width, printedPx) : width };
}
