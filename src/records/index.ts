export * from './heads';
export * from './ids';
export * from './kinds';
export * from './revision';
export * from './write';
