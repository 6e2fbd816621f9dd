export * from './driftingPen';
