export * from './act';
export * from './done';
export * from './amendActs';
export * from './benchActs';
export * from './houseActs';
export * from './penActs';
export * from './pourActs';
export * from './shelfActs';
export * from './tankActs';
export * from './roundActs';
export * from './readings';
export * from './intakeActs';
// `pourings` is imported by its own path: it brings the chemistry along, which the first script does without.
