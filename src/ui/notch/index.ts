export * from './Notch';
export type { NotchSize } from './notchGeometry';
