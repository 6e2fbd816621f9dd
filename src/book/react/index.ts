export * from './BookProvider';
export { useEarlierShare } from './earlierShare';
export * from './hooks';
export { meetNow, useHouseStatus } from './meetings';
export * from './useDraft';
export * from './lasting';
export * from './useAct';
export { questions } from './questions';
