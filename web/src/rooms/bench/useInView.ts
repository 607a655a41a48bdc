import { useCallback, useState, type RefCallback } from 'react';

/** How far below the window a thing counts as seen already, so that it stands when it is scrolled to, CSS px. */
const ahead = '200px';

/** Whether an element is in the window or nearly; true where the browser cannot say. The callback goes to the element's `ref`. */
export function useInView(): [boolean, RefCallback<HTMLElement>] {
  const canTell = typeof IntersectionObserver !== 'undefined';
  const [inView, setInView] = useState(!canTell);
  const watch = useCallback(
    (element: HTMLElement | null) => {
      if (!canTell || !element) return;
      const observer = new IntersectionObserver((entries) => setInView(entries.at(-1)!.isIntersecting), { rootMargin: ahead });
      observer.observe(element);
      return () => observer.disconnect();
    },
    [canTell],
  );
  return [inView, watch];
}
