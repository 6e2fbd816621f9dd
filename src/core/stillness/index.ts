export * from './fitApproach';
export * from './isStill';
export * from './judgeStillness';
