export * from './NumberField';
