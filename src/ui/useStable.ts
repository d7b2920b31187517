import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * A function that is the same from render to render and always does what the newest one would: what is drawn with it need not be
 * drawn again only because a parent was.
 */
export function useStable<A extends unknown[]>(act: (...args: A) => void): (...args: A) => void {
  const newest = useRef(act);
  useLayoutEffect(() => {
    newest.current = act;
  });
  return useCallback((...args: A) => newest.current(...args), []);
}
