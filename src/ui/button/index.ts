export * from './Button';
export * from './Press';
