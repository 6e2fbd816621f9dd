export * from './Panel';
export * from './Panes';
export * from './PlaceFrame';
export * from './Screen';
export * from './Skeleton';
export { Gradually } from './Gradually';
export { HowFar } from './HowFar';
