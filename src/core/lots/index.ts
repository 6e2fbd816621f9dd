export * from './calibrationsLeft';
export * from './constants';
export * from './lotState';
export * from './sameNominal';
export * from './shoppingList';
