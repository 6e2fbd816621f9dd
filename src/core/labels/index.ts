export * from './shortCode';
