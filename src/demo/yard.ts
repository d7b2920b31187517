export { DEMO_JOBS } from './jobs';
export { DEMO_KIT } from './kit';
