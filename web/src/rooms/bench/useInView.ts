import { useCallback, useState, type RefCallback } from 'react';

/** Whether any of an element is in the window; true where the browser cannot say. The callback goes to the element's `ref`. */
export function useInView(): [boolean, RefCallback<HTMLElement>] {
  const canTell = typeof IntersectionObserver !== 'undefined';
  const [inView, setInView] = useState(!canTell);
  const watch = useCallback(
    (element: HTMLElement | null) => {
      if (!canTell || !element) return;
      const observer = new IntersectionObserver((entries) => setInView(entries.at(-1)!.isIntersecting));
      observer.observe(element);
      return () => observer.disconnect();
    },
    [canTell],
  );
  return [inView, watch];
}
