export * from './Overlay';
