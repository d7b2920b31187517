import { useEffect } from 'react';

/** Calls what stands under a key, unless somebody is typing or holds a modifier. */
export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  useEffect(() => {
    if (typeof window === 'undefined' || !window.addEventListener) return undefined;
    const listen = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      const typing =
        target !== null && (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable);
      if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
      const act = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [keys]);
}
