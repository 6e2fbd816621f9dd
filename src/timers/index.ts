export * from './attention';
export * from './stillWatch';
export * from './sampleSource';
