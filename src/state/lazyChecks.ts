import type * as Checks from './checks';

let here: typeof Checks | null = null;

/** The checks, once they are here. Fetched late; kept after that. */
export const loadChecks = async (): Promise<typeof Checks> => (here ??= await import('./checks'));

/** The checks where they are here already: from the start of the app on, nothing is stored without them. */
export const loadedChecks = (): typeof Checks | null => here;
