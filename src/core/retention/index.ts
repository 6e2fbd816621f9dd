export * from './retention';
