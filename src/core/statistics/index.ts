export * from './normalCdf';
export * from './robust';
export * from './rootSumSquare';
export * from './seededRandom';
