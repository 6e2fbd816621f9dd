export * from './genericProducts';
export * from './trained';
