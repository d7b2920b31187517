import { router } from 'expo-router';

/** Opens a job at a stop. */
export const openJob = (id: string, stop: 'look' | 'sheet' = 'look') =>
  router.push({ pathname: '/job/[id]/[...at]', params: { id, at: [stop] } });
