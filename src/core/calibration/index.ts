export * from './constants';
export * from './dip';
export * from './phMap';
export * from './quantity';
export * from './tolerance';
export * from './traits';
