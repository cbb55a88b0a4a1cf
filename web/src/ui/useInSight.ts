import { useEffect, useState, type RefObject } from 'react';

/** Whether an element can be seen now, or a little scrolling away. */
export function useInSight(ref: RefObject<HTMLElement | null>) {
  const [inSight, setInSight] = useState(false);
  useEffect(() => {
    const observer = new IntersectionObserver(
      (entries) => setInSight(entries.at(-1)?.isIntersecting ?? false),
      { rootMargin: '150px' },
    );
    if (ref.current) {
      observer.observe(ref.current);
    }
    return () => observer.disconnect();
  }, [ref]);
  return inSight;
}
