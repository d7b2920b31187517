/** From the socket to the arc: supply, machine, cords, leads, duty. This is what screens, workers and command line see of it. */
export { dayWork } from './dayWork';
export { dutyPlan, type DutyPlan } from './dutyPlan';
