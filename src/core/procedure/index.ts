export * from './benchEvents';
export * from './benchPlan';
export * from './checkOfSitting';
export * from './judgeDip';
export * from './nextBenchStep';
export * from './makePlan';
export * from './doubtDip';
export * from './dialOf';
