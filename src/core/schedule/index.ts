export * from './careDue';
export * from './checkDue';
export * from './penWord';
