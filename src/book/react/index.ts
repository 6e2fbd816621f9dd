export * from './BookProvider';
export * from './hooks';
