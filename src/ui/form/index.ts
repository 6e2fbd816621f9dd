export * from './Choice';
export * from './FileField';
export * from './SelectField';
export * from './TextField';
export * from './FieldNote';
export * from './FieldRow';
export * from './MomentField';
