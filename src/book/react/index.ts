export * from './BookProvider';
export { useEarlierShare } from './earlierShare';
export * from './hooks';
export * from './useDraft';
export * from './lasting';
export * from './useAct';
export { questions } from './questions';
