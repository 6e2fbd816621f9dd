export * from './cropTargets';
export * from './cropPlan';
