/** How long something that is to happen is waited for before it counts as not happening, ms: a busy machine is slow, not broken. */
export const PATIENCE_ms = 60_000;
