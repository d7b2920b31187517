export { angular, bow, buckle, square, transverse } from '../pullLimits';
