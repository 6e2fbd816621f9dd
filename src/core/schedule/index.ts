export * from './checkDue';
