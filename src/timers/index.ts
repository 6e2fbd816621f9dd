export * from './attention';
export * from './stillWatch';
