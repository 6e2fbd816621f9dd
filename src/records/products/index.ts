export * from './genericProducts';
