export * from './constants';
export * from './nernstSlope';
export * from './withoutCompensation';
