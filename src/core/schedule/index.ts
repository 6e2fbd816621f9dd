export * from './checkDue';
export * from './penWord';
