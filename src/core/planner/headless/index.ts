/** The planner on the text of a job file. */
export { planJobFile, type HeadlessPlans } from './headless';
