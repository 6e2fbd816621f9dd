export * from './isoMoment';
export * from './rejectsCsv';
export * from './table';
export * from './writeCalendar';
export * from './writeCsv';
export * from './writePackage';
