export * from './assessEc';
export * from './assessPh';
export * from './judgeTank';
