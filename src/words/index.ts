export * from './budgetWords';
export * from './entryWords';
export * from './formats';
export * from './notchSentence';
export * from './parseDecimal';
export * from './penWords';
export * from './verdictWords';
export * from './when';
