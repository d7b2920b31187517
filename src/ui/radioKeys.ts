/** The part of a browser's key event that a group of radios needs. */
interface KeyPress {
  key: string;
  target: unknown;
  currentTarget: unknown;
  preventDefault(): void;
}

const STEP: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 };

/**
 * Keys of a group of radios on the web, where the platform gives Enter only: Space presses the one in focus, arrows walk through
 * them. Arrows do not pick: a pick changes the plan, and is to be meant.
 */
export function radioKeys(event: KeyPress): void {
  const radio = event.target as HTMLElement | null;
  if (radio?.getAttribute?.('role') !== 'radio') return;
  const step = STEP[event.key];
  if (event.key !== ' ' && step === undefined) return;
  event.preventDefault();
  if (step === undefined) return radio.click();
  const all = Array.from((event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('[role=radio]'));
  all[(all.indexOf(radio) + step + all.length) % all.length]?.focus();
}

/** Spread on a group of radios; the native platform knows no such property. */
export const RADIO_KEYS = { onKeyDown: radioKeys } as object;
