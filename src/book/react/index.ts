export { ActDoor, UNDO_MS, type ActNotice } from './actDoor';
export * from './BookProvider';
export * from './hooks';
export * from './useDraft';
export * from './lasting';
export * from './useAct';
export { questions, type Question } from './questions';
