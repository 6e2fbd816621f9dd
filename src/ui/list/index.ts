export * from './DatedLine';
export * from './ListScreen';
