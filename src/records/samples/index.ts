export * from './bandsOf';
export * from './repeats';
export * from './sampleNames';
export * from './skipReasons';
export * from './readOrders';
export * from './spots';
