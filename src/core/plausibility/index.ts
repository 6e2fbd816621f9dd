export * from './checkEcEntry';
export * from './checkPhEntry';
export * from './checkTempEntry';
export * from './outsideUsual';
