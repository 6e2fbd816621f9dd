export * from './isStill';
