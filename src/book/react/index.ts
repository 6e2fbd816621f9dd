export * from './BookProvider';
export * from './hooks';
export * from './useDraft';
