export * from './ListScreen';
