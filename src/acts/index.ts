export * from './act';
export * from './amendActs';
export * from './benchActs';
export * from './houseActs';
export * from './penActs';
export * from './pourActs';
export * from './shelfActs';
export * from './tankActs';
