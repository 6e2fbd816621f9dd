export * from './checkEcEntry';
export * from './checkPhEntry';
export * from './checkTempEntry';
export { SOLUTION_RANGE_C } from './constants';
