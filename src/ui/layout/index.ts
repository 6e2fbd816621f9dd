export * from './Panel';
export * from './Screen';
export * from './Skeleton';
