/** What of the statistics package is used, so that the rest of it stays out of the bundles. */
export { default as errorFunction } from '../node_modules/simple-statistics/src/error_function.js';
export { default as median } from '../node_modules/simple-statistics/src/median.js';
export { default as medianAbsoluteDeviation } from '../node_modules/simple-statistics/src/median_absolute_deviation.js';
export { default as medianSorted } from '../node_modules/simple-statistics/src/median_sorted.js';
