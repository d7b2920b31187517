export * from './learn';
export * from './next';
export * from './picture';
export * from './words';
export { biasOf, countedTrials, lessonsOf, type Bias } from './stage';
