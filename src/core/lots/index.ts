export * from './constants';
export * from './lotState';
