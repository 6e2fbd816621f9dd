export * from './lookBack';
