export * from './Panel';
export * from './Panes';
export * from './Screen';
export * from './Skeleton';
