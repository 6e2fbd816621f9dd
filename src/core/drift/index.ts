export * from './driftRate';
export * from './ecDrift';
export * from './phDrift';
export { DAY_MS } from './constants';
