export * from './Measured';
export * from './Strip';
export * from './TimeAxis';
export type { BandStep, StripPoint, StripSpec } from './stripGeometry';
