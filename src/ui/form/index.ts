export * from './Choice';
export * from './FieldNote';
export * from './TextField';
export * from './SelectField';
