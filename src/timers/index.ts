export * from './attention';
export * from './stillWatch';
export * from './sampleSource';
export * from './liveValue';
export type { LiveSample } from './sampleSchema';
