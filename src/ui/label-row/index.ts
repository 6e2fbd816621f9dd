export * from './LabelRow';
