export * from './cropTargets';
