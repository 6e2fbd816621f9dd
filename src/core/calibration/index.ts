export * from './constants';
export * from './ecAnchor';
export * from './fitPhAnchor';
export * from './phAnchorParts';
export * from './phMap';
export * from './phPoint';
export * from './traits';
export * from './withinTolerance';
