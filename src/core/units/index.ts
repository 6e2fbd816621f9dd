export * from './ecScale';
export * from './temperature';
export * from './volume';
export * from './time';
