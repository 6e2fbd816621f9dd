export * from './budget';
export * from './constants';
export * from './rectangular';
export * from './roundWithU';
export * from './spread';
