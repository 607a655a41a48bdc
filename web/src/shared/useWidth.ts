import { useEffect, useRef, useState } from 'react';

/** The measured width of an element, px; a sensible start before the first measurement. */
export function useWidth<T extends HTMLElement>(start = 820) {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(start);
  useEffect(() => {
    if (!ref.current || typeof ResizeObserver === 'undefined') return;
    const observer = new ResizeObserver(([entry]) => entry && entry.contentRect.width > 0 && setWidth(Math.round(entry.contentRect.width)));
    observer.observe(ref.current);
    return () => observer.disconnect();
  }, []);
  return { ref, width };
}
