export * from './Notch';
export type { NotchReading, NotchSize } from './notchGeometry';
