import type * as Checks from './checks';

/** The checks, once they are here. Fetched late; kept after that. */
export const checks = (): Promise<typeof Checks> => import('./checks');
