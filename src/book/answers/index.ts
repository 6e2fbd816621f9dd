export * from './dose';
export * from './ledger';
export * from './ledgerQuery';
export * from './names';
export * from './pens';
export * from './round';
export * from './shelf';
export * from './tanks';
