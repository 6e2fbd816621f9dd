export * from './NumberField';
export * from './focus';
