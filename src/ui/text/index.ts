export * from './Say';
export * from './type';
