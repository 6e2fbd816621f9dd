export * from './assessEc';
export * from './assessPh';
