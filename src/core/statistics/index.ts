export * from './cholesky';
export * from './findRoot';
export * from './lineFit';
export * from './normalCdf';
export * from './robust';
export * from './rootSumSquare';
export * from './seededRandom';
export * from './theilSen';
