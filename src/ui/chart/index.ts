export type { StripFlag } from './flagLayers';
export * from './Measured';
export * from './Strip';
export * from './TimeAxis';
export * from './timeWindow';
export * from './ZoomPan';
export type { BandStep, StripPoint, StripSpec } from './stripGeometry';
export { stripsSvg } from './stripsSvg';
export { thinPlaces } from './thinPoints';
