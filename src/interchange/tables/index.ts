export * from './isoMoment';
export * from './table';
export * from './writeCalendar';
export * from './writeCsv';
export * from './writePackage';
