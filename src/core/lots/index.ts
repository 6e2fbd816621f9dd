export * from './calibrationsLeft';
export * from './constants';
export * from './fitsNeed';
export * from './lotState';
export * from './sameNominal';
export * from './shoppingList';
