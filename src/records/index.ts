export * from './eventTime';
export * from './erasing';
export * from './heads';
export * from './hybridClock';
export * from './ids';
export * from './kinds';
export * from './revision';
export * from './write';
