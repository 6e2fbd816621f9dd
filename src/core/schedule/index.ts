export * from './careDue';
export * from './checkDue';
export * from './houseDays';
export * from './penWord';
